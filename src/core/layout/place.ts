import { uprightPixels } from '../art';
import { middleOf, type Face } from '../form';
import {
  area,
  bottom,
  boxAround,
  centreOf,
  right,
  type Affine,
  type Box,
  type Point,
} from '../geometry';
import type { Artwork, Placement, Sizing } from '../model';

/** Width over height of the picture as looked at. */
export function proportion(art: Artwork): number {
  const { widthPx, heightPx } = uprightPixels(art);
  return widthPx / heightPx;
}

/** Width over height as placed: turned by a quarter, a wide picture is a high one. */
export const placedProportion = (art: Artwork, turns: number): number =>
  turns % 2 === 0 ? proportion(art) : 1 / proportion(art);

/** Smallest size of a proportion that covers a box (`max`) or largest that fits it (`min`). */
function sizeTo(box: Box, ratio: number, pick: (a: number, b: number) => number) {
  const width = pick(box.width, box.height * ratio);
  return { widthMm: width, heightMm: width / ratio };
}

/** Size in mm that a sizing comes to. `trim` is the box of what is printed on that face. */
export function sizeOf(sizing: Sizing, ratio: number, face: Face, trim: Box) {
  switch (sizing.mode) {
    case 'cover':
      return sizeTo(trim, ratio, Math.max);
    case 'fit':
      return sizeTo(face.safe, ratio, Math.min);
    case 'exact':
      return { widthMm: sizing.widthMm, heightMm: sizing.heightMm };
  }
}

/** Where a placement measures from; the face's middle when its datum is unknown there. */
export const datumPoint = (face: Face, datumId: string): Point =>
  face.datums.find(({ id }) => id === datumId) ?? middleOf(face);

/** How far the middle of the paper is off the middle of the face. */
function offCentre(trim: Box, face: Face): Point {
  const [paper, own] = [centreOf(trim), middleOf(face)];
  return { x: paper.x - own.x, y: paper.y - own.y };
}

/** The art's box on its face, mm as finished. It may hang over the edges. */
export function placedBox(placement: Placement, art: Artwork, face: Face, trim: Box): Box {
  const ratio = placedProportion(art, placement.turns);
  const { widthMm, heightMm } = sizeOf(placement.sizing, ratio, face, trim);
  const datum = datumPoint(face, placement.at.datum);
  const covers = placement.sizing.mode === 'cover';
  // covering, art is laid over the paper, which at a seam reaches further on one side
  const shift = covers ? offCentre(trim, face) : { x: 0, y: 0 };
  const centre = {
    x: datum.x + placement.at.dxMm + shift.x,
    y: datum.y + placement.at.dyMm + shift.y,
  };
  const box = boxAround(centre, widthMm, heightMm);
  if (!covers) return box;
  // wherever it is centred, it goes no further than it still covers
  return {
    ...box,
    x: Math.min(trim.x, Math.max(box.x, right(trim) - widthMm)),
    y: Math.min(trim.y, Math.max(box.y, bottom(trim) - heightMm)),
  };
}

/** Takes the unit square of the upright picture (y down) onto a box, turned by quarters clockwise. */
export function artMatrix({ x, y, width, height }: Box, turns: number): Affine {
  switch (turns % 4) {
    case 1:
      return [0, height, -width, 0, x + width, y];
    case 2:
      return [-width, 0, 0, -height, x + width, y + height];
    case 3:
      return [0, -height, width, 0, x, y + height];
    default:
      return [width, 0, 0, height, x, y];
  }
}

/**
 * How much wider the art is drawn than its own proportions ask for its height:
 * 0.36 is 36 % too wide, −0.2 is 20 % too narrow; 0 where there is no size to judge.
 */
export const stretch = (ratio: number, box: Box): number =>
  area(box) === 0 ? 0 : box.width / box.height / ratio - 1;

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
