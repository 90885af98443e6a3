import {
  bend as bendPoint,
  bottom,
  intersection,
  inverse,
  mapBox,
  regionBox,
  right,
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
/** What cuts across a piece cost: upright ones by how far from the left, level ones by how far down. */
export interface PieceCosts {
  readonly upright: CutCosts;
  readonly level: CutCosts;
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

/**
 * How much detail a straight cut through a piece meets, as if summed along it (detail × mm), from
 * the maps of detail of its pictures; and where it would cross what must stay whole.
 * @param wholes parts of the piece no cut may cross, piece mm.
 */
export function cutCostsOf(
  piece: Piece,
  arts: ReadonlyMap<string, Artwork>,
  wholes: readonly Box[],
): PieceCosts {
  const { widthMm, heightMm } = piece;
  const stepMm = Math.max(STEP_MM, Math.max(widthMm, heightMm) / MOST_PLACES);
  const columns = Math.floor(widthMm / stepMm) + 1;
  const rows = Math.floor(heightMm / stepMm) + 1;
  const whole = { x: 0, y: 0, width: widthMm, height: heightMm };
  const upright = new Float64Array(columns);
  const level = new Float64Array(rows);
  const placed = piece.arts.flatMap(({ artSha256, matrix, box }) => {
    const art = arts.get(artSha256);
    return art ? [{ art, toUnit: inverse(matrix), box }] : [];
  });
  const looksOf = (art: Artwork) => max(LEAST_LOOKS, mapOf(art).columns, mapOf(art).rows);
  const look = (room: Box, looks: number, meets: Meets, lanes: Lanes) => {
    addAcross(upright, stepMm, { axis: 'upright', room, looks, meets, ...lanes('upright') });
    addAcross(level, stepMm, { axis: 'level', room, looks, meets, ...lanes('level') });
  };
  const lines = columns + rows;
  const bent = meetsBent(
    piece,
    placed.map(({ art, toUnit }) => detailAt(art, toUnit)),
  );
  if (bent) {
    const looks = max(0, ...placed.map(({ art }) => looksOf(art)));
    spend(lines * looks * (BENT_LOOK + placed.length / 100), 'detail-at-seams');
    look(whole, looks, bent, () => ({ lane: null, met: new Map() }));
  } else {
    const alike = new Map<string, Map<number, number>>();
    for (const { art, toUnit, box } of placed) {
      spend((lines * looksOf(art)) / LOOKS_A_UNIT, 'detail-at-seams');
      const room = intersection(box, whole);
      const lies = liesAs(art, toUnit, box, room);
      const lanes: Lanes = (axis) => {
        const lane = laneOf(art, toUnit, axis);
        // without lanes a cut is known by its own place alone
        if (!lane) return { lane, met: new Map<number, number>() };
        const met = alike.get(axis + lies) ?? new Map<number, number>();
        alike.set(axis + lies, met);
        return { lane, met };
      };
      look(room, looksOf(art), meetsOf(art, toUnit), lanes);
    }
  }
  for (const kept of wholes) {
    forbid(upright, stepMm, kept.x, right(kept));
    forbid(level, stepMm, kept.y, bottom(kept));
  }
  return { upright: { stepMm, costs: [...upright] }, level: { stepMm, costs: [...level] } };
}

/** Which lane a cut at a place is in, by the cut's direction, and what was met there. */
type Lanes = (axis: Axis) => Pick<Across, 'lane' | 'met'>;

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
