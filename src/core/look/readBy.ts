import type { Place } from './byCorners';
import type { Projective } from './camera';
import { matched, oneIn, type Corners } from './corners';
import { found, type Found, type Wanted } from './register';

/** The thing must be seen by this many matches to be known, and by so many times those of any other reading. */
const LEAST_MATCHES = 18;
const CLEARLY = 1.8;

/** A reading of the photo: which of the things looked for, flipped or not, and how it was found. */
export interface Reading {
  readonly which: number;
  readonly mirrored: boolean;
  readonly found: Found;
}

/** How many corners of a photo are compared first, and how many matches of theirs make the others needless (own choices). */
const ONE_IN = 3;
const SURE_MATCHES = 40;

/** Every reading by some of the corners of a photo alone. */
export const readBySome = (
  photo: Corners,
  things: readonly (readonly [Wanted, Wanted])[],
): readonly Reading[] => readingsOf(oneIn(photo, ONE_IN), things);

function readingsOf(
  photo: Corners,
  things: readonly (readonly [Wanted, Wanted])[],
): readonly Reading[] {
  return things.flatMap((pair, which) =>
    pair.flatMap((wanted, nth) => {
      const one = found(photo, wanted, matched(photo, wanted.corners), 1 + which);
      return one ? [{ which, mirrored: nth === 1, found: one }] : [];
    }),
  );
}

/** The reading of most matches, where it has enough of them and the next is far behind. */
function clearOf(readings: readonly Reading[], least: number): Reading | null {
  const [best, next] = [...readings].sort((a, b) => b.found.matches - a.found.matches);
  if (!best || best.found.matches < least) return null;
  return best.found.matches >= CLEARLY * (next?.found.matches ?? 0) ? best : null;
}

/**
 * Which of several things a photo shows, by corners alone: by some of its corners where they leave no doubt, else by all.
 * @returns null where none is clear: too few matches, or another reading nearly as good.
 */
export const readBy = (
  photo: Corners,
  things: readonly (readonly [Wanted, Wanted])[],
): Reading | null =>
  clearOf(readBySome(photo, things), SURE_MATCHES) ??
  clearOf(readingsOf(photo, things), LEAST_MATCHES);

/** A map to the pixels of a reduced photo as one to those of the whole. */
function enlarged(map: Projective, by: number): Projective {
  const [a, b, c, d, e, f, g, h, i] = map;
  const half = by / 2;
  return [
    a * by + g * half,
    b * by + h * half,
    c * by + i * half,
    d * by + g * half,
    e * by + h * half,
    f * by + i * half,
    g,
    h,
    i,
  ];
}

/** The place a reading tells, in the whole photo, whose pixels are so many times those it was read by. */
export const placeOf = ({ which, mirrored, found }: Reading, by: number): Place => ({
  ...{ which, mirrored },
  map: enlarged(found.map, by),
});
