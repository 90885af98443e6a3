import type { BlankForm } from '../form';
import {
  pictureOn,
  type Artwork,
  type Item,
  type ItemSize,
  type Job,
  type Placement,
} from '../model';
import { isCutOut } from './ground';
import { placedProportion } from './place';

/** How much larger the art is made for a size: as much as the garment is wider. */
export const sizeScale = ({ widthMm }: ItemSize, baseWidthMm: number): number =>
  widthMm / baseWidthMm;

const scaled = (placement: Placement, by: number): Placement => ({
  ...placement,
  sizing:
    placement.sizing.mode === 'exact'
      ? {
          ...placement.sizing,
          widthMm: placement.sizing.widthMm * by,
          heightMm: placement.sizing.heightMm * by,
        }
      : placement.sizing,
  at: { ...placement.at, dxMm: placement.at.dxMm * by, dyMm: placement.at.dyMm * by },
  repeat: placement.repeat && {
    ...placement.repeat,
    stepXMm: Math.max(1, placement.repeat.stepXMm * by),
    stepYMm: Math.max(1, placement.repeat.stepYMm * by),
  },
});

/**
 * The size of another picture in a place whose size was typed for the design's own: lettering keeps its true height
 * beside the design's, a picture lies whole within the same box.
 */
function sizingFor(
  { sizing, turns }: Placement,
  design: Artwork,
  own: Artwork,
): Placement['sizing'] {
  if (sizing.mode !== 'exact' || own.sha256 === design.sha256) return sizing;
  const ratio = placedProportion(own, turns);
  if (design.text && design.realMm && own.realMm) {
    const side = turns % 2 === 0 ? 'widthMm' : 'heightMm';
    const widthMm = own.realMm[side] * (sizing.widthMm / design.realMm[side]);
    return { ...sizing, widthMm, heightMm: widthMm / ratio };
  }
  const widthMm = Math.min(sizing.widthMm, sizing.heightMm * ratio);
  return { ...sizing, widthMm, heightMm: widthMm / ratio };
}

/**
 * The size of a place whose picture on an item was given a size: the smallest in which that one is so large, in the
 * proportions of the design's own picture.
 */
export function sizingBack(
  { sizing, turns }: Placement,
  design: Artwork,
  own: Artwork,
): Placement['sizing'] {
  if (sizing.mode !== 'exact' || !sizing.locked) return sizing;
  const ratio = placedProportion(design, turns);
  if (design.text && design.realMm && own.realMm) {
    const side = turns % 2 === 0 ? 'widthMm' : 'heightMm';
    const widthMm = design.realMm[side] * (sizing.widthMm / own.realMm[side]);
    return { ...sizing, widthMm, heightMm: widthMm / ratio };
  }
  const widthMm = Math.max(sizing.widthMm, sizing.heightMm * ratio);
  return { ...sizing, widthMm, heightMm: widthMm / ratio };
}

/**
 * The job with an item's own pictures in their places and its own colour of the blank: how the design
 * looks on it. The size of the blank is the job's.
 */
export function designOn(job: Job, item: Item): Job {
  const artOf = (sha256: string) => job.arts.find((art) => art.sha256 === sha256);
  const placements = job.placements.map((placement) => {
    const sha256 = pictureOn(item, placement);
    const [design, own] = [artOf(placement.artSha256), artOf(sha256)];
    if (!own || !design || own === design) return placement;
    return { ...placement, artSha256: sha256, sizing: sizingFor(placement, design, own) };
  });
  const changed = placements.some((placement, i) => placement !== job.placements[i]);
  const blank = item.colour
    ? { ...job.blank, substrate: { ...job.blank.substrate, ...item.colour } }
    : job.blank;
  const cut: Job['cut'] =
    item.ground && isCutOut(job) ? { ...job.cut, line: 'ground', apart: false } : job.cut;
  return { ...job, blank, cut, placements: changed ? placements : job.placements };
}

/** A form in a size, and how much larger everything on it is. */
interface Grown {
  readonly form: BlankForm;
  readonly by: number;
}

/** Forms in their sizes: every row of a batch and every plan asks for the same, and so for the same faces. */
const inSizes = new WeakMap<BlankForm, WeakMap<ItemSize, Grown>>();

/** A form as an item is made of it; null where it has no size of its own. */
function grownFor(form: BlankForm, { size }: Item): Grown | null {
  if (form.kind !== 'garment' || !size) return null;
  const sizes = inSizes.get(form) ?? new WeakMap<ItemSize, Grown>();
  inSizes.set(form, sizes);
  const known = sizes.get(size);
  if (known) return known;
  const by = sizeScale(size, form.widthMm);
  const grown = {
    by,
    form: {
      ...form,
      size: size.name,
      widthMm: size.widthMm,
      lengthMm: form.lengthMm * by,
      collarWidthMm: form.collarWidthMm * by,
      collarDropMm: form.collarDropMm * by,
    },
  };
  sizes.set(size, grown);
  return grown;
}

/** The form of a blank as an item is made of it. */
export const formFor = (form: BlankForm, item: Item): BlankForm =>
  grownFor(form, item)?.form ?? form;

/** The job as an item is made: as it looks, on a blank of its size, with everything on it grown to it. */
export function madeFor(job: Job, item: Item): Job {
  const seen = designOn(job, item);
  const grown = grownFor(seen.blank.form, item);
  if (!grown) return seen;
  return {
    ...seen,
    blank: { ...seen.blank, form: grown.form },
    placements: seen.placements.map((placement) => scaled(placement, grown.by)),
  };
}
