import type { Point } from '../geometry';
import type { Raster } from './bins';

/** Red, green, blue 0–255. */
export type Rgb = readonly [number, number, number];

/** The channels of #rrggbb, 0–255. */
export const rgbOf = (hex: string): Rgb => [
  parseInt(hex.slice(1, 3), 16),
  parseInt(hex.slice(3, 5), 16),
  parseInt(hex.slice(5, 7), 16),
];

const { floor, hypot, max, min, round } = Math;

/** Distance of a pixel's colour from another, 0 (same) to 1 (black to white). */
function distance(data: Raster['data'], at: number, [r, g, b]: Rgb): number {
  return (
    hypot((data[at] ?? 0) - r, (data[at + 1] ?? 0) - g, (data[at + 2] ?? 0) - b) / (255 * 1.7320508)
  );
}

/** The colour most of a picture's border has: what a flat background is. */
export function borderColour({ data, width, height }: Raster): Rgb {
  const counts = new Map<number, [n: number, r: number, g: number, b: number]>();
  const look = (x: number, y: number) => {
    const at = (y * width + x) * 4;
    if ((data[at + 3] ?? 0) < 128) return;
    const r = data[at] ?? 0;
    const g = data[at + 1] ?? 0;
    const b = data[at + 2] ?? 0;
    const key = ((r >> 4) << 8) | ((g >> 4) << 4) | (b >> 4);
    const sum = counts.get(key) ?? [0, 0, 0, 0];
    counts.set(key, [sum[0] + 1, sum[1] + r, sum[2] + g, sum[3] + b]);
  };
  for (let x = 0; x < width; x++) for (const y of [0, height - 1]) look(x, y);
  for (let y = 0; y < height; y++) for (const x of [0, width - 1]) look(x, y);
  const [most] = [...counts.values()].sort((a, b) => b[0] - a[0]);
  return most ? [most[1] / most[0], most[2] / most[0], most[3] / most[0]] : [255, 255, 255];
}

/** Beyond the tolerance a colour fades from clear to full over this much more distance. */
const SOFT_EDGE = 0.06;

/**
 * Makes a flat background clear, from the border inwards: what looks like it but is enclosed by the
 * drawing stays. Changes `raster` in place.
 * @param tolerance 0–1: how far a colour may be off the background's.
 */
export function dropBackground(raster: Raster, background: Rgb, tolerance: number): void {
  const { data, width, height } = raster;
  const seen = new Uint8Array(width * height);
  const stack: number[] = [];
  const push = (pixel: number) => {
    if (seen[pixel]) return;
    seen[pixel] = 1;
    stack.push(pixel);
  };
  for (let x = 0; x < width; x++) {
    push(x);
    push((height - 1) * width + x);
  }
  for (let y = 0; y < height; y++) {
    push(y * width);
    push(y * width + width - 1);
  }
  for (let pixel = stack.pop(); pixel !== undefined; pixel = stack.pop()) {
    const away = distance(data, pixel * 4, background) - tolerance;
    if (away > SOFT_EDGE) continue;
    data[pixel * 4 + 3] = away <= 0 ? 0 : ((data[pixel * 4 + 3] ?? 0) * away) / SOFT_EDGE;
    if (away > 0) continue; // the soft edge itself does not lead further in
    const x = pixel % width;
    if (x > 0) push(pixel - 1);
    if (x < width - 1) push(pixel + 1);
    if (pixel >= width) push(pixel - width);
    if (pixel < width * (height - 1)) push(pixel + width);
  }
}

/**
 * Takes one colour for another wherever it is near enough; shades of it keep their difference. In place.
 * @param tolerance 0–1.
 */
export function replaceColour({ data }: Raster, from: Rgb, to: Rgb, tolerance: number): void {
  const shift = [to[0] - from[0], to[1] - from[1], to[2] - from[2]] as const;
  for (let at = 0; at < data.length; at += 4) {
    const away = distance(data, at, from) - tolerance;
    if (away >= SOFT_EDGE) continue;
    const share = away <= 0 ? 1 : 1 - away / SOFT_EDGE;
    for (let c = 0; c < 3; c++) {
      const value = (data[at + c] ?? 0) + (shift[c] ?? 0) * share;
      data[at + c] = min(255, max(0, value));
    }
  }
}

/** Four corners of a sheet as photographed, in pixels: top left, top right, bottom right, bottom left. */
export type Corners = readonly [Point, Point, Point, Point];

/** Size of the straightened picture: its longer edges, so that nothing is lost. */
export function straightSize([tl, tr, br, bl]: Corners): { width: number; height: number } {
  const length = (a: Point, b: Point) => hypot(a.x - b.x, a.y - b.y);
  return {
    width: max(1, round(max(length(tl, tr), length(bl, br)))),
    height: max(1, round(max(length(tl, bl), length(tr, br)))),
  };
}

/**
 * The projective map from the unit square to four corners (Heckbert 1989, “Fundamentals of texture
 * mapping and image warping”, §2.2.3): x = (a u + b v + c)/(g u + h v + 1), y likewise.
 */
export function squareToCorners([p0, p1, p2, p3]: Corners) {
  const sx = p0.x - p1.x + p2.x - p3.x;
  const sy = p0.y - p1.y + p2.y - p3.y;
  const [dx1, dy1] = [p1.x - p2.x, p1.y - p2.y];
  const [dx2, dy2] = [p3.x - p2.x, p3.y - p2.y];
  const det = dx1 * dy2 - dx2 * dy1;
  const g = det === 0 ? 0 : (sx * dy2 - dx2 * sy) / det;
  const h = det === 0 ? 0 : (dx1 * sy - sx * dy1) / det;
  const [a, b] = [p1.x - p0.x + g * p1.x, p3.x - p0.x + h * p3.x];
  const [d, e] = [p1.y - p0.y + g * p1.y, p3.y - p0.y + h * p3.y];
  return (u: number, v: number): Point => {
    const w = g * u + h * v + 1;
    return { x: (a * u + b * v + p0.x) / w, y: (d * u + e * v + p0.y) / w };
  };
}

/** Straightens and crops a photographed sheet: the four corners become a rectangle. */
export function straighten(raster: Raster, corners: Corners): Raster & { data: Uint8ClampedArray } {
  const { width, height } = straightSize(corners);
  const out = new Uint8ClampedArray(width * height * 4);
  const place = squareToCorners(corners);
  for (let y = 0, to = 0; y < height; y++) {
    for (let x = 0; x < width; x++, to += 4) {
      const at = place((x + 0.5) / width, (y + 0.5) / height);
      blend(raster, at.x - 0.5, at.y - 0.5, out, to);
    }
  }
  return { width, height, data: out };
}

/** One pixel between the four nearest ones. */
function blend(raster: Raster, x: number, y: number, out: Uint8ClampedArray, to: number): void {
  const { width, height, data } = raster;
  const [left, top] = [floor(x), floor(y)];
  const [fx, fy] = [x - left, y - top];
  const clampX = (n: number) => min(width - 1, max(0, n));
  const clampY = (n: number) => min(height - 1, max(0, n));
  const row = (n: number) => clampY(n) * width;
  const spots = [
    [row(top) + clampX(left), (1 - fx) * (1 - fy)],
    [row(top) + clampX(left + 1), fx * (1 - fy)],
    [row(top + 1) + clampX(left), (1 - fx) * fy],
    [row(top + 1) + clampX(left + 1), fx * fy],
  ] as const;
  for (let c = 0; c < 4; c++) {
    let sum = 0;
    for (const [pixel, share] of spots) sum += (data[pixel * 4 + c] ?? 0) * share;
    out[to + c] = sum;
  }
}
