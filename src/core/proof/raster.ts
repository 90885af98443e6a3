/** Pixels of something flat in true size: RGBA, row by row from the top. */
export interface Raster {
  readonly width: number;
  readonly height: number;
  readonly data: Uint8ClampedArray | Uint8Array;
  readonly pxPerMm: number;
}

/** A raster of a size in mm, white all over. */
export function whiteRaster(widthMm: number, heightMm: number, pxPerMm: number) {
  const width = Math.max(1, Math.round(widthMm * pxPerMm));
  const height = Math.max(1, Math.round(heightMm * pxPerMm));
  const data = new Uint8ClampedArray(width * height * 4).fill(255);
  return { width, height, data, pxPerMm };
}

/** Looked up once: global names are slow where rasters are walked. */
const { floor, min, max } = Math;

/**
 * Writes into `out` at `to` the colour of a raster at a place in mm, mixed from the four nearest
 * pixels; white beyond its edge.
 */
export function sampleInto(
  { width, height, data, pxPerMm }: Raster,
  xMm: number,
  yMm: number,
  out: Uint8ClampedArray,
  to: number,
): void {
  const [x, y] = [xMm * pxPerMm - 0.5, yMm * pxPerMm - 0.5];
  out[to + 3] = 255;
  if (x < -0.5 || y < -0.5 || x > width - 0.5 || y > height - 0.5) {
    out[to] = out[to + 1] = out[to + 2] = 255;
    return;
  }
  const [left, top] = [floor(x), floor(y)];
  const [fx, fy] = [x - left, y - top];
  const column = (at: number) => min(width - 1, max(0, at));
  const upper = min(height - 1, max(0, top)) * width;
  const lower = min(height - 1, max(0, top + 1)) * width;
  const [a, b] = [(upper + column(left)) * 4, (upper + column(left + 1)) * 4];
  const [c, d] = [(lower + column(left)) * 4, (lower + column(left + 1)) * 4];
  for (let i = 0; i < 3; i++) {
    const above = (data[a + i] ?? 255) * (1 - fx) + (data[b + i] ?? 255) * fx;
    const below = (data[c + i] ?? 255) * (1 - fx) + (data[d + i] ?? 255) * fx;
    out[to + i] = above * (1 - fy) + below * fy;
  }
}

/** A raster as it is seen from behind: flipped left to right. */
export function turnedOver({ width, height, data, pxPerMm }: Raster): Raster {
  const out = new Uint8ClampedArray(data.length);
  for (let y = 0, to = 0; y < height; y++)
    for (let x = 0; x < width; x++, to += 4) {
      const from = (y * width + width - 1 - x) * 4;
      for (let k = 0; k < 4; k++) out[to + k] = data[from + k] ?? 255;
    }
  return { width, height, data: out, pxPerMm };
}
