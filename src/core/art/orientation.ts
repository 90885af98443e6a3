import type { Affine } from '../geometry';
import type { Artwork } from '../model';

/**
 * EXIF orientation (JEITA CP-3451, tag 0x0112) as a map of the unit square, y down:
 * takes a place in the stored picture to its place in the upright picture.
 */
const UPRIGHT: Record<number, Affine> = {
  1: [1, 0, 0, 1, 0, 0],
  2: [-1, 0, 0, 1, 1, 0],
  3: [-1, 0, 0, -1, 1, 1],
  4: [1, 0, 0, -1, 0, 1],
  5: [0, 1, 1, 0, 0, 0],
  6: [0, 1, -1, 0, 1, 0],
  7: [0, -1, -1, 0, 1, 1],
  8: [0, -1, 1, 0, 0, 1],
};

/** @param orientation EXIF value 1–8; anything else is taken as 1, as readers commonly do. */
export const uprightMap = (orientation: number): Affine =>
  UPRIGHT[orientation] ?? [1, 0, 0, 1, 0, 0];

/** Whether the upright picture is as wide as the stored one is high. */
export const isTurned = (orientation: number): boolean => orientation >= 5 && orientation <= 8;

/** Pixels of the picture as it is to be looked at. */
export function uprightPixels(
  art: Pick<Artwork, 'storedWidthPx' | 'storedHeightPx' | 'orientation'>,
): { widthPx: number; heightPx: number } {
  return isTurned(art.orientation)
    ? { widthPx: art.storedHeightPx, heightPx: art.storedWidthPx }
    : { widthPx: art.storedWidthPx, heightPx: art.storedHeightPx };
}
