import type { Size } from './vocabulary';
import { luminance } from '../colour';
import { contains, outset } from '../geometry';
import type { Artwork } from '../model';
import { at, finder, type RuleOf } from './finding';
import { fix } from './fixes';
import { perArt } from './placed';

/** Does the surface take this picture? */
export const FINISH_KINDS = {
  /** Pale or fine dye on glitter; letters finer than this. */
  'on-glitter': at<{ art: string; pale: boolean; fine: boolean; leastMm: number }>('art'),
  'on-clear': at('blank'),
  /** A print that does not reach so far beyond a bundle. */
  'bundle-short': at<Size & { beyondMm: number }>('art'),
};
const found = finder(FINISH_KINDS);
type FinishRule = RuleOf<typeof FINISH_KINDS>;

/** A picture at least this light is pale, 0–1; letters lower than this are fine, mm (both from memory). */
const PALE_FROM = 0.45;
const FINE_BELOW_MM = 10;
/** How far a print reaches beyond a bundle at least, mm (own choice: a finger's breadth). */
const BUNDLE_BEYOND_MM = 20;
const HAIR_MM = 0.5;

/** How light a picture is as a whole: its main colours by the share they cover. */
function lightnessOf({ facts }: Artwork): number {
  const palette = facts?.palette ?? [];
  const all = palette.reduce((sum, { share }) => sum + share, 0);
  return all === 0
    ? 0
    : palette.reduce((sum, { colour, share }) => sum + luminance(colour) * share, 0) / all;
}

/** Fine or pale dye on glitter cannot be read: the glitter shows through it. */
const onGlitter = perArt(({ art, of }, { job, transfer }) => {
  if (job.blank.substrate.finish !== 'glitter' || !transfer.transparent) return null;
  const pale = lightnessOf(art) >= PALE_FROM;
  const fine = art.text !== null && art.text.capHeightMm < FINE_BELOW_MM;
  if (!pale && !fine) return null;
  return found('on-glitter', 'warn', { art: art.name, pale, fine, leastMm: FINE_BELOW_MM }, { of });
});

/** Dye on something clear: nothing white lies behind it. */
const onClear: FinishRule = ({ job, transfer }) =>
  job.blank.substrate.finish === 'clear' && transfer.transparent
    ? [found('on-clear', 'warn', {})]
    : [];

/** On a swirled or folded garment the print has to be larger than the bundle. */
const bundleShort: FinishRule = ({ job, faces, pieces }) => {
  const { form } = job.blank;
  const [face] = faces;
  if (form.kind !== 'garment' || !form.bundle || !face) return [];
  const [piece] = pieces;
  const [slot] = piece?.slots ?? [];
  if (!piece || !slot) return [];
  const reach = { x: 0, y: 0, width: piece.widthMm, height: piece.heightMm };
  if (contains(reach, outset(slot.face, BUNDLE_BEYOND_MM - HAIR_MM))) return [];
  return [
    found(
      'bundle-short',
      'warn',
      { ...form.bundle, beyondMm: BUNDLE_BEYOND_MM },
      { fixes: [fix('cover-bundle', { beyondMm: BUNDLE_BEYOND_MM })] },
    ),
  ];
};

/** What does the surface, or the bundle, do to the picture? */
export const FINISH_RULES: readonly FinishRule[] = [onGlitter, onClear, bundleShort];
