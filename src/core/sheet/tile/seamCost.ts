import {
  bend as bendPoint,
  bottom,
  intersection,
  inverse,
  mapBox,
  regionBox,
  right,
  type Affine,
  type Box,
} from '../../geometry';
import type { Piece } from '../../layout';
import type { Artwork } from '../../model';
import { spend } from '../../work';
import {
  detailAt,
  laneOf,
  liesAs,
  mapOf,
  meetsBent,
  meetsOf,
  type Axis,
  type Meets,
} from './looks';
import type { CutCosts } from './seams';

/** Places for seams lie this far apart, mm, on pieces up to `MOST_PLACES` of them. */
const STEP_MM = 1;
const MOST_PLACES = 1200;
/** What a seam through a part to be kept whole costs: more than all detail there can be. */
export const THROUGH_WHOLE = 1e6;
/** What cuts across a piece cost, when asked for: upright ones by how far from the left, level ones by how far down. */
export interface PieceCosts {
  readonly upright: () => CutCosts;
  readonly level: () => CutCosts;
}

/**
 * Looks along a line: one for each cell of a map of detail, so that a line square to the map meets
 * every cell once, but never fewer than this.
 */
const LEAST_LOOKS = 24;

/** Looks for a unit of work, and what taking one back through a bend costs. */
const LOOKS_A_UNIT = 200;
const BENT_LOOK = 0.3;

const { floor, min, max, ceil } = Math;

/** A picture on a piece, with the map that takes it back to its unit square. */
interface Lying {
  readonly art: Artwork;
  readonly toUnit: Affine;
  /** What of it is on the piece, mm. */
  readonly room: Box;
  /** Equal for motifs that lie alike. */
  readonly lies: string;
}

const wholeOf = ({ widthMm: width, heightMm: height }: Piece): Box => ({
  x: 0,
  y: 0,
  width,
  height,
});
const looksOf = (art: Artwork) => max(LEAST_LOOKS, mapOf(art).columns, mapOf(art).rows);

/**
 * How much detail a straight cut through a piece meets, as if summed along it (detail × mm), from
 * the maps of detail of its pictures; and where it would cross what must stay whole. Cuts of a
 * direction are looked along when they are first asked for: many pieces need none of the other.
 * @param wholes parts of the piece no cut may cross, piece mm.
 */
export function cutCostsOf(
  piece: Piece,
  arts: ReadonlyMap<string, Artwork>,
  wholes: readonly Box[],
): PieceCosts {
  const whole = wholeOf(piece);
  const placed = piece.arts.flatMap(({ artSha256, matrix, box }): Lying[] => {
    const art = arts.get(artSha256);
    if (!art) return [];
    const [toUnit, room] = [inverse(matrix), intersection(box, whole)];
    return [{ art, toUnit, room, lies: liesAs(art, toUnit, box, room) }];
  });
  const known: Partial<Record<Axis, CutCosts>> = {};
  const along = (axis: Axis) => (known[axis] ??= costsAlong(axis, piece, placed, wholes));
  return { upright: () => along('upright'), level: () => along('level') };
}

/** What cuts of one direction meet. */
function costsAlong(
  axis: Axis,
  piece: Piece,
  placed: readonly Lying[],
  wholes: readonly Box[],
): CutCosts {
  const { widthMm, heightMm } = piece;
  const stepMm = Math.max(STEP_MM, Math.max(widthMm, heightMm) / MOST_PLACES);
  const lines = Math.floor((axis === 'upright' ? widthMm : heightMm) / stepMm) + 1;
  const sums = new Float64Array(lines);
  const bent = meetsBent(
    piece,
    placed.map(({ art, toUnit }) => detailAt(art, toUnit)),
  );
  if (bent) {
    const looks = max(0, ...placed.map(({ art }) => looksOf(art)));
    spend(lines * looks * (BENT_LOOK + placed.length / 100), 'detail-at-seams');
    addAcross(sums, stepMm, {
      ...{ axis, room: wholeOf(piece), looks, meets: bent, lane: null, met: new Map() },
    });
  } else {
    const alike = new Map<string, Map<number, number>>();
    for (const { art, toUnit, room, lies } of placed) {
      spend((lines * looksOf(art)) / LOOKS_A_UNIT, 'detail-at-seams');
      const lane = laneOf(art, toUnit, axis);
      // without lanes a cut is known by its own place alone
      const met = (lane && alike.get(lies)) ?? new Map<number, number>();
      if (lane) alike.set(lies, met);
      const meets = meetsOf(art, toUnit);
      addAcross(sums, stepMm, { axis, room, looks: looksOf(art), meets, lane, met });
    }
  }
  for (const kept of wholes) {
    if (axis === 'upright') forbid(sums, stepMm, kept.x, right(kept));
    else forbid(sums, stepMm, kept.y, bottom(kept));
  }
  return { stepMm, costs: [...sums] };
}

/** A picture as cuts of one direction meet it. */
interface Across {
  readonly axis: Axis;
  /** Where it lies, mm. */
  readonly room: Box;
  /** Looks along each cut. */
  readonly looks: number;
  readonly meets: Meets;
  /** Cuts in one lane meet the same; null where each has to be looked along. */
  readonly lane: ((place: number) => number) | null;
  /** What cuts in each lane met so far. */
  readonly met: Map<number, number>;
}

/** Adds what cuts through a picture meet, one at each step across it. */
function addAcross(
  sums: Float64Array,
  stepMm: number,
  { axis, room, looks, meets, lane, met }: Across,
): void {
  const upright = axis === 'upright';
  const [from, to] = upright ? [room.x, right(room)] : [room.y, bottom(room)];
  const [start, length] = upright ? [room.y, room.height] : [room.x, room.width];
  const count = max(1, min(looks, floor(length / stepMm)));
  const share = length / count;
  const first = start + share / 2;
  const last = min(sums.length - 1, floor(to / stepMm));
  for (let i = ceil(from / stepMm); i <= last; i++) {
    const place = i * stepMm;
    const here = lane ? lane(place) : i;
    const sum =
      met.get(here) ??
      meets(
        upright
          ? { x: place, y: first, dx: 0, dy: share, count }
          : { x: first, y: place, dx: share, dy: 0, count },
      );
    met.set(here, sum);
    sums[i] = (sums[i] ?? 0) + sum * share;
  }
}

/** Makes cuts strictly between two places dearer than all detail. */
function forbid(sums: Float64Array, stepMm: number, from: number, to: number): void {
  for (let i = 0; i < sums.length; i++)
    if (i * stepMm > from && i * stepMm < to) sums[i] = (sums[i] ?? 0) + THROUGH_WHOLE;
}

/** Parts of a face to be kept whole, as boxes of the piece that shows them. */
export function wholesOn(
  piece: Piece,
  keepWhole: readonly {
    faceId: string;
    xMm: number;
    yMm: number;
    widthMm: number;
    heightMm: number;
  }[],
): Box[] {
  return keepWhole.flatMap(({ faceId, xMm, yMm, widthMm, heightMm }) =>
    piece.slots
      .filter((slot) => slot.faceId === faceId)
      .map(({ toStrip }) =>
        onPaper(piece, mapBox(toStrip, { x: xMm, y: yMm, width: widthMm, height: heightMm })),
      ),
  );
}

/** A box of the strip as it lies on the paper: bent, the box round it. */
function onPaper(piece: Piece, box: Box): Box {
  const { bend, strip } = piece;
  if (!bend) return box;
  const { sector, centre } = bend;
  const xs = [box.x, box.x + box.width / 2, right(box)];
  const ring = [box.y, bottom(box)].flatMap((y) =>
    xs.map((x) => bendPoint({ x, y }, strip, sector, centre)),
  );
  return regionBox([ring]);
}
