import type { Raster as Photo } from '../art';
import { bottom, right } from '../geometry';
import type { Raster } from '../proof';
import { NO_DRIFT, type Drift } from './blocks';
import { pixelOf, seenAt, type View } from './camera';
import type { Part } from './expected';

const { ceil, floor, hypot, max, min, round } = Math;

/** Colours in three planes, 0–255; NaN where the photo does not reach. */
export interface Colours {
  readonly width: number;
  readonly height: number;
  readonly pxPerMm: number;
  readonly planes: readonly [Float32Array, Float32Array, Float32Array];
}

/** Red, green, blue. */
export const CHANNELS = [0, 1, 2] as const;

/** What must lie there, reduced by averaging. */
export function wantedColours({ width, height, data, pxPerMm }: Raster, most: number): Colours {
  const step = max(1, pxPerMm / most);
  const [w, h] = [floor(width / step), floor(height / step)];
  const planes = [
    new Float32Array(w * h),
    new Float32Array(w * h),
    new Float32Array(w * h),
  ] as const;
  for (let y = 0, to = 0; y < h; y++)
    for (let x = 0; x < w; x++, to++) {
      const [l, r] = [floor(x * step), max(floor(x * step) + 1, floor((x + 1) * step))];
      const [t, b] = [floor(y * step), max(floor(y * step) + 1, floor((y + 1) * step))];
      const n = (r - l) * (b - t);
      for (const k of CHANNELS) {
        let sum = 0;
        for (let v = t; v < b; v++)
          for (let u = l; u < r; u++) sum += data[(v * width + u) * 4 + k] ?? 255;
        planes[k][to] = sum / n;
      }
    }
  return { width: w, height: h, pxPerMm: w / (width / pxPerMm), planes };
}

/** The photo as seen from straight above, every part where it really lies. */
export function seenColours(
  photo: Photo,
  view: View,
  parts: readonly Part[],
  drifts: readonly (Drift | null)[],
  { width, height, pxPerMm }: Colours,
): Colours {
  const planes = [
    new Float32Array(width * height),
    new Float32Array(width * height),
    new Float32Array(width * height),
  ] as const;
  const owner = ownersOf(parts, width, height, pxPerMm);
  const pixel = pixelOf(view);
  const p = { x: 0, y: 0 };
  // as many looks a pixel as the photo has pixels there
  const middle = seenAt(view, width / 2 / pxPerMm, height / 2 / pxPerMm);
  const beside = seenAt(view, (width / 2 + 1) / pxPerMm, height / 2 / pxPerMm);
  const looks = max(1, min(2, round(hypot(beside.x - middle.x, beside.y - middle.y))));
  // by figures alone: millions of places are looked at
  const moved = new Float64Array(parts.flatMap((_, nth) => figuresOf(drifts[nth] ?? NO_DRIFT)));
  const [red, green, blue] = planes;
  const { data, width: photoWidth, height: photoHeight } = photo;
  const all = looks * looks;
  const aside = Float64Array.from({ length: all }, (_, look) => ((look % looks) + 0.5) / looks);
  const below = Float64Array.from(
    { length: all },
    (_, look) => (floor(look / looks) + 0.5) / looks,
  );
  for (let y = 0, at = 0; y < height; y++)
    for (let x = 0; x < width; x++, at++) {
      const m = 6 * (owner[at] ?? 0);
      const x0 = moved[m] ?? 0;
      const xx = 1 + (moved[m + 1] ?? 0);
      const xy = moved[m + 2] ?? 0;
      const y0 = moved[m + 3] ?? 0;
      const yx = moved[m + 4] ?? 0;
      const yy = 1 + (moved[m + 5] ?? 0);
      let r = 0;
      let g = 0;
      let b = 0;
      for (let look = 0; look < all; look++) {
        const px = (x + (aside[look] ?? 0)) / pxPerMm;
        const py = (y + (below[look] ?? 0)) / pxPerMm;
        pixel(x0 + xx * px + xy * py, y0 + yx * px + yy * py, p);
        const ix = floor(p.x);
        const iy = floor(p.y);
        const seen = ix >= 0 && iy >= 0 && ix < photoWidth && iy < photoHeight;
        const i = (iy * photoWidth + ix) * 4;
        r += seen ? (data[i] ?? 0) : NaN;
        g += seen ? (data[i + 1] ?? 0) : NaN;
        b += seen ? (data[i + 2] ?? 0) : NaN;
      }
      red[at] = r / all;
      green[at] = g / all;
      blue[at] = b / all;
    }
  return { width, height, pxPerMm, planes };
}

/** The six figures of a drift. */
const figuresOf = ({ x, y }: Drift): number[] => [...x, ...y];

/** Which part each pixel belongs to; the first where none. */
function ownersOf(
  parts: readonly Part[],
  width: number,
  height: number,
  pxPerMm: number,
): Uint16Array {
  const owner = new Uint16Array(width * height);
  parts.forEach(({ box }, part) => {
    for (let y = max(0, floor(box.y * pxPerMm)); y < min(height, ceil(bottom(box) * pxPerMm)); y++)
      owner.fill(
        part,
        y * width + max(0, floor(box.x * pxPerMm)),
        y * width + min(width, ceil(right(box) * pxPerMm)),
      );
  });
  return owner;
}
