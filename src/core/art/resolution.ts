import { MM_PER_INCH } from '../units';

/** Art under this many pixels per inch at final size shows (from memory). */
export const VISIBLE_BELOW_PPI = 150;
/** Below this a warning is due (from memory). */
export const WARN_BELOW_PPI = 220;

/** How a picture will look at its size. */
export type ResolutionVerdict = 'sharp' | 'soft' | 'visible pixels';

/** Pixels per inch over a printed length. */
export const pixelsPerInch = (pixels: number, lengthMm: number): number =>
  lengthMm > 0 ? (pixels * MM_PER_INCH) / lengthMm : 0;

/** How a picture will look at so many pixels per inch. */
export function judgeResolution(ppi: number): ResolutionVerdict {
  if (ppi < VISIBLE_BELOW_PPI) return 'visible pixels';
  return ppi < WARN_BELOW_PPI ? 'soft' : 'sharp';
}
