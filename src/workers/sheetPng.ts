import { scaling } from '@/core/geometry';
import { DOTS_PER_MM, PRINT_PPI, type Piece } from '@/core/layout';
import type { PrintPlan } from '@/files/pdf';
import { correctionOf, drawingOf, type Sheet, type SheetItem } from '@/core/sheet';
import type { Drawing, Stroke } from '@/core/drawing';
import { withDensity } from '@/files/image';
import type { UnitStyle } from '@/words/units';
import { sheetTexts } from '@/words';
import { canvasFont, loadLetters } from './letters';
import { drawPiece, type Brush, type Sources } from './drawPiece';

async function drawItem(
  brush: Brush,
  item: SheetItem,
  piece: Piece,
  sources: Sources,
  dotsPerMm: number,
) {
  brush.save();
  brush.transform(...item.matrix);
  if (item.tile) {
    const { x, y, width, height } = item.tile.printed;
    brush.beginPath();
    brush.rect(x, y, width, height);
    brush.clip();
  }
  await drawPiece(brush, piece, sources, dotsPerMm);
  brush.restore();
}

function drawStroke(brush: Brush, stroke: Stroke): void {
  const { lines, closed, widthMm, grey, dashMm, within } = stroke;
  brush.save();
  if (within) {
    brush.beginPath();
    brush.rect(within.x, within.y, within.width, within.height);
    brush.clip();
  }
  brush.lineWidth = widthMm;
  brush.strokeStyle = `rgb(${[grey, grey, grey].map((share) => Math.round(255 * share)).join(' ')})`;
  brush.setLineDash([...dashMm]);
  brush.beginPath();
  for (const points of lines) {
    points.forEach(({ x, y }, i) => (i === 0 ? brush.moveTo(x, y) : brush.lineTo(x, y)));
    if (closed) brush.closePath();
  }
  brush.stroke();
  brush.restore();
}

/** Everything on a sheet besides the art, as in the PDF. */
function drawDrawing(brush: Brush, { strokes, texts, textFlip }: Drawing): void {
  strokes.forEach((stroke) => drawStroke(brush, stroke));
  brush.save();
  brush.transform(...textFlip);
  brush.fillStyle = '#000';
  for (const { x, y, text, sizeMm, align, widestMm } of texts) {
    brush.font = canvasFont(sizeMm);
    brush.textAlign = align;
    brush.fillText(text, x, y, widestMm);
  }
  brush.restore();
}

/** Sources of a whole sheet, words and all. */
export interface SheetSources extends Sources {
  /** How figures are written on it. */
  readonly units: UnitStyle;
}

/** One sheet, white where nothing is printed; a printer that was measured is made up for where that is asked for. */
export async function drawSheet(
  plan: PrintPlan,
  sheet: Sheet,
  sources: SheetSources,
  dotsPerMm: number,
  corrected: boolean,
): Promise<OffscreenCanvas> {
  const canvas = new OffscreenCanvas(
    Math.round(sheet.widthMm * dotsPerMm),
    Math.round(sheet.heightMm * dotsPerMm),
  );
  const brush = canvas.getContext('2d');
  await loadLetters();
  if (!brush) throw new Error('This browser cannot draw pictures in the background.');
  brush.fillStyle = '#fff';
  brush.fillRect(0, 0, canvas.width, canvas.height);
  brush.imageSmoothingQuality = 'high';
  const { across, along } = corrected
    ? correctionOf(plan.tools.printer, sheet.orientation)
    : { across: 1, along: 1 };
  brush.transform(...scaling(dotsPerMm * across, dotsPerMm * along));
  for (const item of sheet.items) {
    const piece = plan.pieces.find(({ id }) => id === item.pieceId);
    if (piece) await drawItem(brush, item, piece, sources, dotsPerMm);
  }
  drawDrawing(brush, drawingOf(sheet, plan.pieces, sheetTexts(sheet, sources.units)));
  return canvas;
}

/**
 * One sheet as a PNG at the printer's resolution, with its density in the file, for print shops and
 * programs that take no PDF.
 */
export async function writeSheetPng(
  plan: PrintPlan,
  sheet: Sheet,
  sources: SheetSources,
): Promise<Uint8Array> {
  const canvas = await drawSheet(plan, sheet, sources, DOTS_PER_MM, true);
  sources.onProgress({ doing: 'Writing the PNG', share: 0.9 });
  const blob = await canvas.convertToBlob({ type: 'image/png' });
  return withDensity(new Uint8Array(await blob.arrayBuffer()), PRINT_PPI);
}
