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
  type PDFFont,
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
import type { Sheet, SheetDrawing, SheetItem, Stroke } from '@/core/sheet';

/** ISO 32000-1 §8.3.2.3: the default user unit is 1/72 in. */
export const POINTS_PER_MM = 72 / 25.4;

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

/** Draws lines of a sheet, page mm with y down. */
function drawStroke(page: PDFPage, sheet: Sheet, line: Stroke): void {
  const { lines, closed, widthMm, grey, dashMm, within } = line;
  page.pushOperators(
    pushGraphicsState(),
    concatTransformationMatrix(...toPoints(sheet.heightMm)),
    ...clipTo(within),
    setLineWidth(widthMm),
    setStrokingGrayscaleColor(grey),
    ...(dashMm.length > 0 ? [setDashPattern([...dashMm], 0)] : []),
    ...lines.flatMap((points) => pathOf(points, closed)),
    stroke(),
    popGraphicsState(),
  );
}

/** Replaces what the standard fonts' WinAnsi encoding cannot write, so that no name stops a print. */
function writable(font: PDFFont, text: string): string {
  const known = new Set(font.getCharacterSet());
  return Array.from(text, (sign) => (known.has(sign.codePointAt(0) ?? 0) ? sign : '?')).join('');
}

/** Draws everything on a sheet besides the art; words flipped where the page is flipped after the file. */
export function drawDrawing(
  page: PDFPage,
  sheet: Sheet,
  { strokes, texts, textFlip }: SheetDrawing,
  font: PDFFont,
): void {
  strokes.forEach((each) => drawStroke(page, sheet, each));
  if (texts.length === 0) return;
  // the same flip, in points: letters are drawn by the font's own matrix with y up
  const [a, , , , e] = textFlip;
  page.pushOperators(
    pushGraphicsState(),
    concatTransformationMatrix(a, 0, 0, 1, e * POINTS_PER_MM, 0),
  );
  for (const { x, y, text, sizeMm, align, widestMm } of texts) {
    const clean = writable(font, text);
    const full = sizeMm * POINTS_PER_MM;
    const wide = font.widthOfTextAtSize(clean, full);
    const shrink = Math.min(1, (widestMm * POINTS_PER_MM) / wide);
    page.drawText(clean, {
      x: x * POINTS_PER_MM - (align === 'right' ? wide * shrink : 0),
      y: (sheet.heightMm - y) * POINTS_PER_MM,
      size: full * shrink,
      font,
    });
  }
  page.pushOperators(popGraphicsState());
}
