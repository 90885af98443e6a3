/**
 * A 2-D affine map as ISO 32000-1 §8.3.3 writes it: [a b c d e f] takes (x, y) to
 * (a·x + c·y + e, b·x + d·y + f). Lengths are millimetres unless a caller says otherwise.
 */
export type Affine = readonly [number, number, number, number, number, number];

/** A place on a face, piece or page: mm from the top-left corner, x to the right, y down. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** The map that leaves everything where it is. */
export const IDENTITY: Affine = [1, 0, 0, 1, 0, 0];

/** Moves by so much. */
export const translation = (x: number, y: number): Affine => [1, 0, 0, 1, x, y];

/** Scales about the origin. */
export const scaling = (x: number, y: number): Affine => [x, 0, 0, y, 0, 0];

/** Flips left and right inside a width: x → width − x. */
export const mirrorIn = (width: number): Affine => [-1, 0, 0, 1, width, 0];

/** The map that does `first`, then `second`. */
export function then(first: Affine, second: Affine): Affine {
  const [a, b, c, d, e, f] = first;
  const [A, B, C, D, E, F] = second;
  return [
    a * A + b * C,
    a * B + b * D,
    c * A + d * C,
    c * B + d * D,
    e * A + f * C + E,
    e * B + f * D + F,
  ];
}

/** Does the maps one after the other, first to last. */
export const chain = (...maps: readonly Affine[]): Affine => maps.reduce(then, IDENTITY);

/** Where a map takes a point. */
export function applyAffine(map: Affine, point: Point): Point {
  const [a, b, c, d, e, f] = map;
  return { x: a * point.x + c * point.y + e, y: b * point.x + d * point.y + f };
}

/** Signed area scale: negative exactly when the map turns lettering into its mirror image. */
export const determinant = ([a, b, c, d]: Affine): number => a * d - b * c;

/** The way back. @throws RangeError when the map flattens everything (determinant 0). */
export function inverse(map: Affine): Affine {
  const [a, b, c, d, e, f] = map;
  const det = determinant(map);
  if (det === 0) throw new RangeError('A map of determinant 0 has no inverse.');
  return [d / det, -b / det, -c / det, a / det, (c * f - d * e) / det, (b * e - a * f) / det];
}
