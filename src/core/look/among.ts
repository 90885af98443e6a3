import { placesByCorners } from './byCorners';
import { matched, oneIn } from './corners';
import type { Photographed } from './photographed';
import type { Ready } from './ready';
import { found } from './register';

/** One corner of the photo in so many is enough to tell which things are worth a closer look. */
const ONE_IN = 3;
/** A sketch that fewer matches agree on is not taken to be seen by them. */
const LEAST_MATCHES = 10;

/**
 * Which of many things a photo most likely shows: by how many matches agree on where each lies, or where none do by how
 * alike they are between the edges of the paper. Nothing is certain of these; each is still to be looked at.
 * @param sketches the things, each drawn as small as can still be told apart; some 400 pixels do.
 * @param most so many of them at most.
 * @returns their places in the list, the likeliest first.
 */
export function likeliest(photo: Photographed, sketches: readonly Ready[], most: number): number[] {
  const seen = oneIn(photo.features().corners, ONE_IN);
  const byMatches = sketches
    .map(({ wanted }, which) => {
      const matches = wanted.map(
        (way) => found(seen, way, matched(seen, way.corners), 1 + which)?.matches ?? 0,
      );
      return { which, matches: Math.max(...matches) };
    })
    .filter(({ matches }) => matches >= LEAST_MATCHES)
    .sort((a, b) => b.matches - a.matches)
    .map(({ which }) => which);
  if (byMatches.length > 0) return byMatches.slice(0, most);
  const outline = photo.outline();
  const byPaper = outline ? placesByCorners(photo.light, sketches, outline) : [];
  return [...new Set(byPaper.map(({ which }) => which))].slice(0, most);
}
