import { MAX_DETAIL_CELLS, type ArtFacts } from '../model';
import { binsOf, INKED_ALPHA, type Raster } from './bins';

/** From here on a pixel counts as white. */
const WHITE_FROM = 248;

const { abs, max, min, round, sqrt } = Math;

/** Red, green and blue as seen on white paper, into `out`. */
function onWhite({ data }: Raster, at: number, out: Float64Array): void {
  const alpha = (data[at + 3] ?? 0) / 255;
  for (let c = 0; c < 3; c++) out[c] = 255 + ((data[at + c] ?? 0) - 255) * alpha;
}

/** How far two colours are apart in one channel. */
const apart = (a: Float64Array, b: Float64Array, c: number): number =>
  abs((a[c] ?? 0) - (b[c] ?? 0));

function difference(raster: Raster, one: number, other: number, a: Float64Array, b: Float64Array) {
  onWhite(raster, one, a);
  onWhite(raster, other, b);
  return (apart(a, b, 0) + apart(a, b, 1) + apart(a, b, 2)) / 765;
}

/** Mean difference of the left and the right edge, 0–1. */
function edgeMismatch(raster: Raster): number {
  const { width, height } = raster;
  const [a, b] = [new Float64Array(3), new Float64Array(3)];
  let sum = 0;
  for (let y = 0; y < height; y++)
    sum += difference(raster, y * width * 4, (y * width + width - 1) * 4, a, b);
  return sum / height;
}

/** Mean difference of a picture and itself turned upside down, 0–1; each pair of pixels is met once. */
function turnedMismatch(raster: Raster): number {
  const { width, height } = raster;
  const [a, b] = [new Float64Array(3), new Float64Array(3)];
  const pixels = width * height;
  let sum = 0;
  for (let i = 0; 2 * i + 1 < pixels; i++)
    sum += 2 * difference(raster, i * 4, (pixels - 1 - i) * 4, a, b);
  return sum / pixels;
}

/** Luminance as seen on white paper, 0–255 (Rec. 709 weights on the stored values). */
function luminances(raster: Raster): Float64Array {
  const light = new Float64Array(raster.width * raster.height);
  const rgb = new Float64Array(3);
  for (let i = 0; i < light.length; i++) {
    onWhite(raster, i * 4, rgb);
    light[i] = 0.2126 * (rgb[0] ?? 0) + 0.7152 * (rgb[1] ?? 0) + 0.0722 * (rgb[2] ?? 0);
  }
  return light;
}

/** Where neighbours differ most, cell by cell, the busiest cell 255. */
function detailOf(raster: Raster): ArtFacts['detail'] {
  const { width, height } = raster;
  const cell = max(width, height) / MAX_DETAIL_CELLS;
  const columns = max(1, min(MAX_DETAIL_CELLS, round(width / cell)));
  const rows = max(1, min(MAX_DETAIL_CELLS, round(height / cell)));
  const light = luminances(raster);
  const sums = new Float64Array(columns * rows);
  for (let y = 1; y < height; y++) {
    const row = min(rows - 1, ((y * rows) / height) | 0);
    for (let x = 1; x < width; x++) {
      const at = y * width + x;
      const here = light[at] ?? 0;
      const slope = abs(here - (light[at - 1] ?? 0)) + abs(here - (light[at - width] ?? 0));
      const column = min(columns - 1, ((x * columns) / width) | 0);
      const cellAt = row * columns + column;
      sums[cellAt] = (sums[cellAt] ?? 0) + slope;
    }
  }
  const busiest = max(1e-9, ...sums);
  return { columns, rows, cells: [...sums].map((sum) => round((255 * sum) / busiest)) };
}

const hex = (r: number, g: number, b: number): string =>
  `#${[r, g, b]
    .map((v) =>
      round(min(255, max(0, v)))
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

/** Colours nearer than this (of 441 across the cube) are told as one. */
const SAME_COLOUR_WITHIN = 48;
const PALETTE_SIZE = 8;

/** The main colours by counting: bins of 16 steps a channel, near ones taken together. */
function paletteOf(raster: Raster): ArtFacts['palette'] {
  const { keys, tallies } = binsOf(raster, 4);
  let inked = 0;
  const groups: { count: number; r: number; g: number; b: number }[] = [];
  for (const key of keys) {
    const count = tallies[4 * key] as number;
    const mean = (channel: number) => (tallies[4 * key + 1 + channel] as number) / count;
    const own = { count, r: mean(0), g: mean(1), b: mean(2) };
    inked += count;
    const near = groups.find(
      (each) =>
        sqrt((each.r - own.r) ** 2 + (each.g - own.g) ** 2 + (each.b - own.b) ** 2) <
        SAME_COLOUR_WITHIN,
    );
    if (near) near.count += count;
    else groups.push(own);
  }
  return groups
    .sort((a, b) => b.count - a.count)
    .slice(0, PALETTE_SIZE)
    .map(({ count, r, g, b }) => ({ colour: hex(r, g, b), share: count / max(1, inked) }));
}

function whiteShare({ data, width, height }: Raster): number {
  let white = 0;
  for (let i = 0; i < width * height * 4; i += 4) {
    const lightest = min(data[i] ?? 0, data[i + 1] ?? 0, data[i + 2] ?? 0);
    if (lightest >= WHITE_FROM && (data[i + 3] ?? 0) >= INKED_ALPHA) white++;
  }
  return white / (width * height);
}

/** What a picture holds, from a small upright drawing of it; all but its silhouette and areas. */
export const measureRaster = (raster: Raster): Omit<ArtFacts, 'silhouette' | 'neighbours'> => ({
  palette: paletteOf(raster),
  whiteShare: whiteShare(raster),
  edgeMismatch: edgeMismatch(raster),
  turnedMismatch: turnedMismatch(raster),
  detail: detailOf(raster),
});
