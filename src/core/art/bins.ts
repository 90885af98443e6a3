/** Upright pixels, RGBA. */
export interface Raster {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray | Uint8Array;
}

/** Less opaque than this a pixel is nothing printed, 0–255. */
export const INKED_ALPHA = 128;

/** The printed pixels of a picture by about their colour. */
export interface Bins {
  /** Those that hold any, the fullest first, of equals the one seen first. */
  readonly keys: readonly number[];
  /** How many pixels are in each, by key; and three by three the sums of their channels, 0–255 a pixel. */
  readonly counts: Uint32Array;
  readonly sums: Uint32Array;
  /** Which each pixel belongs to, by key; 0 too where nothing is printed. */
  readonly of: Uint16Array;
}

/** Which bin a colour belongs to, by the upper bits of its channels. */
const binOf = (r: number, g: number, b: number, bits: number): number =>
  ((r >> (8 - bits)) << (2 * bits)) | ((g >> (8 - bits)) << bits) | (b >> (8 - bits));

/**
 * The printed pixels of a picture sorted by colour; of 16 million pixels at most.
 * @param bits how many upper bits of each channel tell bins apart, 1–5.
 */
export function binsOf({ data, width, height }: Raster, bits: number): Bins {
  const size = 1 << (3 * bits);
  const counts = new Uint32Array(size);
  const sums = new Uint32Array(3 * size);
  const of = new Uint16Array(width * height);
  const seen: number[] = [];
  for (let i = 0; i < width * height * 4; i += 4) {
    if ((data[i + 3] as number) < INKED_ALPHA) continue;
    const r = data[i] as number;
    const g = data[i + 1] as number;
    const b = data[i + 2] as number;
    const key = binOf(r, g, b, bits);
    const count = counts[key] as number;
    if (count === 0) seen.push(key);
    counts[key] = count + 1;
    of[i >> 2] = key;
    const at = 3 * key;
    sums[at] = (sums[at] as number) + r;
    sums[at + 1] = (sums[at + 1] as number) + g;
    sums[at + 2] = (sums[at + 2] as number) + b;
  }
  const keys = seen.sort((one, other) => (counts[other] as number) - (counts[one] as number));
  return { keys, counts, sums, of };
}
