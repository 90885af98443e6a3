import { bottom, right, type Box } from '../geometry';
import { CHANNELS, type Colours } from './colours';
import type { Tint } from './tint';

const { abs, floor, max, min, sqrt } = Math;
const { isNaN } = Number;

/** Something in the photo that is not as foretold. */
export interface Patch {
  /** Its box, mm. */
  readonly box: Box;
  readonly areaMm2: number;
  /** How much of it is as light as bare paper where ink must be, 0–1. */
  readonly white: number;
  /** How much of it must be inked, 0–1. */
  readonly inked: number;
  /** How far off its colours are, 0–255 on the mean. */
  readonly off: number;
}

/** Colours may be moved by so much, mm: what registration leaves. */
const SLACK_MM = 0.55;
/** Colours so near what was foretold are as foretold, 0–255, or within so many times the noise. */
const LEAST_OFF = 22;
const TIMES_NOISE = 5;
/** Inked is what differs by so much from bare paper. */
const INKED = 24;

/** Least and most within so many pixels to each side, along rows and then columns. */
function spanned(
  plane: Float32Array,
  width: number,
  reach: number,
): readonly [Float32Array, Float32Array] {
  const ends = (low: Float32Array, high: Float32Array, step: number) => {
    const least = new Float32Array(low);
    const most = new Float32Array(high);
    // along rows each ends where the next begins
    const line = step === 1 ? width : low.length;
    for (let r = 1; r <= reach; r++)
      for (let from = 0; from < low.length; from += line)
        for (let i = from + r * step, j = from; i < from + line; i++, j++) {
          const a = low[i] ?? 0;
          const b = low[j] ?? 0;
          const c = high[i] ?? 0;
          const d = high[j] ?? 0;
          if (b < (least[i] ?? 0)) least[i] = b;
          if (a < (least[j] ?? 0)) least[j] = a;
          if (d > (most[i] ?? 0)) most[i] = d;
          if (c > (most[j] ?? 0)) most[j] = c;
        }
    return [least, most] as const;
  };
  const [low, high] = ends(plane, plane, 1);
  return ends(low, high, width);
}

/** How far every pixel is off what was foretold near it, 0–255 in usual light; NaN where nothing is seen. */
export function residueOf({ predicted, lit }: Tint, seen: Colours): Float32Array {
  const { width, height, pxPerMm } = seen;
  const reach = max(1, Math.round(SLACK_MM * pxPerMm));
  const off = new Float32Array(width * height);
  for (const k of CHANNELS) {
    const [low, high] = spanned(predicted.planes[k], width, reach);
    const plane = seen.planes[k];
    for (let i = 0; i < off.length; i++) {
      const value = (plane[i] ?? NaN) / (lit[i] ?? 1);
      const own = max(0, (low[i] ?? 0) - value, value - (high[i] ?? 0));
      off[i] = isNaN(value) ? NaN : max(off[i] ?? 0, own);
    }
  }
  return off;
}

/** What usually differs from pixel to pixel, 0–255. */
function noiseOf({ planes: [, green], width }: Colours): number {
  const steps: number[] = [];
  for (let i = width + 1; i < green.length - width; i += 97) {
    const bend = (green[i] ?? NaN) - ((green[i - 1] ?? NaN) + (green[i + 1] ?? NaN)) / 2;
    if (!isNaN(bend)) steps.push(abs(bend));
  }
  steps.sort((a, b) => a - b);
  return (steps[floor(steps.length / 2)] ?? 1) * 1.21;
}

/** Patches within some boxes (mm) that are not as foretold, the largest first. */
export function patchesOf(tint: Tint, seen: Colours, within: readonly Box[]): Patch[] {
  const { width, height, pxPerMm } = seen;
  const off = residueOf(tint, seen);
  const limit = max(LEAST_OFF, TIMES_NOISE * noiseOf(seen));
  const hot = new Uint8Array(off.length);
  for (const box of within)
    for (let y = max(0, floor(box.y * pxPerMm)); y < min(height, bottom(box) * pxPerMm); y++)
      for (let x = max(0, floor(box.x * pxPerMm)); x < min(width, right(box) * pxPerMm); x++)
        if ((off[y * width + x] ?? 0) > limit) hot[y * width + x] = 1;
  const whole = majority(hot, width, height);
  return grouped(whole, width, height, max(1, Math.round(0.6 * pxPerMm)))
    .map((pixels) => patchOf(pixels, off, tint, seen))
    .sort((a, b) => b.areaMm2 - a.areaMm2);
}

/** A pixel is what most of the nine round it are. */
function majority(hot: Uint8Array, width: number, height: number): Uint8Array {
  const out = new Uint8Array(hot.length);
  for (let y = 1; y + 1 < height; y++)
    for (let x = 1; x + 1 < width; x++) {
      const i = y * width + x;
      const sum =
        (hot[i - width - 1] ?? 0) + (hot[i - width] ?? 0) + (hot[i - width + 1] ?? 0) +
        (hot[i - 1] ?? 0) + (hot[i] ?? 0) + (hot[i + 1] ?? 0) +
        (hot[i + width - 1] ?? 0) + (hot[i + width] ?? 0) + (hot[i + width + 1] ?? 0); // prettier-ignore
      out[i] = sum >= 5 ? 1 : 0;
    }
  return out;
}

/** Pixels that hang together, gaps up to `reach` bridged. */
function grouped(hot: Uint8Array, width: number, height: number, reach: number): number[][] {
  const seen = new Uint8Array(hot.length);
  const groups: number[][] = [];
  for (let start = 0; start < hot.length; start++) {
    if (!hot[start] || seen[start]) continue;
    const group = [start];
    seen[start] = 1;
    // what is found is looked round from in turn
    for (const at of group) {
      const x = at % width;
      const y = floor(at / width);
      for (let v = max(0, y - reach); v <= min(height - 1, y + reach); v++)
        for (let u = max(0, x - reach); u <= min(width - 1, x + reach); u++) {
          const next = v * width + u;
          if (hot[next] && !seen[next]) {
            seen[next] = 1;
            group.push(next);
          }
        }
    }
    groups.push(group);
  }
  return groups;
}

function patchOf(
  pixels: readonly number[],
  off: Float32Array,
  { lit, white, predicted }: Tint,
  seen: Colours,
): Patch {
  const { width, pxPerMm } = seen;
  let l = Infinity;
  let t = Infinity;
  let r = 0;
  let b = 0;
  let sum = 0;
  let whites = 0;
  let inked = 0;
  for (const i of pixels) {
    const x = i % width;
    const y = floor(i / width);
    l = min(l, x);
    r = max(r, x);
    t = min(t, y);
    b = max(b, y);
    sum += off[i] ?? 0;
    let fromWhite = 0;
    let ink = 0;
    for (const k of CHANNELS) {
      fromWhite += ((seen.planes[k][i] ?? 0) / (lit[i] ?? 1) - white[k]) ** 2;
      ink = max(ink, abs((predicted.planes[k][i] ?? 0) - white[k]));
    }
    if (ink > INKED) inked++;
    if (ink > INKED && sqrt(fromWhite / 3) < 0.4 * ink + 8) whites++;
  }
  return {
    box: {
      x: l / pxPerMm,
      y: t / pxPerMm,
      width: (r - l + 1) / pxPerMm,
      height: (b - t + 1) / pxPerMm,
    },
    areaMm2: pixels.length / pxPerMm ** 2,
    white: whites / pixels.length,
    inked: inked / pixels.length,
    off: sum / pixels.length,
  };
}
