import {
  bend as bendPoint,
  bottom,
  intersection,
  inverse,
  mapBox,
  regionBox,
  right,
  unbend,
  type Affine,
  type Box,
} from '../../geometry';
import type { Piece } from '../../layout';
import type { Artwork } from '../../model';
import type { CutCosts } from './seams';

/** Places for seams lie this far apart, mm, on pieces up to `MOST_PLACES` of them. */
const STEP_MM = 1;
const MOST_PLACES = 1200;
/** What a seam through a part to be kept whole costs: more than all detail there can be. */
export const THROUGH_WHOLE = 1e6;
/** Detail where none was measured: the same everywhere. */
const UNMEASURED = { columns: 1, rows: 1, cells: [128] };

/** What cuts across a piece cost: upright ones by how far from the left, level ones by how far down. */
export interface PieceCosts {
  readonly upright: CutCosts;
  readonly level: CutCosts;
}

/** Looks along a line are this many a picture at most: its map of detail is coarser. */
const LOOKS = 96;

const { abs, floor, min, max, ceil } = Math;
/** A map from mm to the unit square with less of the other axis than this is square to it. */
const SQUARE = 1e-9;

/** How much detail a place of a picture shows, 0–1; none beside it. */
function detailOf(art: Artwork, toUnit: Affine): (x: number, y: number) => number {
  const [a, b, c, d, e, f] = toUnit;
  const { columns, rows, cells } = art.facts?.detail ?? UNMEASURED;
  return (x, y) => {
    const u = a * x + c * y + e;
    const v = b * x + d * y + f;
    if (u < 0 || u >= 1 || v < 0 || v >= 1) return 0;
    return (cells[floor(v * rows) * columns + floor(u * columns)] ?? 0) / 255;
  };
}

/**
 * Which column or row of a picture's map of detail a line at a place runs along, so that a line is
 * looked along once for each; null for a picture that is not square to the piece.
 */
function laneOf(
  art: Artwork,
  [a, b, c, d, e, f]: Affine,
  axis: 'upright' | 'level',
): ((place: number) => number) | null {
  const { columns, rows } = art.facts?.detail ?? UNMEASURED;
  const [straight, turned] = [max(abs(b), abs(c)) < SQUARE, max(abs(a), abs(d)) < SQUARE];
  if (!straight && !turned) return null;
  // an upright line has one u where the picture lies straight, one v where it lies turned
  const alongU = (axis === 'upright') === straight;
  const [scale, offset, cells] = alongU
    ? [axis === 'upright' ? a : c, e, columns]
    : [axis === 'upright' ? b : d, f, rows];
  return (place) => floor((scale * place + offset) * cells);
}

/** The box a picture takes on the piece as it lies on paper. */
const roomOf = (piece: Piece, box: Box): Box =>
  piece.bend ? { x: 0, y: 0, width: piece.widthMm, height: piece.heightMm } : box;

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
  const { widthMm, heightMm, bend, strip } = piece;
  const stepMm = Math.max(STEP_MM, Math.max(widthMm, heightMm) / MOST_PLACES);
  const columns = Math.floor(widthMm / stepMm) + 1;
  const rows = Math.floor(heightMm / stepMm) + 1;
  const whole = { x: 0, y: 0, width: widthMm, height: heightMm };
  const upright = new Float64Array(columns);
  const level = new Float64Array(rows);
  for (const placed of piece.arts) {
    const art = arts.get(placed.artSha256);
    if (!art) continue;
    const toUnit = inverse(placed.matrix);
    const detail = detailOf(art, toUnit);
    const lane = (axis: 'upright' | 'level') => (bend ? null : laneOf(art, toUnit, axis));
    const at = (x: number, y: number): number => {
      if (!bend) return detail(x, y);
      const onStrip = unbend({ x, y }, strip, bend.sector, bend.centre);
      return detail(onStrip.x, onStrip.y);
    };
    const room = intersection(roomOf(piece, placed.box), whole);
    addAlong(upright, stepMm, [room.x, right(room)], [room.y, bottom(room)], at, lane('upright'));
    const turnedAt = (y: number, x: number) => at(x, y);
    const [down, across]: [Span, Span] = [
      [room.y, bottom(room)],
      [room.x, right(room)],
    ];
    addAlong(level, stepMm, down, across, turnedAt, lane('level'));
  }
  for (const kept of wholes) {
    forbid(upright, stepMm, kept.x, right(kept));
    forbid(level, stepMm, kept.y, bottom(kept));
  }
  return { upright: { stepMm, costs: [...upright] }, level: { stepMm, costs: [...level] } };
}

type Span = readonly [from: number, to: number];

/** Adds what lines across `span` meet, one at each step of it, looking along each in turn. */
function addAlong(
  sums: Float64Array,
  stepMm: number,
  span: Span,
  along: Span,
  at: (place: number, alongIt: number) => number,
  lane: ((place: number) => number) | null,
): void {
  const apart = max(stepMm, (along[1] - along[0]) / LOOKS);
  const looks = max(1, floor((along[1] - along[0]) / apart));
  const share = (along[1] - along[0]) / looks;
  const last = min(sums.length - 1, floor(span[1] / stepMm));
  let [known, sum] = [Number.NaN, 0];
  for (let i = ceil(span[0] / stepMm); i <= last; i++) {
    const here = lane ? lane(i * stepMm) : Number.NaN;
    if (here !== known) {
      sum = 0;
      for (let k = 0; k < looks; k++) sum += at(i * stepMm, along[0] + (k + 0.5) * share);
      known = here;
    }
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
