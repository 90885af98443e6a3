import type { Artwork } from '../model';

/** Largest picture taken in, in pixels: what a tablet can still decode and show. */
export const MAX_PIXELS = 60_000_000;
/** Longest side taken in, pixels: beyond it browsers refuse to draw (from memory). */
export const MAX_SIDE_PX = 16_384;
/** Largest picture file, bytes. */
export const MAX_FILE_BYTES = 200_000_000;

/** Whether a picture has too many pixels, altogether or along a side, to be taken in. */
export const tooLarge = (widthPx: number, heightPx: number): boolean =>
  widthPx * heightPx > MAX_PIXELS || Math.max(widthPx, heightPx) > MAX_SIDE_PX;

/** Less see-through than this round a picture leaves no box to speak of (own choice). */
const BOX_SHOWS_FROM = 0.05;

/** Whether a picture has an outline of its own: cut straight, what is not see-through would show round it. */
export const leavesBox = ({ transparentShare, facts }: Artwork): boolean =>
  transparentShare >= BOX_SHOWS_FROM && (facts?.silhouette.length ?? 0) > 0;
