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
  /** Four numbers for each key, side by side: how many pixels are in it, and the sums of their channels, 0–255 a pixel. */
  readonly tallies: Int32Array;
  /** Which each pixel belongs to, by key; 0 too where nothing is printed. */
  readonly of: Uint16Array;
}

/** Which bin a colour belongs to, by the upper bits of its channels. */
const binOf = (r: number, g: number, b: number, bits: number): number =>
  ((r >> (8 - bits)) << (2 * bits)) | ((g >> (8 - bits)) << bits) | (b >> (8 - bits));

/** More than there are bins: a count times this, less a place among those seen, is told apart from every other. */
const PLACES = 1 << 16;

/** Keys by how many pixels each holds, the fullest first, of equals the one seen first: sorted as numbers, without a call for each pair. */
function byFullness(seen: readonly number[], tallies: Int32Array): number[] {
  const order = new Float64Array(seen.length);
  for (let i = 0; i < order.length; i++)
    order[i] = i - (tallies[4 * (seen[i] as number)] as number) * PLACES;
  order.sort();
  return Array.from(order, (rank) => seen[((rank % PLACES) + PLACES) % PLACES] as number);
}

/**
 * The printed pixels of a picture sorted by colour; of 8 million pixels at most, whose sums are 32 bits.
 * @param bits how many upper bits of each channel tell bins apart, 1–5.
 */
export function binsOf({ data, width, height }: Raster, bits: number): Bins {
  const tallies = new Int32Array(4 << (3 * bits));
  const pixels = width * height;
  const of = new Uint16Array(pixels);
  const seen: number[] = [];
  for (let i = 0; i < pixels; i++) {
    const from = i << 2;
    if ((data[from + 3] as number) < INKED_ALPHA) continue;
    const r = data[from] as number;
    const g = data[from + 1] as number;
    const b = data[from + 2] as number;
    const key = binOf(r, g, b, bits);
    const at = 4 * key;
    const count = tallies[at] as number;
    if (count === 0) seen.push(key);
    of[i] = key;
    tallies[at] = count + 1;
    tallies[at + 1] = (tallies[at + 1] as number) + r;
    tallies[at + 2] = (tallies[at + 2] as number) + g;
    tallies[at + 3] = (tallies[at + 3] as number) + b;
  }
  return { keys: byFullness(seen, tallies), tallies, of };
}
