import {
  area,
  bottom,
  boxAround,
  centreOf,
  contains,
  intersection,
  inverse,
  mapRegion,
  rectRing,
  regionBox,
  right,
  type Box,
  type Point,
} from '../geometry';
import type { Zone } from '../blank';
import { datumPoint } from '../layout';
import { isCloth, isCup, type Job, type Placement } from '../model';
import { detailShareIn, inBox, type Placed } from './placed';

/** Less than this share of its detail in a bad place is a hair's breadth, not a loss; more of it is serious. */
export const NOTE_SHARE = 0.001;
export const WARN_SHARE = 0.05;
/** Nearer than this two edges are the same one, mm. */
const HAIR_MM = 0.02;
/** How far off a seam detail still suffers, mm (own choice). */
const SEAM_HALF_MM = 3;

/** Edges of the face that art reaches without filling the bleed beyond them. */
export function shortEdges({ placed: { box }, slot, face }: Placed): string[] {
  const on = slot.face;
  const ink = regionBox(slot.ink);
  const short = (reaches: boolean, fills: boolean) => reaches && !fills;
  const name = (edge: string) => edge.replace(' edge', '');
  return [
    short(box.x <= on.x, box.x <= ink.x + HAIR_MM) && name(face.edges.left),
    short(right(box) >= right(on), right(box) >= right(ink) - HAIR_MM) && name(face.edges.right),
    short(box.y <= on.y, box.y <= ink.y + HAIR_MM) && name(face.edges.top),
    short(bottom(box) >= bottom(on), bottom(box) >= bottom(ink) - HAIR_MM) &&
      name(face.edges.bottom),
  ].filter((edge): edge is string => edge !== false);
}

/** Share of its detail that the edge of the piece cuts off. */
export const lostShare = (one: Placed): number =>
  area(intersection(one.placed.box, regionBox(one.slot.ink))) === 0
    ? 1
    : 1 - detailShareIn(one, mapRegion(inverse(one.slot.toStrip), one.slot.ink));

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

/** Zones where what lies there is lost: cut out, or over a pocket's edge. */
export const isLost = ({ kind, id }: Zone): boolean => kind === 'hole' || id === 'pocket';

/** Things on which the cut edge of paper prints as a line. */
export const isHard = ({ blank }: Pick<Job, 'blank'>): boolean =>
  !isCup(blank.form) && !isCloth(blank.substrate);

/** What a picture suffers where it lies, in one word each. */
function harms(one: Placed, job: Job): string[] {
  const { art, face, placement } = one;
  const found = [
    face.paper === 'face' && shortEdges(one).length > 0 && 'short',
    placement.sizing.mode !== 'cover' && lostShare(one) > NOTE_SHARE && 'cut',
    art.text && !contains(safeOnStrip(one), one.placed.box) && 'edge',
    job.wrap.parts === 'halves' && seamShare(one) > WARN_SHARE && 'seam',
    isHard(job) && job.cut.line === 'contour' && !contains(one.placed.box, one.slot.face) && 'bare',
    face.zones.some((zone) => isLost(zone) && detailShareIn(one, zone.region) > WARN_SHARE) &&
      'zone',
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

/** Whether a picture in another box suffers from nothing that it does not suffer from already. */
export function noWorseIn(one: Placed, box: Box, job: Job): boolean {
  const now = harms(one, job);
  // a picture that covered is judged like any other from here on
  const exact = { ...one, placement: { ...one.placement, ...placedIn(one, box) } };
  return harms(inBox(exact, box), job).every((word) => now.includes(word));
}

/** How small a picture may be made to fit, as a share of itself; below it is moved to the middle too. */
const LEAST_SHARE = 0.3;
const TRIES = 20;

/**
 * A placement made just so small, where it is, that it suits and suffers from nothing new; moved to
 * the middle of the safe area only where its own place leaves too little.
 * @param suits whether it would do with its picture in such a box of the piece's strip.
 * @returns null where no size would do, or the face lies turned on its strip.
 */
export function shrunkToFit(
  one: Placed,
  job: Job,
  suits: (box: Box) => boolean,
): Partial<Placement> | null {
  const { placed, slot, placement } = one;
  if (slot.toStrip[0] < 0 || placement.repeat) return null;
  const { width, height } = placed.box;
  /** A share of its size that does at a place, as large as found. */
  const shareAt = (centre: Point): number => {
    const at = (share: number) => boxAround(centre, width * share, height * share);
    let [low, high] = [0, 1];
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
  return placedIn(one, boxAround(there > here ? middle : own, width * share, height * share));
}
