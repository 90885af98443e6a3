/** Largest picture taken in, in pixels: what a tablet can still decode and show. */
export const MAX_PIXELS = 60_000_000;
/** Longest side taken in, pixels: beyond it browsers refuse to draw (from memory). */
export const MAX_SIDE_PX = 16_384;
/** Largest picture file, bytes. */
export const MAX_FILE_BYTES = 200_000_000;

/** Whether a picture has too many pixels, altogether or along a side, to be taken in. */
export const tooLarge = (widthPx: number, heightPx: number): boolean =>
  widthPx * heightPx > MAX_PIXELS || Math.max(widthPx, heightPx) > MAX_SIDE_PX;
