import type { Raster as Photo } from '../art';

const { floor, max, min, sqrt } = Math;

/** One figure a pixel, row by row from the top. */
export interface Plane {
  readonly width: number;
  readonly height: number;
  readonly data: Float32Array;
}

/** How light a picture is, 0–255 as encoded (Rec. 709 weights), reduced by averaging so that its longest side is at most so many pixels. */
export function lightOf({ width, height, data }: Photo, longestPx: number): Plane {
  const step = max(width, height) / longestPx;
  if (step <= 1) {
    const whole = new Float32Array(width * height);
    for (let i = 0, at = 0; i < whole.length; i++, at += 4)
      whole[i] =
        0.2126 * (data[at] ?? 0) + 0.7152 * (data[at + 1] ?? 0) + 0.0722 * (data[at + 2] ?? 0);
    return { width, height, data: whole };
  }
  const [w, h] = [floor(width / step), floor(height / step)];
  const sums = new Float32Array(w * h);
  const counts = new Uint16Array(w * h);
  const columns = Int32Array.from({ length: width }, (_, x) => min(w - 1, floor(x / step)));
  for (let y = 0, at = 0; y < height; y++) {
    const row = min(h - 1, floor(y / step)) * w;
    for (let x = 0; x < width; x++, at += 4) {
      const cell = row + (columns[x] ?? 0);
      sums[cell] =
        (sums[cell] ?? 0) +
        0.2126 * (data[at] ?? 0) +
        0.7152 * (data[at + 1] ?? 0) +
        0.0722 * (data[at + 2] ?? 0);
      counts[cell] = (counts[cell] ?? 0) + 1;
    }
  }
  for (let i = 0; i < sums.length; i++) sums[i] = (sums[i] ?? 0) / max(1, counts[i] ?? 1);
  return { width: w, height: h, data: sums };
}

/** Reduced by averaging so that it is `width` pixels wide. */
export function shrunk(plane: Plane, width: number): Plane {
  const step = plane.width / width;
  if (step <= 1) return plane;
  const height = max(1, floor(plane.height / step));
  const data = new Float32Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const l = floor(x * step);
      const r = max(floor(x * step) + 1, floor((x + 1) * step));
      const t = floor(y * step);
      const b = max(floor(y * step) + 1, floor((y + 1) * step));
      let sum = 0;
      for (let v = t; v < b; v++)
        for (let u = l; u < r; u++) sum += plane.data[v * plane.width + u] ?? 0;
      data[y * width + x] = sum / ((r - l) * (b - t));
    }
  return { width, height, data };
}

/** Flipped left to right. */
export function flipped({ width, height, data }: Plane): Plane {
  const out = new Float32Array(data.length);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) out[y * width + x] = data[y * width + width - 1 - x] ?? 0;
  return { width, height, data: out };
}

/** The mean of a square of `2 reach + 1` pixels round each, by running sums. */
export function boxMean({ width, height, data }: Plane, reach: number): Float32Array {
  const across = new Float32Array(data.length);
  const counts = Float64Array.from(
    { length: width },
    (_, x) => min(width - 1, x + reach) - max(0, x - reach) + 1,
  );
  for (let y = 0; y < height; y++) {
    const row = y * width;
    let sum = 0;
    for (let x = 0; x < min(width, reach); x++) sum += data[row + x] ?? 0;
    for (let x = 0; x < width; x++) {
      if (x + reach < width) sum += data[row + x + reach] ?? 0;
      if (x - reach - 1 >= 0) sum -= data[row + x - reach - 1] ?? 0;
      across[row + x] = sum / (counts[x] ?? 1);
    }
  }
  const out = new Float32Array(data.length);
  const sums = new Float64Array(width);
  for (let y = 0; y < min(height, reach); y++)
    for (let x = 0; x < width; x++) sums[x] = (sums[x] ?? 0) + (across[y * width + x] ?? 0);
  for (let y = 0; y < height; y++) {
    const count = min(height - 1, y + reach) - max(0, y - reach) + 1;
    for (let x = 0; x < width; x++) {
      let sum = sums[x] ?? 0;
      if (y + reach < height) sum += across[(y + reach) * width + x] ?? 0;
      if (y - reach - 1 >= 0) sum -= across[(y - reach - 1) * width + x] ?? 0;
      sums[x] = sum;
      out[y * width + x] = sum / count;
    }
  }
  return out;
}

/** Contrast is evened within so many pixels to each side where corners are looked for (own choice). */
export const CORNER_REACH = 18;

/** What stands out locally is as strong everywhere: light and shade are taken out, 0–255 about 128. */
export function evened(plane: Plane, reach: number): Plane {
  const { width, height, data } = plane;
  const mean = boxMean(plane, reach);
  const squares = boxMean({ width, height, data: data.map((v) => v * v) }, reach);
  const out = new Float32Array(data.length);
  for (let i = 0; i < out.length; i++) {
    const m = mean[i] ?? 0;
    const spread = sqrt(max(0, (squares[i] ?? 0) - m * m)) + 5;
    out[i] = min(255, max(0, 128 + (48 * ((data[i] ?? 0) - m)) / spread));
  }
  return { width, height, data: out };
}

/** Smoothed a little: the mean of a square of so many pixels to each side. */
export const smoothed = (plane: Plane, reach: number): Plane => ({
  ...plane,
  data: boxMean(plane, reach),
});

/** The figures at places between pixels (their middles are at 0.5, 1.5 …), each place times `by`; NaN outside. */
export function sampledAlong(
  { width, height, data }: Plane,
  by: number,
  us: Float64Array,
  vs: Float64Array,
): Float32Array {
  const out = new Float32Array(us.length);
  for (let n = 0; n < out.length; n++) {
    const x = (us[n] ?? 0) * by - 0.5;
    const y = (vs[n] ?? 0) * by - 0.5;
    if (!(x >= 0 && y >= 0 && x < width - 1 && y < height - 1)) {
      out[n] = NaN;
      continue;
    }
    const x0 = x | 0;
    const y0 = y | 0;
    const fx = x - x0;
    const fy = y - y0;
    const i = y0 * width + x0;
    const top = (data[i] ?? 0) * (1 - fx) + (data[i + 1] ?? 0) * fx;
    const low = (data[i + width] ?? 0) * (1 - fx) + (data[i + width + 1] ?? 0) * fx;
    out[n] = top * (1 - fy) + low * fy;
  }
  return out;
}
