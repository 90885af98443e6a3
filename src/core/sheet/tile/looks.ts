import { unbend, type Affine, type Box } from '../../geometry';
import type { Piece } from '../../layout';
import type { Artwork } from '../../model';

const { abs, floor, max } = Math;
/** A map from mm to the unit square with less of the other axis than this is square to it. */
const SQUARE = 1e-9;

/** Detail where none was measured: the same everywhere. */
const UNMEASURED = { columns: 1, rows: 1, cells: [128] };

/** Which way a cut goes. */
export type Axis = 'upright' | 'level';

/** Looks along a line on a piece: the first, and the way from each to the next, mm. */
interface Looks {
  readonly x: number;
  readonly y: number;
  readonly dx: number;
  readonly dy: number;
  readonly count: number;
}

/** How much detail all looks along a line meet in a picture, each 0–1; none beside it. */
export type Meets = (looks: Looks) => number;

/** A picture's map of detail. */
export const mapOf = (art: Artwork) => art.facts?.detail ?? UNMEASURED;

/** Detail of a picture at a place on the piece, 0–255; none beside it. */
export function detailAt(
  art: Artwork,
  [a, b, c, d, e, f]: Affine,
): (x: number, y: number) => number {
  const { columns, rows, cells } = mapOf(art);
  return (x, y) => {
    const u = (a * x + c * y + e) * columns;
    const v = (b * x + d * y + f) * rows;
    return u >= 0 && u < columns && v >= 0 && v < rows
      ? (cells[floor(v) * columns + floor(u)] ?? 0)
      : 0;
  };
}

/** What looks meet in a picture that lies flat on the piece. */
export function meetsOf(art: Artwork, [a, b, c, d, e, f]: Affine): Meets {
  const { columns, rows, cells } = mapOf(art);
  return ({ x, y, dx, dy, count }) => {
    const u = (a * x + c * y + e) * columns;
    const v = (b * x + d * y + f) * rows;
    const du = (a * dx + c * dy) * columns;
    const dv = (b * dx + d * dy) * rows;
    let sum = 0;
    for (let k = 0; k < count; k++) {
      const column = floor(u + k * du);
      const row = floor(v + k * dv);
      if (column >= 0 && column < columns && row >= 0 && row < rows)
        sum += cells[row * columns + column] ?? 0;
    }
    return sum / 255;
  };
}

/** The same through a bend, of all pictures at once: each look is taken back to the strip first. */
export function meetsBent(
  { bend, strip }: Piece,
  all: readonly ReturnType<typeof detailAt>[],
): Meets | null {
  if (!bend) return null;
  return ({ x, y, dx, dy, count }) => {
    let sum = 0;
    for (let k = 0; k < count; k++) {
      const on = unbend({ x: x + k * dx, y: y + k * dy }, strip, bend.sector, bend.centre);
      for (const at of all) sum += at(on.x, on.y);
    }
    return sum / 255;
  };
}

/**
 * Which column or row of a picture's map of detail a line at a place runs along, so that a line is
 * looked along once for each; null for a picture that is not square to the piece.
 */
export function laneOf(
  art: Artwork,
  [a, b, c, d, e, f]: Affine,
  axis: Axis,
): ((place: number) => number) | null {
  const { columns, rows } = mapOf(art);
  const [straight, turned] = [max(abs(b), abs(c)) < SQUARE, max(abs(a), abs(d)) < SQUARE];
  if (!straight && !turned) return null;
  // an upright line has one u where the picture lies straight, one v where it lies turned
  const alongU = (axis === 'upright') === straight;
  const [scale, offset, cells] = alongU
    ? [axis === 'upright' ? a : c, e, columns]
    : [axis === 'upright' ? b : d, f, rows];
  return (place) => floor((scale * place + offset) * cells);
}

/** Equal for the motifs of a repeat that lie alike in what is seen of them: cuts meet the same in their lanes. */
export function liesAs({ sha256 }: Artwork, [a, b, c, d]: Affine, box: Box, room: Box): string {
  const seen = [room.x - box.x, room.y - box.y, room.width, room.height];
  return [sha256, ...[a, b, c, d, ...seen].map((value) => Math.round(value * 1e6))].join(' ');
}
