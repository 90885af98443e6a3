/** Largest picture taken in, in pixels: what a tablet can still decode and show. */
export const MAX_PIXELS = 60_000_000;
/** Longest side taken in, pixels: beyond it browsers refuse to draw (from memory). */
export const MAX_SIDE_PX = 16_384;
/** Largest picture file, bytes. */
export const MAX_FILE_BYTES = 200_000_000;

/** @returns why a picture of this many pixels cannot be taken in, or null when it can. */
export function tooLarge(widthPx: number, heightPx: number): string | null {
  const megapixels = (widthPx * heightPx) / 1e6;
  if (widthPx * heightPx <= MAX_PIXELS && Math.max(widthPx, heightPx) <= MAX_SIDE_PX) return null;
  return (
    `It is ${widthPx} × ${heightPx} pixels (${Math.round(megapixels)} megapixels); up to ` +
    `${MAX_PIXELS / 1e6} megapixels and ${MAX_SIDE_PX} pixels a side can be taken in. ` +
    `Save it smaller: 300 pixels per inch at final size is plenty.`
  );
}
