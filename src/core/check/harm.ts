import {
  area,
  bottom,
  boxAround,
  centreOf,
  contains,
  intersection,
  inverse,
  mapBox,
  mapRegion,
  rectRing,
  regionArea,
  regionBox,
  right,
  subtract,
  type Box,
  type Point,
  type Region,
} from '../geometry';
import { isCup, type EdgeName } from '../form';
import { contourOf, datumPoint, inkRegion } from '../layout';
import type { Job, Placement } from '../model';
import { isCloth } from '../traits';
import { fix, type Fix } from './fixes';
import { detailShareIn, inBox, type Placed } from './placed';

/** Less than this share of its detail in a bad place is a hair's breadth, not a loss; more of it is serious. */
export const NOTE_SHARE = 0.001;
/** More of its detail than this in a bad place is serious. */
export const WARN_SHARE = 0.05;
/** Nearer than this two edges are the same one, mm. */
const HAIR_MM = 0.02;
/** How far off a seam detail still suffers, mm (own choice). */
const SEAM_HALF_MM = 3;

/** Edges of the face that art reaches without filling the bleed beyond them. */
export function shortEdges(one: Placed, job: Job): EdgeName[] {
  const { placed, slot, face } = one;
  const on = slot.face;
  const box = placed.box;
  const ink = mapBox(slot.toStrip, regionBox(inkRegion(face, job)));
  const short = (reaches: boolean, fills: boolean) => reaches && !fills;
  return [
    short(box.x <= on.x, box.x <= ink.x + HAIR_MM) && face.edges.left,
    short(right(box) >= right(on), right(box) >= right(ink) - HAIR_MM) && face.edges.right,
    short(box.y <= on.y, box.y <= ink.y + HAIR_MM) && face.edges.top,
    short(bottom(box) >= bottom(on), bottom(box) >= bottom(ink) - HAIR_MM) && face.edges.bottom,
  ].filter((edge): edge is EdgeName => edge !== false);
}

/** Share of its detail beyond where ink may go on its face. */
export const lostShare = (one: Placed, job: Job): number =>
  1 - detailShareIn(one, inkRegion(one.face, job));

/** What of its detail lies where dye takes badly or is lost, worst kind of place first; null where none does. */
export function zoneTrouble(one: Placed) {
  const onFace = mapBox(inverse(one.slot.toStrip), one.placed.box);
  const meets = (region: Region) => area(intersection(onFace, regionBox(region))) > 0;
  const hits = one.face.zones
    .filter(({ kind, region }) => kind !== 'roll' && meets(region))
    .map((zone) => ({ zone, share: detailShareIn(one, zone.region) }))
    .filter(({ share }) => share > NOTE_SHARE)
    .sort((a, b) => b.share - a.share);
  const [worst] = hits;
  if (!worst) return null;
  const alike = hits.filter(({ zone }) => zone.kind === worst.zone.kind);
  const share = alike.reduce((sum, hit) => sum + hit.share, 0);
  // cut out, or over a pocket's edge: what lies there is lost
  const lost = worst.zone.kind === 'hole' || worst.zone.id === 'pocket';
  return { worst: worst.zone, alike, share, serious: lost && share > WARN_SHARE };
}

/** Share of its detail that lies where two halves of a wrap meet, opposite the handle. */
export function seamShare(one: Placed): number {
  // at least as wide as a cell of the map of detail
  const half = Math.max(SEAM_HALF_MM, one.placed.box.width / 40);
  const x = one.face.widthMm / 2 - half;
  return detailShareIn(one, [rectRing({ x, y: 0, width: 2 * half, height: one.face.heightMm })]);
}

/** The safe area of its face as it lies on the strip. */
export const safeOnStrip = ({ face, slot }: Placed): Box => ({
  ...face.safe,
  x: face.safe.x + slot.face.x,
  y: face.safe.y + slot.face.y,
});

/** Things on which the cut edge of paper prints as a line. */
export const isHard = ({ blank }: Pick<Job, 'blank'>): boolean =>
  !isCup(blank.form) && !isCloth(blank.substrate);

/** What a picture suffers where it lies, in one word each. */
function harms(one: Placed, job: Job): string[] {
  const { art, face, placement } = one;
  const found = [
    face.paper === 'face' && shortEdges(one, job).length > 0 && 'short',
    placement.sizing.mode !== 'cover' && lostShare(one, job) > NOTE_SHARE && 'cut',
    art.text && !contains(safeOnStrip(one), one.placed.box) && 'edge',
    job.wrap.parts === 'halves' && seamShare(one) > WARN_SHARE && 'seam',
    zoneTrouble(one)?.serious && 'zone',
  ];
  return found.filter((word): word is string => typeof word === 'string');
}

/** A placement with its picture in a box of the piece's strip, said from its own datum point. */
export function placedIn(one: Placed, box: Box): Pick<Placement, 'sizing' | 'at'> {
  const { face, slot, placement } = one;
  const centre = centreOf(box);
  const datum = datumPoint(face, placement.at.datum);
  return {
    sizing: {
      mode: 'exact',
      widthMm: box.width,
      heightMm: box.height,
      locked: placement.sizing.mode !== 'exact' || placement.sizing.locked,
    },
    at: {
      ...placement.at,
      dxMm: centre.x - slot.face.x - datum.x,
      dyMm: centre.y - slot.face.y - datum.y,
    },
  };
}

/** Less bare face than this beside paper cut along its art shows no line, mm². */
export const BARE_MM2 = 1;

/** Whether paper cut along its art covers all of a hard face that it covers now: its edge prints. */
function coversAsMuch(now: Placed, then: Placed, job: Job): boolean {
  if (!isHard(job) || job.cut.line !== 'contour') return true;
  const paper = ({ art, placed }: Placed) => contourOf(art, placed.matrix, job.cut);
  const face = mapRegion(now.slot.toStrip, now.face.region.slice(0, 1));
  // what of the face neither covers is bare both ways
  const bare = (one: Placed) => subtract(face, paper(one));
  return regionArea(subtract(bare(then), bare(now))) <= BARE_MM2;
}

/** Whether a picture in another box suffers from nothing that it does not suffer from already. */
export function noWorseIn(one: Placed, box: Box, job: Job): boolean {
  const now = harms(one, job);
  // a picture that covered is judged like any other from here on
  const exact = { ...one, placement: { ...one.placement, ...placedIn(one, box) } };
  const then = inBox(exact, box);
  return harms(then, job).every((word) => now.includes(word)) && coversAsMuch(one, then, job);
}

/** How small a picture may be made to fit, as a share of itself; below it is moved to the middle too. */
const LEAST_SHARE = 0.3;
const TRIES = 20;

/**
 * The way out that makes a placement just so small, where it is, that it suits and suffers from nothing new; moved to
 * the middle of the safe area only where its own place leaves too little.
 * @param suits whether it would do with its picture in such a box of the piece's strip.
 * @returns null where no size would do, or the face lies turned on its strip.
 */
export function shrunkToFit(
  one: Placed,
  job: Job,
  suits: (box: Box) => boolean,
): Fix<'make-fit'> | null {
  const { placed, slot, placement, own: ofDesign } = one;
  // a place has the size of the design's picture: one of an item alone follows it
  if (!ofDesign || slot.toStrip[0] < 0 || placement.repeat) return null;
  const { width, height } = placed.box;
  /** A share of its size that does at a place, as large as found. */
  const shareAt = (centre: Point): number => {
    const at = (share: number) => boxAround(centre, width * share, height * share);
    let low = 0;
    let high = 1;
    for (let i = 0; i < TRIES; i++) {
      const middle = (low + high) / 2;
      if (suits(at(middle)) && noWorseIn(one, at(middle), job)) low = middle;
      else high = middle;
    }
    return low;
  };
  const own = centreOf(placed.box);
  const middle = centreOf(safeOnStrip(one));
  const here = shareAt(own);
  const there = here < LEAST_SHARE ? shareAt(middle) : 0;
  const share = Math.max(here, there);
  if (share * Math.min(width, height) < 1) return null;
  const box = boxAround(there > here ? middle : own, width * share, height * share);
  return fix('make-fit', { placementId: placement.id, ...placedIn(one, box) });
}
