import type { Box } from '../geometry';
import type { PlaceSeen } from './dead';
import type { Patch } from './residue';
import { inGroups } from './together';

/** What is smaller is not told by itself, mm². */
const LEAST_PATCH_MM2 = 4.5;
/** Nor what is thinner than this: an edge that registration left a little off, mm. */
const LEAST_THICK_MM = 1.6;
/** But strokes of one letter are, that lie within so many mm of each other and are so large each and together, mm². */
const LETTER_MM = 5;
const LEAST_STROKE_MM2 = 1;
const LEAST_LETTER_MM2 = 2.5;
/** What is round a letter that is there is at least this alike, in its place or a little aside (own choices, by trials). */
const GONE = 0.86;

/** Whether a patch is too small or too thin to be told by itself. */
export const isSlight = ({ box, areaMm2 }: Patch): boolean =>
  areaMm2 < LEAST_PATCH_MM2 || Math.min(box.width, box.height) < LEAST_THICK_MM;

/** Whether what must be in a place is seen neither there nor a little aside of it. */
const isGone = (place: PlaceSeen | null): boolean =>
  place !== null && place.inPlace < GONE && place.best < GONE;

/**
 * Letters of which thin strokes alone are off: the slight patches of one, taken together.
 * @param slight patches too small or too thin to be told by themselves.
 * @param seenAt how alike what is round a box is; null where it cannot be said.
 */
export function lostStrokes(
  slight: readonly Patch[],
  seenAt: (box: Box) => PlaceSeen | null,
): Patch[] {
  const strokes = slight.filter(
    ({ areaMm2, box }) => areaMm2 >= LEAST_STROKE_MM2 && isGone(seenAt(box)),
  );
  return inGroups(strokes, LETTER_MM)
    .map(({ all, box }): Patch => {
      const areaMm2 = all.reduce((sum, each) => sum + each.areaMm2, 0);
      const mean = (of: 'white' | 'inked' | 'off') =>
        all.reduce((sum, each) => sum + each[of] * each.areaMm2, 0) / areaMm2;
      return { box, areaMm2, white: mean('white'), inked: mean('inked'), off: mean('off') };
    })
    .filter(({ areaMm2 }) => areaMm2 >= LEAST_LETTER_MM2);
}
