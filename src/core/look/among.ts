import type { Point } from '../geometry';
import { placesByCorners, type Place } from './byCorners';
import type { Photographed } from './photographed';
import { placeOf, readBySome } from './readBy';
import type { Ready } from './ready';

/** A sketch that fewer matches agree on is not taken to be seen by them. */
const LEAST_MATCHES = 10;
/** Nor is one that fewer agree on than this share of those of the likeliest (own choice). */
const NEAR = 0.5;

/** Places of things that enough matches agree on, the most first. */
function byFeatures({ features }: Photographed, sketches: readonly Ready[]): Place[] {
  const { corners, by } = features();
  const readings = readBySome(
    corners,
    sketches.map(({ wanted }) => wanted()),
  );
  const most = Math.max(0, ...readings.map(({ found }) => found.matches));
  return readings
    .filter(({ found }) => found.matches >= Math.max(LEAST_MATCHES, NEAR * most))
    .sort((a, b) => b.found.matches - a.found.matches)
    .map((reading) => placeOf(reading, by));
}

/** Those places that are of the first few things. */
function ofFirst(places: readonly Place[], most: number): Place[] {
  const first = [...new Set(places.map(({ which }) => which))].slice(0, most);
  return places.filter(({ which }) => first.includes(which));
}

/**
 * Where in a photo which of many things may lie, the likeliest first: by how many matches agree on where each lies, and,
 * should none of these be borne out, by how alike they are between the edges of the paper. Nothing is certain of these;
 * each is still to be looked at.
 * @param sketches the things, each drawn as small as can still be told apart; some 400 pixels do.
 * @param most places of so many things at most.
 * @param corners the four corners of the paper, clockwise from any, pixels, where a person pointed at them: these tell alone.
 * @param asked what the photo was taken for, where what it shows itself did not tell: it stands behind the others where
 *   the paper is asked.
 * @returns one list of places after another, each found when it is asked for.
 */
export function* placesAmong(
  photo: Photographed,
  sketches: readonly Ready[],
  most: number,
  corners: readonly Point[] = [],
  asked: Ready | null = null,
): Generator<Place[], void> {
  const pointed = corners.length === 4;
  if (!pointed) yield ofFirst(byFeatures(photo, sketches), most);
  const paper = pointed ? corners : photo.outline();
  const things = asked ? [...sketches, asked] : sketches;
  if (paper) yield ofFirst(placesByCorners(photo.light, things, paper), most);
}
