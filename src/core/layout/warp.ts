import { uprightMap } from '../art';
import { chain, inverse, unbend } from '../geometry';
import { MM_PER_INCH } from '../units';
import type { Piece, PieceArt } from './piece';

/** Bent pieces are drawn at this many dots per inch: what a home inkjet can show (from memory). */
export const PRINT_PPI = 300;

/** Decoded pixels of a picture as stored, RGBA, with the EXIF orientation still to be applied. */
export interface Pixels {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray | Uint8Array;
  readonly orientation: number;
}

/** Size in dots of a piece drawn at a density. */
export const dotsOf = (piece: Piece, dotsPerMm: number) => ({
  width: Math.max(1, Math.round(piece.widthMm * dotsPerMm)),
  height: Math.max(1, Math.round(piece.heightMm * dotsPerMm)),
});

/** Dots of print files to a millimetre. */
export const DOTS_PER_MM = PRINT_PPI / MM_PER_INCH;

/** Red, green, blue and opacity, 0–255; the colours already times opacity. */
type Sample = Float64Array;
const blankSample = (): Sample => new Float64Array(4);

const { floor } = Math;

/** Adds a share of one stored pixel, colour weighted by its opacity. */
function addPixel(sum: Sample, pixels: Pixels, x: number, y: number, share: number): void {
  const { width, height, data } = pixels;
  const column = x < 0 ? 0 : x >= width ? width - 1 : x;
  const row = y < 0 ? 0 : y >= height ? height - 1 : y;
  const at = (row * width + column) * 4;
  const alpha = (data[at + 3] ?? 0) * share;
  const weight = alpha / 255;
  sum[0] = (sum[0] ?? 0) + (data[at] ?? 0) * weight;
  sum[1] = (sum[1] ?? 0) + (data[at + 1] ?? 0) * weight;
  sum[2] = (sum[2] ?? 0) + (data[at + 2] ?? 0) * weight;
  sum[3] = (sum[3] ?? 0) + alpha;
}

/**
 * Reads a place of the strip between the four nearest pixels of a picture and lays it over what is
 * in `sum` (Porter–Duff over).
 */
function sampler(art: PieceArt, pixels: Pixels) {
  const [a, b, c, d, e, f] = inverse(chain(uprightMap(pixels.orientation), art.matrix));
  const top = blankSample();
  return (stripX: number, stripY: number, sum: Sample): void => {
    const u = a * stripX + c * stripY + e;
    const v = b * stripX + d * stripY + f;
    if (u < 0 || u > 1 || v < 0 || v > 1) return;
    const x = u * pixels.width - 0.5;
    const y = v * pixels.height - 0.5;
    const left = floor(x);
    const upper = floor(y);
    const fx = x - left;
    const fy = y - upper;
    top.fill(0);
    addPixel(top, pixels, left, upper, (1 - fx) * (1 - fy));
    addPixel(top, pixels, left + 1, upper, fx * (1 - fy));
    addPixel(top, pixels, left, upper + 1, (1 - fx) * fy);
    addPixel(top, pixels, left + 1, upper + 1, fx * fy);
    const under = 1 - (top[3] ?? 0) / 255;
    for (let channel = 0; channel < 4; channel++) {
      sum[channel] = (top[channel] ?? 0) + (sum[channel] ?? 0) * under;
    }
  };
}

type Places = readonly (readonly [number, number])[];

/** Where in a dot it is looked at, across and down: once, or in four places where art is finer. */
const MIDDLE: Places = [[0.5, 0.5]];
const QUARTERS: Places = [
  [0.25, 0.25],
  [0.75, 0.25],
  [0.25, 0.75],
  [0.75, 0.75],
];
/** From this many pixels a dot on, one look would make fine art shimmer (own choice). */
const FINE_PIXELS_PER_DOT = 1.5;

function placesFor(piece: Piece, pixelsOf: ReadonlyMap<string, Pixels>, dotsPerMm: number): Places {
  const fine = piece.arts.some(({ artSha256, box }) => {
    const pixels = pixelsOf.get(artSha256);
    if (!pixels) return false;
    const pixelArea = (pixels.width * pixels.height) / (box.width * box.height);
    return Math.sqrt(pixelArea) / dotsPerMm > FINE_PIXELS_PER_DOT;
  });
  return fine ? QUARTERS : MIDDLE;
}

/**
 * Draws some rows of a bent piece: every dot of the paper is traced back to the strip and looked up
 * in the pictures, the last one on top.
 * @param pixelsOf decoded pixels by SHA-256; pictures that are absent are left out.
 * @returns RGBA, `rows` × the width of `dotsOf`; clear where there is no art.
 * @throws Error when the piece is not bent.
 */
export function warpRows(
  piece: Piece,
  pixelsOf: ReadonlyMap<string, Pixels>,
  dotsPerMm: number,
  firstRow: number,
  rows: number,
): Uint8ClampedArray {
  const { bend, strip } = piece;
  if (!bend) throw new Error('Only bent pieces are warped.');
  const { width } = dotsOf(piece, dotsPerMm);
  const samplers = piece.arts.flatMap((art) => {
    const pixels = pixelsOf.get(art.artSha256);
    return pixels ? [sampler(art, pixels)] : [];
  });
  const out = new Uint8ClampedArray(width * rows * 4);
  const places = placesFor(piece, pixelsOf, dotsPerMm);
  const total = blankSample();
  const dot = blankSample();

  for (let row = 0, at = 0; row < rows; row++) {
    for (let column = 0; column < width; column++, at += 4) {
      total.fill(0);
      for (const [dx, dy] of places) {
        const paper = { x: (column + dx) / dotsPerMm, y: (firstRow + row + dy) / dotsPerMm };
        const { x, y } = unbend(paper, strip, bend.sector, bend.centre);
        if (x < 0 || x > strip.widthMm || y < 0 || y > strip.heightMm) continue;
        dot.fill(0);
        for (const sample of samplers) sample(x, y, dot);
        for (let channel = 0; channel < 4; channel++)
          total[channel] = (total[channel] ?? 0) + (dot[channel] ?? 0);
      }
      writeDot(out, at, total, places.length);
    }
  }
  return out;
}

/** Turns the sum over a dot's places into plain RGBA. */
function writeDot(out: Uint8ClampedArray, at: number, total: Sample, places: number): void {
  const opacity = total[3] ?? 0;
  if (opacity === 0) return;
  for (let channel = 0; channel < 3; channel++) {
    out[at + channel] = ((total[channel] ?? 0) / opacity) * 255;
  }
  out[at + 3] = opacity / places;
}
