import type { Raster } from '../art';
import { doubleArea, type Point } from '../geometry';
import { toLinear } from './srgb';

const { floor, max, min, round, hypot, sqrt, atan2, abs } = Math;

/** A photo is looked at this large, longest side, pixels. */
const LOOK_PX = 1000;
/** Darker than this share of what is round about is dark. */
const DARK_SHARE = 0.55;
/** What is round about reaches this far, as a share of the photo. */
const ROUND_SHARE = 1 / 7;

/** A smaller picture of how light a photo is, 0–1. */
interface Grey {
  readonly width: number;
  readonly height: number;
  readonly light: Float32Array;
  /** Pixels of the photo to one of it. */
  readonly step: number;
}

function greyOf({ data, width, height }: Raster): Grey {
  const step = max(1, floor(max(width, height) / LOOK_PX));
  const [w, h] = [floor(width / step), floor(height / step)];
  const light = new Float32Array(w * h);
  for (let y = 0; y < h * step; y++)
    for (let x = 0; x < w * step; x++) {
      const at = 4 * (y * width + x);
      const cell = floor(y / step) * w + floor(x / step);
      const grey =
        0.2126 * (data[at] ?? 0) + 0.7152 * (data[at + 1] ?? 0) + 0.0722 * (data[at + 2] ?? 0);
      light[cell] = (light[cell] ?? 0) + grey;
    }
  return { width: w, height: h, step, light: light.map((v) => toLinear(v / step ** 2 / 255)) };
}

/** What is much darker than its surroundings. */
function darkIn({ width, height, light }: Grey): Uint8Array {
  const sums = new Float64Array((width + 1) * (height + 1));
  for (let y = 0; y < height; y++)
    for (let x = 0, row = 0; x < width; x++) {
      row += light[y * width + x] ?? 0;
      sums[(y + 1) * (width + 1) + x + 1] = (sums[y * (width + 1) + x + 1] ?? 0) + row;
    }
  const reach = round((max(width, height) * ROUND_SHARE) / 2);
  const dark = new Uint8Array(width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const l = max(0, x - reach);
      const r = min(width, x + reach);
      const t = max(0, y - reach);
      const b = min(height, y + reach);
      const at = (row: number, column: number) => sums[row * (width + 1) + column] ?? 0;
      const mean = (at(b, r) - at(t, r) - at(b, l) + at(t, l)) / ((r - l) * (b - t));
      dark[y * width + x] = Number((light[y * width + x] ?? 0) < DARK_SHARE * mean);
    }
  return dark;
}

/** A patch of dark: its box, how much of it, and its middle. */
interface Blob {
  left: number;
  top: number;
  right: number;
  bottom: number;
  area: number;
  x: number;
  y: number;
}

function blobsIn(dark: Uint8Array, width: number): Blob[] {
  const seen = new Uint8Array(dark.length);
  const blobs: Blob[] = [];
  for (let start = 0; start < dark.length; start++) {
    if (!dark[start] || seen[start]) continue;
    const blob = { left: width, top: Infinity, right: 0, bottom: 0, area: 0, x: 0, y: 0 };
    const open = [start];
    seen[start] = 1;
    for (let at = open.pop(); at !== undefined; at = open.pop()) {
      const x = at % width;
      const y = floor(at / width);
      blob.area++;
      blob.x += x;
      blob.y += y;
      blob.left = min(blob.left, x);
      blob.right = max(blob.right, x);
      blob.top = min(blob.top, y);
      blob.bottom = max(blob.bottom, y);
      const beside = [x > 0 ? at - 1 : -1, x + 1 < width ? at + 1 : -1, at - width, at + width];
      for (const next of beside)
        if (next >= 0 && next < dark.length && dark[next] && !seen[next]) {
          seen[next] = 1;
          open.push(next);
        }
    }
    blobs.push({ ...blob, x: blob.x / blob.area, y: blob.y / blob.area });
  }
  return blobs;
}

const wide = (b: Blob): number => b.right - b.left + 1;
const high = (b: Blob): number => b.bottom - b.top + 1;

/** Smaller than this no mark is made out, pixels of the smaller picture. */
const LEAST_MARK_PX = 7;

/** A mark seen from the side is at most so much longer one way. */
const MOST_TILT = 2;
/** Shares of its box that a frame and the square in it fill; 0.56 and 0.11 straight from above, half and twice that blurred or tilted. */
const RING_FILLS = { from: 0.25, to: 0.75 } as const;
const CORE_FILLS = { from: 0.03, to: 0.25 } as const;
/** The square stands in the middle of its frame, but for so much of its side. */
const CORE_OFF = 0.15;
/** Things that look like marks, at most: every four of them are tried. */
const MOST_MARKS = 12;

/** A frame with a square in it: the marks of the chart, and hardly anything else. */
function marksAmong(blobs: readonly Blob[]): (Point & { size: number })[] {
  return blobs.flatMap((ring) => {
    const w = wide(ring);
    const h = high(ring);
    const fills = ring.area / (w * h);
    const flat = max(w, h) > MOST_TILT * min(w, h);
    if (min(w, h) < LEAST_MARK_PX || flat || fills < RING_FILLS.from || fills > RING_FILLS.to)
      return [];
    const middle = { x: (ring.left + ring.right) / 2, y: (ring.top + ring.bottom) / 2 };
    const core = blobs.find(
      (each) =>
        each !== ring &&
        each.left > ring.left &&
        each.right < ring.right &&
        each.top > ring.top &&
        each.bottom < ring.bottom &&
        hypot(each.x - middle.x, each.y - middle.y) < CORE_OFF * max(w, h) &&
        each.area > CORE_FILLS.from * w * h &&
        each.area < CORE_FILLS.to * w * h,
    );
    if (!core) return [];
    const all = ring.area + core.area;
    return [
      {
        x: (ring.x * ring.area + core.x * core.area) / all,
        y: (ring.y * ring.area + core.y * core.area) / all,
        size: sqrt(w * h),
      },
    ];
  });
}

/** Marks of one chart differ in size by no more than this, however it was tilted. */
const MOST_APART = 2;

/** Corners by their angle about their middle, clockwise as pixels go (y down). */
function inTurn(corners: readonly Point[]): Point[] {
  const middle = {
    x: corners.reduce((sum, { x }) => sum + x, 0) / corners.length,
    y: corners.reduce((sum, { y }) => sum + y, 0) / corners.length,
  };
  const angle = ({ x, y }: Point) => atan2(y - middle.y, x - middle.x);
  return [...corners].sort((a, b) => angle(a) - angle(b));
}

/**
 * The four marks of a chart in a photo, clockwise from any of them, pixels of the photo.
 * @returns fewer where they are not all found.
 */
export function findMarks(photo: Raster): readonly Point[] {
  const grey = greyOf(photo);
  const found = marksAmong(blobsIn(darkIn(grey), grey.width)).slice(0, MOST_MARKS);
  let best: { area: number; ring: Point[] } = { area: 0, ring: [] };
  for (const [a, one] of found.entries())
    for (const [b, two] of found.entries())
      for (const [c, three] of found.entries())
        for (const [d, four] of found.entries()) {
          if (!(a < b && b < c && c < d)) continue;
          const corners = [one, two, three, four];
          const sizes = corners.map(({ size }) => size);
          if (max(...sizes) > MOST_APART * min(...sizes)) continue;
          const ring = inTurn(corners);
          const area = abs(doubleArea(ring));
          if (area > best.area) best = { area, ring };
        }
  const marks = best.ring.length === 4 ? best.ring : found;
  const { step } = grey;
  return marks.map(({ x, y }) => ({ x: (x + 0.5) * step, y: (y + 0.5) * step }));
}
