import { uprightPixels } from '../art';
import { faceBox, type Face } from '../blank';
import { area, boxAround, outset, type Box, type Point } from '../geometry';
import type { Artwork, Placement, Sizing } from '../model';

/** Width over height of the picture as looked at. */
export function proportion(art: Artwork): number {
  const { widthPx, heightPx } = uprightPixels(art);
  return widthPx / heightPx;
}

/** Smallest size of a proportion that covers a box (`max`) or largest that fits it (`min`). */
function sizeTo(box: Box, ratio: number, pick: (a: number, b: number) => number) {
  const width = pick(box.width, box.height * ratio);
  return { widthMm: width, heightMm: width / ratio };
}

/** Size in mm that a sizing comes to for a picture on a face with this bleed. */
export function sizeOf(sizing: Sizing, art: Artwork, face: Face, bleedMm: number) {
  switch (sizing.mode) {
    case 'cover':
      return sizeTo(outset(faceBox(face), bleedMm), proportion(art), Math.max);
    case 'fit':
      return sizeTo(face.safe, proportion(art), Math.min);
    case 'exact':
      return { widthMm: sizing.widthMm, heightMm: sizing.heightMm };
  }
}

/** Where a placement measures from; the face's middle when its datum is unknown there. */
export function datumPoint(face: Face, datumId: string): Point {
  const datum = face.datums.find(({ id }) => id === datumId);
  return datum ?? { x: face.widthMm / 2, y: face.heightMm / 2 };
}

/** The art's box on its face, mm as finished. It may hang over the edges. */
export function placedBox(placement: Placement, art: Artwork, face: Face, bleedMm: number): Box {
  const { widthMm, heightMm } = sizeOf(placement.sizing, art, face, bleedMm);
  const datum = datumPoint(face, placement.at.datum);
  const centre = { x: datum.x + placement.at.dxMm, y: datum.y + placement.at.dyMm };
  return boxAround(centre, widthMm, heightMm);
}

/**
 * How much wider the art is drawn than its own proportions ask for its height:
 * 0.36 is 36 % too wide, −0.2 is 20 % too narrow; 0 where there is no size to judge.
 */
export const stretch = (art: Artwork, box: Box): number =>
  area(box) === 0 ? 0 : box.width / box.height / proportion(art) - 1;

/** The same spot on the face measured from another datum, so that changing it moves nothing. */
export function rebase(placement: Placement, face: Face, datumId: string): Placement['at'] {
  const from = datumPoint(face, placement.at.datum);
  const to = datumPoint(face, datumId);
  return {
    datum: datumId,
    dxMm: placement.at.dxMm + from.x - to.x,
    dyMm: placement.at.dyMm + from.y - to.y,
  };
}
