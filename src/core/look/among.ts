import type { Point } from '../geometry';
import { placesByCorners } from './byCorners';
import type { Photographed } from './photographed';
import { readBySome } from './readBy';
import type { Ready } from './ready';

/** A sketch that fewer matches agree on is not taken to be seen by them. */
const LEAST_MATCHES = 10;

/** Things that enough matches agree on the place of, the most first; flipped or not, each may be there twice. */
const byFeatures = ({ features }: Photographed, sketches: readonly Ready[]): number[] =>
  readBySome(
    features().corners,
    sketches.map(({ wanted }) => wanted),
  )
    .filter(({ found }) => found.matches >= LEAST_MATCHES)
    .sort((a, b) => b.found.matches - a.found.matches)
    .map(({ which }) => which);

/**
 * Which of many things a photo most likely shows: by how many matches agree on where each lies, or where none do by how
 * alike they are between the edges of the paper. Nothing is certain of these; each is still to be looked at.
 * @param sketches the things, each drawn as small as can still be told apart; some 400 pixels do.
 * @param most so many of them at most.
 * @param corners the four corners of the paper, clockwise from any, pixels, where a person pointed at them: these tell alone.
 * @returns their places in the list, the likeliest first.
 */
export function likeliest(
  photo: Photographed,
  sketches: readonly Ready[],
  most: number,
  corners: readonly Point[] = [],
): number[] {
  const pointed = corners.length === 4;
  const known = pointed ? [] : byFeatures(photo, sketches);
  const paper = known.length > 0 ? null : pointed ? corners : photo.outline();
  const alike = paper ? placesByCorners(photo.light, sketches, paper) : [];
  return [...new Set([...known, ...alike.map(({ which }) => which)])].slice(0, most);
}
