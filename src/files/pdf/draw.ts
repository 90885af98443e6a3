import {
  clip,
  concatTransformationMatrix,
  drawObject,
  endPath,
  lineTo,
  moveTo,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  setLineWidth,
  setStrokingGrayscaleColor,
  stroke,
  type PDFFont,
  type PDFName,
  type PDFPage,
} from '@cantoo/pdf-lib';
import { uprightMap } from '@/core/art';
import { chain, mirrorIn, translation, type Affine } from '@/core/geometry';
import type { PieceArt } from '@/core/layout';
import type { Artwork } from '@/core/model';
import type { Foot, Sheet, SheetItem, SheetMarks } from '@/core/sheet';

/** ISO 32000-1 §8.3.2.3: the default user unit is 1/72 in. */
export const POINTS_PER_MM = 72 / 25.4;

const HAIRLINE_PT = 0.5;
/** Height of the short strokes that bound the check bar's stops, mm. */
const STOP_MM = 2;

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

/** Draws one picture of a piece, cut off at the piece's trim box. */
export function drawArt(
  page: PDFPage,
  sheet: Sheet,
  item: SheetItem,
  placed: PieceArt,
  art: Artwork,
  name: PDFName,
): void {
  const { x, y, width, height } = item.box;
  page.pushOperators(
    pushGraphicsState(),
    concatTransformationMatrix(...toPoints(sheet.heightMm)),
    rectangle(x, y, width, height),
    clip(),
    endPath(),
    concatTransformationMatrix(
      ...chain(IMAGE_SQUARE, uprightMap(art.orientation), placed.matrix, item.matrix),
    ),
    drawObject(name),
    popGraphicsState(),
  );
}

export function drawTicks(page: PDFPage, sheet: Sheet, ticks: SheetMarks['ticks']): void {
  page.pushOperators(
    pushGraphicsState(),
    concatTransformationMatrix(...toPoints(sheet.heightMm)),
    setLineWidth(HAIRLINE_PT / POINTS_PER_MM),
    setStrokingGrayscaleColor(0),
    ...ticks.flatMap(({ from, to }) => [moveTo(from.x, from.y), lineTo(to.x, to.y)]),
    stroke(),
    popGraphicsState(),
  );
}

/** Replaces what the standard fonts' WinAnsi encoding cannot write, so that no name stops a print. */
function writable(font: PDFFont, text: string): string {
  const known = new Set(font.getCharacterSet());
  return Array.from(text, (sign) => (known.has(sign.codePointAt(0) ?? 0) ? sign : '?')).join('');
}

/** Draws the label and the check bar; flipped in the file when the page is flipped after it. */
export function drawFoot(page: PDFPage, sheet: Sheet, foot: Foot, font: PDFFont): void {
  const { box, bar } = foot;
  const flip = foot.mirroredInFile
    ? chain(translation(-box.x, 0), mirrorIn(box.width), translation(box.x, 0))
    : chain();
  const size = foot.textSizeMm * POINTS_PER_MM;
  const spot = (x: number, y: number) => ({
    x: x * POINTS_PER_MM,
    y: (sheet.heightMm - y) * POINTS_PER_MM,
  });
  const [first, last] = [bar.stops[0], bar.stops.at(-1)];
  page.pushOperators(
    pushGraphicsState(),
    concatTransformationMatrix(...chain(flip, toPoints(sheet.heightMm))),
    setLineWidth(HAIRLINE_PT / POINTS_PER_MM),
    setStrokingGrayscaleColor(0),
    moveTo(bar.x + (first?.atMm ?? 0), bar.y),
    lineTo(bar.x + (last?.atMm ?? 0), bar.y),
    ...bar.stops.flatMap(({ atMm }) => [
      moveTo(bar.x + atMm, bar.y - STOP_MM),
      lineTo(bar.x + atMm, bar.y),
    ]),
    stroke(),
    popGraphicsState(),
    pushGraphicsState(),
    // the same flip, in points: letters are drawn by the font's own matrix with y up
    concatTransformationMatrix(
      ...(foot.mirroredInFile ? mirrorIn((2 * box.x + box.width) * POINTS_PER_MM) : chain()),
    ),
  );
  for (const { x, y, text } of foot.lines) {
    const clean = writable(font, text);
    const widest = (box.width - 2) * POINTS_PER_MM;
    const shrink = Math.min(1, widest / font.widthOfTextAtSize(clean, size));
    page.drawText(clean, { ...spot(x, y), size: size * shrink, font });
  }
  const stopSize = size * 0.85;
  for (const { atMm, text, side } of bar.stops) {
    const at = spot(bar.x + atMm, bar.y - 0.6);
    const shift = side === 'left' ? -font.widthOfTextAtSize(text, stopSize) - 2 : 2;
    page.drawText(text, { ...at, x: at.x + shift, size: stopSize, font });
  }
  page.pushOperators(popGraphicsState());
}
