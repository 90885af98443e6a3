import {
  clipEvenOdd,
  closePath,
  concatTransformationMatrix,
  drawObject,
  endPath,
  lineTo,
  moveTo,
  popGraphicsState,
  pushGraphicsState,
  setDashPattern,
  setLineWidth,
  setStrokingGrayscaleColor,
  stroke,
  type PDFName,
  type PDFOperator,
  type PDFPage,
} from '@cantoo/pdf-lib';
import { uprightMap } from '@/core/art';
import {
  chain,
  mapRegion,
  rectRing,
  scaling,
  type Affine,
  type Box,
  type Point,
  type Region,
} from '@/core/geometry';
import type { Piece, PieceArt } from '@/core/layout';
import type { Artwork } from '@/core/model';
import type { Drawing, Stroke } from '@/core/drawing';
import type { Sheet, SheetItem } from '@/core/sheet';
import { writeLine, type Letters } from './letters';
import { POINTS_PER_MM } from './points';

/** Page mm with y down to points with y up. */
export const toPoints = (pageHeightMm: number): Affine => [
  POINTS_PER_MM,
  0,
  0,
  -POINTS_PER_MM,
  0,
  pageHeightMm * POINTS_PER_MM,
];

/** A PDF image fills the unit square with its top row at y = 1; ours has y down. */
const IMAGE_SQUARE: Affine = [1, 0, 0, -1, 0, 1];

/** The path of points, page mm with y down. */
function pathOf(points: readonly Point[], closed: boolean) {
  return [
    ...points.map(({ x, y }, i) => (i === 0 ? moveTo(x, y) : lineTo(x, y))),
    ...(closed ? [closePath()] : []),
  ];
}

/** Draws an image in the unit square of `square` (piece mm), cut off at the edge of a region (piece mm). */
function drawClipped(
  page: PDFPage,
  sheet: Sheet,
  item: SheetItem,
  within: Region,
  square: Affine,
  name: PDFName,
): void {
  if (within.length === 0) return;
  page.pushOperators(
    pushGraphicsState(),
    concatTransformationMatrix(...toPoints(sheet.heightMm)),
    // a tile prints its own part of the piece and no more
    ...clipTo(item.tile && item.box),
    ...mapRegion(item.matrix, within).flatMap((ring) => pathOf(ring, true)),
    clipEvenOdd(),
    endPath(),
    concatTransformationMatrix(...chain(square, item.matrix)),
    drawObject(name),
    popGraphicsState(),
  );
}

/** Draws one picture of a flat piece, as stored: turning upright, placing and flipping are its matrix. */
export function drawArt(
  page: PDFPage,
  sheet: Sheet,
  item: SheetItem,
  piece: Piece,
  placed: PieceArt,
  art: Artwork,
  name: PDFName,
): void {
  const square = chain(IMAGE_SQUARE, uprightMap(art.orientation), placed.matrix);
  drawClipped(page, sheet, item, piece.slots[placed.slot]?.ink ?? piece.cut, square, name);
}

/** Draws a bent piece, whose pictures were drawn onto one image of its whole room beforehand. */
export function drawBentPiece(
  page: PDFPage,
  sheet: Sheet,
  item: SheetItem,
  piece: Piece,
  name: PDFName,
): void {
  const square = chain(IMAGE_SQUARE, scaling(piece.widthMm, piece.heightMm));
  drawClipped(page, sheet, item, piece.cut, square, name);
}

/** Limits what follows to a box of the page, page mm. */
const clipTo = (box: Box | null): PDFOperator[] =>
  box ? [...pathOf(rectRing(box), true), clipEvenOdd(), endPath()] : [];

/** Draws lines on a page, mm with y down. */
function drawStroke(page: PDFPage, line: Stroke): void {
  const { lines, closed, widthMm, grey, dashMm, within } = line;
  page.pushOperators(
    pushGraphicsState(),
    concatTransformationMatrix(...toPoints(page.getHeight() / POINTS_PER_MM)),
    ...clipTo(within),
    setLineWidth(widthMm),
    setStrokingGrayscaleColor(grey),
    ...(dashMm.length > 0 ? [setDashPattern([...dashMm], 0)] : []),
    ...lines.flatMap((points) => pathOf(points, closed)),
    stroke(),
    popGraphicsState(),
  );
}

/** Paints what is inked besides pictures; words flipped where the page is flipped after the file. */
export function drawDrawing(
  page: PDFPage,
  { strokes, texts, textFlip }: Drawing,
  letters: Letters,
): void {
  strokes.forEach((each) => drawStroke(page, each));
  if (texts.length === 0) return;
  // the same flip, in points: letters are drawn by the font's own matrix with y up
  const [a, , , , e] = textFlip;
  page.pushOperators(
    pushGraphicsState(),
    concatTransformationMatrix(a, 0, 0, 1, e * POINTS_PER_MM, 0),
  );
  texts.forEach((line) => writeLine(page, line, letters));
  page.pushOperators(popGraphicsState());
}
