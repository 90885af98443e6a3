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
  applyAffine,
  chain,
  mapRegion,
  mirrorIn,
  rectRing,
  scaling,
  translation,
  type Affine,
  type Box,
  type Point,
  type Region,
} from '@/core/geometry';
import type { Piece, PieceArt } from '@/core/layout';
import type { Artwork } from '@/core/model';
import type { CutGuide, Foot, Sheet, SheetItem } from '@/core/sheet';

/** ISO 32000-1 §8.3.2.3: the default user unit is 1/72 in. */
export const POINTS_PER_MM = 72 / 25.4;

const HAIRLINE_PT = 0.5;
/** Width of the light line under a dark one that lies on ink. */
const UNDER_PT = 1.6;
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

/** The strokes of a cut guide, page mm with y down. */
const guidePath = (guide: CutGuide) =>
  guide.kind !== 'line'
    ? guide.lines.flatMap(({ from, to }) => pathOf([from, to], false))
    : guide.rings.flatMap((ring) => pathOf(ring, true));

/** Limits what follows to a box of the page, page mm. */
const clipTo = (box: Box | null): PDFOperator[] =>
  box ? [...pathOf(rectRing(box), true), clipEvenOdd(), endPath()] : [];

function strokeOnPage(
  page: PDFPage,
  sheet: Sheet,
  path: PDFOperator[],
  more: PDFOperator[] = [],
  within: Box | null = null,
) {
  if (path.length === 0) return;
  page.pushOperators(
    pushGraphicsState(),
    concatTransformationMatrix(...toPoints(sheet.heightMm)),
    ...clipTo(within),
    setLineWidth(HAIRLINE_PT / POINTS_PER_MM),
    setStrokingGrayscaleColor(0),
    ...more,
    ...path,
    stroke(),
    popGraphicsState(),
  );
}

/** Cut guides and up arrows: everything round the pieces that is not on them. */
export function drawMarks(page: PDFPage, sheet: Sheet): void {
  const { cutGuides, up, corners } = sheet.marks;
  for (const guide of cutGuides) {
    // on ink a dark line needs a light one under it
    if (guide.kind === 'strip' && guide.lines.length > 0)
      strokeOnPage(page, sheet, guidePath(guide), [
        setLineWidth(UNDER_PT / POINTS_PER_MM),
        setStrokingGrayscaleColor(1),
      ]);
    strokeOnPage(page, sheet, guidePath(guide), [], guide.kind === 'line' ? guide.within : null);
  }
  const lines = [...up, ...corners];
  if (lines.length > 0)
    strokeOnPage(
      page,
      sheet,
      lines.flatMap(({ from, to }) => pathOf([from, to], false)),
    );
}

/** Width of outline marks, points: thick enough to see through paper on a light (common practice). */
const OUTLINE_PT = 2;
const FOLD_DASH_MM = [3, 2];

/** Lines of the piece's own: where to fold, where the blank lies. */
export function drawGuides(page: PDFPage, sheet: Sheet, item: SheetItem, piece: Piece): void {
  for (const { kind, points, closed } of piece.guides) {
    const onPage = points.map((point) => applyAffine(item.matrix, point));
    strokeOnPage(
      page,
      sheet,
      pathOf(onPage, closed),
      kind === 'fold'
        ? [setDashPattern(FOLD_DASH_MM, 0)]
        : [setLineWidth(OUTLINE_PT / POINTS_PER_MM), setStrokingGrayscaleColor(0.45)],
      item.tile && item.box,
    );
  }
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
