import { CHANNELS, type Colours } from './colours';
import { leastSquares } from './leastSquares';
import { lightField } from './light';

const { abs, floor, min } = Math;
const { isNaN } = Number;

const terms = (r: number, g: number, b: number): number[] => [
  1,
  r,
  g,
  b,
  r * r,
  g * g,
  b * b,
  r * g,
  g * b,
  r * b,
];

/** What the photo would show were everything as it must be: colours and light as they are in it. */
export interface Tint {
  readonly predicted: Colours;
  /** How light it is there, as a share of the usual. */
  readonly lit: Float32Array;
  /** White paper in usual light. */
  readonly white: readonly [number, number, number];
}

/** So many pixels of each sixteenth of lightness tell how colours are shown: a few stars count beside much night. */
const SAMPLES_A_SHADE = 1200;
/** A shade counts for so many pixels at most. */
const EVEN_SHADES = 150;
/** Fewer than this do not tell a shade. */
const FEW_A_SHADE = 60;
/** Colours change by no more than this over two pixels to each side, 0–255, where they tell: edges are blurred. */
const EVEN = 14;
const ROUNDS = 2;
/**
 * Fits how the photo shows colours (a curve of second degree in all three) and how light it is from place to place
 * (smooth), what stands out counting little.
 * @param samples by `samplesOf` what is wanted.
 */
export function tintOf(wanted: Colours, samples: readonly Sample[], seen: Colours): Tint {
  const { width, height } = wanted;
  const size = width * height;
  let lit: Float32Array = new Float32Array(size).fill(1);
  let curves: number[][] = [];
  const predicted = {
    ...wanted,
    planes: [new Float32Array(size), new Float32Array(size), new Float32Array(size)] as const,
  };
  for (let turn = 0; turn < ROUNDS; turn++) {
    const told = samples.filter(({ at }) => !isNaN(seen.planes[0][at] ?? NaN));
    const rows = told.map(({ row }) => row);
    curves = CHANNELS.map((k) => {
      const values = told.map(({ at: i }) => (seen.planes[k][i] ?? 0) / (lit[i] ?? 1));
      const even = told.map(({ weight }) => weight);
      let curve = curves[k] ?? leastSquares(rows, values, even) ?? [];
      for (let round = 0; round < 2; round++) {
        const weights = rows.map((row, n) => {
          const off = abs(
            (values[n] ?? 0) - row.reduce((sum, t, j) => sum + t * (curve[j] ?? 0), 0),
          );
          return (even[n] ?? 1) * (off < 8 ? 1 : 8 / off > 0.2 ? 8 / off : 0.02);
        });
        curve = leastSquares(rows, values, weights) ?? curve;
      }
      return curve;
    });
    predict(wanted, curves, predicted);
    lit = lightField(predicted, seen);
  }
  const at = (k: 0 | 1 | 2) =>
    terms(1, 1, 1).reduce((sum, t, j) => sum + t * (curves[k]?.[j] ?? 0), 0);
  return { predicted, lit, white: [at(0), at(1), at(2)] };
}

/** Whether colours change little so far round a pixel. */
function evenAt(green: Float32Array, width: number, i: number, reach: number): boolean {
  const own = green[i] ?? 0;
  const off = (at: number): number => abs((green[at] ?? NaN) - own);
  return (
    off(i - reach) < EVEN &&
    off(i + reach) < EVEN &&
    off(i - reach * width) < EVEN &&
    off(i + reach * width) < EVEN
  );
}

/** A pixel that tells how a colour is shown, and how much it counts: shades that are everywhere count less a pixel. */
export interface Sample {
  readonly at: number;
  /** The terms of its colour. */
  readonly row: readonly number[];
  readonly weight: number;
}

/** Pixels off any edge, of light and dark alike; what is only in fine strokes is told by pixels nearer to edges. */
export function samplesOf({ width, height, planes }: Colours): Sample[] {
  const [red, green, blue] = planes;
  const counts = new Uint16Array(16);
  const found: number[] = [];
  const size = width * height;
  // by leaps that meet every pixel once, so that no place is favoured
  const leap = coprime(floor(size * 0.618), size);
  for (const reach of [2, 1, 0]) {
    const told = counts.map((count) => (count < FEW_A_SHADE ? count : SAMPLES_A_SHADE));
    for (let n = 0, i = 0; n < size; n++, i = (i + leap) % size) {
      const shade = min(15, floor((green[i] ?? 0) / 16));
      const x = i % width;
      if ((told[shade] ?? 0) >= SAMPLES_A_SHADE || x < reach || x >= width - reach) continue;
      if (!evenAt(green, width, i, reach)) continue;
      told[shade] = (told[shade] ?? 0) + 1;
      counts[shade] = (counts[shade] ?? 0) + 1;
      found.push(i);
    }
  }
  const most = (i: number) => counts[min(15, floor((green[i] ?? 0) / 16))] ?? 1;
  return found.map((at) => ({
    at,
    row: terms((red[at] ?? 0) / 255, (green[at] ?? 0) / 255, (blue[at] ?? 0) / 255),
    weight: min(1, EVEN_SHADES / most(at)),
  }));
}

const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b));
const coprime = (from: number, size: number): number =>
  divisor(from, size) === 1 ? from : coprime(from + 1, size);

function predict(
  { planes: [R, G, B] }: Colours,
  curves: readonly (readonly number[])[],
  to: Colours,
): void {
  for (const k of CHANNELS) {
    const [c0 = 0, cr = 0, cg = 0, cb = 0, crr = 0, cgg = 0, cbb = 0, crg = 0, cgb = 0, crb = 0] =
      curves[k] ?? [];
    const out = to.planes[k];
    for (let i = 0; i < out.length; i++) {
      const r = (R[i] ?? 0) / 255;
      const g = (G[i] ?? 0) / 255;
      const b = (B[i] ?? 0) / 255;
      const value =
        c0 +
        r * (cr + crr * r + crg * g) +
        g * (cg + cgg * g + cgb * b) +
        b * (cb + cbb * b + crb * r);
      out[i] = value > 2 ? value : 2;
    }
  }
}
