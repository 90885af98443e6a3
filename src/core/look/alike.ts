import type { Plane } from './plane';

const { max, sqrt } = Math;

/** How alike a square of one plane is to squares of another round a place, row by row from the upper left. */
export interface Alike {
  /** Squares tried each way, an odd number. */
  readonly size: number;
  /** Their correlation, −1 to 1. */
  readonly scores: Float64Array;
  /** The variance of each square of the other plane; −1 beyond it, NaN where it holds a NaN. */
  readonly variances: Float64Array;
}

/** Where a square lies, and where it is looked for: upper left pixels. */
export interface Sought {
  readonly x: number;
  readonly y: number;
  readonly atX: number;
  readonly atY: number;
  readonly side: number;
  readonly reach: number;
}

/** The variance of a square of a plane. */
export function varianceAt({ width, data }: Plane, x: number, y: number, side: number): number {
  let sum = 0;
  let squares = 0;
  for (let v = y; v < y + side; v++)
    for (let u = x; u < x + side; u++) {
      const own = data[v * width + u] ?? 0;
      sum += own;
      squares += own * own;
    }
  const n = side * side;
  return max(0, squares / n - (sum / n) ** 2);
}

/** Sums of figures above and left of each pixel of a window (Crow 1984), of their squares, and how many are NaN. */
function summed({ width, height, data }: Plane, left: number, top: number, wide: number) {
  const row = wide + 1;
  const sums = new Float64Array(row * row);
  const squares = new Float64Array(row * row);
  const unseen = new Float64Array(row * row);
  for (let v = 0; v < wide; v++) {
    let sum = 0;
    let square = 0;
    let none = 0;
    for (let u = 0; u < wide; u++) {
      const x = left + u;
      const y = top + v;
      const inside = x >= 0 && y >= 0 && x < width && y < height;
      const own = inside ? (data[y * width + x] ?? 0) : 0;
      if (own === own) {
        sum += own;
        square += own * own;
      } else none++;
      const to = (v + 1) * row + u + 1;
      sums[to] = (sums[to - row] ?? 0) + sum;
      squares[to] = (squares[to - row] ?? 0) + square;
      unseen[to] = (unseen[to - row] ?? 0) + none;
    }
  }
  return { sums, squares, unseen };
}

/** The sum over an area by its table: `above` and `below` are its left ends there, `wide` how far it goes. */
const areaSum = (table: Float64Array, above: number, below: number, wide: number): number =>
  (table[below + wide] ?? 0) -
  (table[below] ?? 0) -
  (table[above + wide] ?? 0) +
  (table[above] ?? 0);

/** The square of a plane less its mean, row by row. */
function levelled({ width, data }: Plane, x: number, y: number, side: number): Float64Array {
  const own = new Float64Array(side * side);
  let sum = 0;
  for (let v = 0, to = 0; v < side; v++)
    for (let u = 0; u < side; u++, to++) sum += own[to] = data[(y + v) * width + x + u] ?? 0;
  const mean = sum / own.length;
  for (let i = 0; i < own.length; i++) own[i] = (own[i] ?? 0) - mean;
  return own;
}

/** Figures of a square times those of one of a plane, summed. */
function crossed(own: Float64Array, { width, data }: Plane, at: number, side: number): number {
  let sum = 0;
  for (let r = 0, from = 0; r < side; r++)
    for (let c = 0, to = at + r * width; c < side; c++, from++, to++)
      sum += (own[from] ?? 0) * (data[to] ?? 0);
  return sum;
}

/** A correlation of what is flatter than this says nothing: variances of both, multiplied. */
const FLAT = 1e-6;

/** How alike a square of one plane is to those of another so far round a place: their normalised correlation. */
export function alikeRound(wanted: Plane, seen: Plane, sought: Sought): Alike {
  const { side, reach, atX, atY } = sought;
  const size = 2 * reach + 1;
  const n = side * side;
  const own = levelled(wanted, sought.x, sought.y, side);
  let ownSquares = 0;
  for (let i = 0; i < n; i++) ownSquares += (own[i] ?? 0) ** 2;
  const [left, top, wide] = [atX - reach, atY - reach, side + 2 * reach];
  const { sums, squares, unseen } = summed(seen, left, top, wide);
  const row = wide + 1;
  const scores = new Float64Array(size * size).fill(-1);
  const variances = new Float64Array(size * size).fill(-1);
  for (let v = 0, at = 0; v < size; v++)
    for (let u = 0; u < size; u++, at++) {
      const x = left + u;
      const y = top + v;
      if (x < 0 || y < 0 || x + side > seen.width || y + side > seen.height) continue;
      const a = v * row + u;
      const b = (v + side) * row + u;
      if (areaSum(unseen, a, b, side) > 0) {
        variances[at] = NaN;
        continue;
      }
      const cross = crossed(own, seen, y * seen.width + x, side);
      const variance = max(
        0,
        areaSum(squares, a, b, side) / n - (areaSum(sums, a, b, side) / n) ** 2,
      );
      variances[at] = variance;
      scores[at] = cross / n / sqrt(max(FLAT, (ownSquares / n) * variance));
    }
  return { size, scores, variances };
}
