import type { Raster } from './raster';

/** Difference of a channel that is no difference: anti-aliasing and rounding (own choice). */
const SLACK = 28;

const { min, max, abs } = Math;

/** Whether a pixel fits what the 3 × 3 pixels round the same place of the other picture span. */
function fitsNear(value: number, other: Raster, column: number, row: number, channel: number) {
  let low = 255;
  let high = 0;
  for (let y = max(0, row - 1); y <= min(other.height - 1, row + 1); y++) {
    for (let x = max(0, column - 1); x <= min(other.width - 1, column + 1); x++) {
      const near = other.data[(y * other.width + x) * 4 + channel] ?? 255;
      if (near < low) low = near;
      if (near > high) high = near;
    }
  }
  return value >= low - SLACK && value <= high + SLACK;
}

/** How two pictures of one size differ. */
export interface Difference {
  /** Share of the pixels looked at that differ by more than anti-aliasing, 0–1. */
  readonly share: number;
  /** Those pixels, one byte each: 1 differs. */
  readonly where: Uint8Array;
}

/**
 * Compares what came out with what was meant.
 * @param inside pixels to look at, one byte each; left out looks at all.
 * @throws RangeError when the sizes differ.
 */
export function compare(got: Raster, meant: Raster, inside?: Uint8Array): Difference {
  if (got.width !== meant.width || got.height !== meant.height)
    throw new RangeError('Only pictures of one size can be compared.');
  const where = new Uint8Array(got.width * got.height);
  let looked = 0;
  let off = 0;
  for (let row = 0, at = 0; row < got.height; row++) {
    for (let column = 0; column < got.width; column++, at++) {
      if (inside && !inside[at]) continue;
      looked++;
      for (let channel = 0; channel < 3; channel++) {
        const value = got.data[at * 4 + channel] ?? 255;
        if (abs(value - (meant.data[at * 4 + channel] ?? 255)) <= SLACK) continue;
        if (fitsNear(value, meant, column, row, channel)) continue;
        where[at] = 1;
        off++;
        break;
      }
    }
  }
  return { share: looked === 0 ? 0 : off / looked, where };
}
