import { randomOf } from '../random';
import { smoothed, type Plane } from './plane';

const { abs, atan2, ceil, cos, sin, floor, imul, round, max, min } = Math;

/** Corners of a picture with what they look like: a binary descriptor of 256 bits each, turned with the corner. */
export interface Corners {
  readonly count: number;
  readonly x: Float32Array;
  readonly y: Float32Array;
  /** The way the corner points, radians. */
  readonly angle: Float32Array;
  /** Eight words a corner. */
  readonly bits: Uint32Array;
}

/** The circle of sixteen pixels a corner is looked for on (Rosten and Drummond 2006, FAST). */
const CIRCLE = [
  [0, -3], [1, -3], [2, -2], [3, -1], [3, 0], [3, 1], [2, 2], [1, 3],
  [0, 3], [-1, 3], [-2, 2], [-3, 1], [-3, 0], [-3, -1], [-2, -2], [-1, -3],
] as const; // prettier-ignore
/** So many of them in a row are lighter, or darker, than the middle by this much. */
const IN_A_ROW = 9;
const APART = 18;
/** How far a descriptor looks, pixels. */
const REACH = 15;

/** Pairs of places a descriptor compares: normally spread over its patch, the same for every picture (Calonder et al. 2010, BRIEF). */
const PAIRS = (() => {
  const random = randomOf(19);
  const spread = () =>
    round(min(13, max(-13, (random() + random() + random() + random() - 2) * 11)));
  return Int8Array.from({ length: 256 * 4 }, spread);
})();

const over = (off: number): number => (off > APART ? 1 : 0);

/** How strongly a pixel is a corner: 0 where it is none. */
function cornerness(data: Float32Array, at: number, offsets: Int32Array): number {
  const middle = data[at] ?? 0;
  const north = (data[at + (offsets[0] ?? 0)] ?? 0) - middle;
  const south = (data[at + (offsets[8] ?? 0)] ?? 0) - middle;
  const east = (data[at + (offsets[4] ?? 0)] ?? 0) - middle;
  const west = (data[at + (offsets[12] ?? 0)] ?? 0) - middle;
  // nine in a row hold at least two of these four
  const lighter = over(north) + over(south) + over(east) + over(west);
  const darker = over(-north) + over(-south) + over(-east) + over(-west);
  if (lighter < 2 && darker < 2) return 0;
  for (let sign = 1; sign >= -1; sign -= 2) {
    let run = 0;
    let sum = 0;
    let best = 0;
    for (let i = 0; i < 16 + IN_A_ROW - 1; i++) {
      const off = sign * ((data[at + (offsets[i & 15] ?? 0)] ?? 0) - middle);
      if (off > APART) {
        run++;
        sum += off;
        if (run >= IN_A_ROW && sum > best) best = sum;
      } else run = sum = 0;
    }
    if (best > 0) return best;
  }
  return 0;
}

/** Strongest corners, spread over the picture: at most so many in each cell of a grid. */
function spreadCorners(plane: Plane, most: number): number[] {
  const { width, height, data } = plane;
  const offsets = Int32Array.from(CIRCLE, ([x, y]) => y * width + x);
  const strength = new Float32Array(data.length);
  const edge = REACH + 4;
  for (let y = edge; y < height - edge; y++)
    for (let x = edge; x < width - edge; x++)
      strength[y * width + x] = cornerness(data, y * width + x, offsets);
  const cell = max(16, round(max(width, height) / 28));
  const [columns, rows] = [ceil(width / cell), ceil(height / cell)];
  const cells: { at: number; strength: number }[][] = Array.from(
    { length: columns * rows },
    () => [],
  );
  for (let y = edge; y < height - edge; y++)
    for (let x = edge; x < width - edge; x++) {
      const at = y * width + x;
      const own = strength[at] ?? 0;
      if (own === 0) continue;
      let peak = true;
      for (let v = -2; v <= 2 && peak; v++)
        for (let u = -2; u <= 2; u++) {
          const other = strength[at + v * width + u] ?? 0;
          if (other > own || (other === own && (v < 0 || (v === 0 && u < 0)))) {
            peak = false;
            break;
          }
        }
      if (peak) cells[floor(y / cell) * columns + floor(x / cell)]?.push({ at, strength: own });
    }
  const filled = cells.filter(({ length }) => length > 0);
  const each = max(3, ceil(most / max(1, filled.length)));
  return filled.flatMap((found) =>
    found
      .sort((a, b) => b.strength - a.strength)
      .slice(0, each)
      .map(({ at }) => at),
  );
}

/** The way from a corner to the middle of the light round it (Rublee et al. 2011, ORB). */
function angleAt({ width, data }: Plane, at: number): number {
  let mx = 0;
  let my = 0;
  for (let v = -REACH; v <= REACH; v++)
    for (let u = -REACH; u <= REACH; u++) {
      if (u * u + v * v > REACH * REACH) continue;
      const light = data[at + v * width + u] ?? 0;
      mx += u * light;
      my += v * light;
    }
  return atan2(my, mx);
}

/**
 * Finds corners of a picture and describes them.
 * @param plane a picture whose contrast was evened.
 * @param most about so many are kept, spread over the picture.
 */
export function cornersOf(plane: Plane, most: number): Corners {
  const found = spreadCorners(plane, most);
  const { width } = plane;
  const { data } = smoothed(plane, 2);
  const count = found.length;
  const [x, y, angle] = [new Float32Array(count), new Float32Array(count), new Float32Array(count)];
  const bits = new Uint32Array(8 * count);
  found.forEach((at, i) => {
    x[i] = at % width;
    y[i] = floor(at / width);
    const a = angleAt(plane, at);
    angle[i] = a;
    const c = cos(a);
    const s = sin(a);
    for (let bit = 0; bit < 256; bit++) {
      const p = 4 * bit;
      const px = PAIRS[p] ?? 0;
      const py = PAIRS[p + 1] ?? 0;
      const qx = PAIRS[p + 2] ?? 0;
      const qy = PAIRS[p + 3] ?? 0;
      const one = data[at + round(s * px + c * py) * width + round(c * px - s * py)] ?? 0;
      const two = data[at + round(s * qx + c * qy) * width + round(c * qx - s * qy)] ?? 0;
      if (one < two)
        bits[8 * i + (bit >> 5)] = ((bits[8 * i + (bit >> 5)] ?? 0) | (1 << (bit & 31))) >>> 0;
    }
  });
  return { count, x, y, angle, bits };
}

/** One in so many corners, spread as they all are. */
export function oneIn({ x, y, angle, bits, count: all }: Corners, of: number): Corners {
  const count = ceil(all / of);
  const each = (from: Float32Array) =>
    Float32Array.from({ length: count }, (_, i) => from[i * of] ?? 0);
  return {
    ...{ count, x: each(x), y: each(y), angle: each(angle) },
    bits: Uint32Array.from({ length: 8 * count }, (_, i) => bits[8 * of * (i >> 3) + (i & 7)] ?? 0),
  };
}

/** Two corners that look alike, by their numbers. */
export interface Match {
  readonly a: number;
  readonly b: number;
}

/** How many bits of 64 are set: Warren 2013, §5–1, both halves summed as soon as their sums fit. */
function ones(one: number, other: number): number {
  let v = one - ((one >>> 1) & 0x55555555);
  let w = other - ((other >>> 1) & 0x55555555);
  v = (v & 0x33333333) + ((v >>> 2) & 0x33333333);
  w = (w & 0x33333333) + ((w >>> 2) & 0x33333333);
  v += w;
  return imul((v & 0x0f0f0f0f) + ((v >>> 4) & 0x0f0f0f0f), 0x01010101) >>> 24;
}

/** More of 256 bits than this apart are not alike. */
const MOST_BITS = 74;
/** The best must be nearer than the next elsewhere by this. */
const CLEARER = 0.88;
const RIVAL_BITS = ceil(MOST_BITS / CLEARER) + 1;

/**
 * Where the first quarter, or half, of their bits differs in more than this share of those that count, two are not alike
 * (own choices: of alike ones few should be lost by it, if bits differ independently).
 */
const QUARTER_SHARE = 0.36;
const HALF_SHARE = 0.62;

/** Bits in which two descriptors differ; `most` where a part of them tells that they are more. */
function apartBy(A: Uint32Array, a: number, B: Uint32Array, b: number, most: number): number {
  const quarter = ones((A[a] ?? 0) ^ (B[b] ?? 0), (A[a + 1] ?? 0) ^ (B[b + 1] ?? 0));
  if (quarter >= QUARTER_SHARE * most) return most;
  const half = quarter + ones((A[a + 2] ?? 0) ^ (B[b + 2] ?? 0), (A[a + 3] ?? 0) ^ (B[b + 3] ?? 0));
  if (half >= HALF_SHARE * most) return most;
  return (
    half +
    ones((A[a + 4] ?? 0) ^ (B[b + 4] ?? 0), (A[a + 5] ?? 0) ^ (B[b + 5] ?? 0)) +
    ones((A[a + 6] ?? 0) ^ (B[b + 6] ?? 0), (A[a + 7] ?? 0) ^ (B[b + 7] ?? 0))
  );
}

/** The same corner found at two sizes is no rival of itself: so near it is the same, pixels or mm. */
const SAME = 8;

/** For every corner of one picture the one of the other that looks most like it, where there is a clear one. */
export function matched(one: Corners, other: Corners): Match[] {
  const found: Match[] = [];
  const { bits: A } = one;
  const { bits: B, x, y, count } = other;
  for (let a = 0; a < one.count; a++) {
    // what is farther off than a rival of the farthest match that counts need not be known
    let best = MOST_BITS + 1;
    let next = RIVAL_BITS;
    let which = -1;
    for (let b = 0; b < count; b++) {
      const apart = apartBy(A, 8 * a, B, 8 * b, next);
      if (apart >= next) continue;
      const elsewhere =
        which < 0 || abs((x[b] ?? 0) - (x[which] ?? 0)) + abs((y[b] ?? 0) - (y[which] ?? 0)) > SAME;
      if (apart < best) {
        if (elsewhere && which >= 0) next = best;
        best = apart;
        which = b;
      } else if (elsewhere) next = apart;
    }
    if (which >= 0 && best <= MOST_BITS && best < CLEARER * next) found.push({ a, b: which });
  }
  return found;
}
