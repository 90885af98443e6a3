import { chain, mirrorIn, pathData, scaling, translation } from '@/core/geometry';
import { DOTS_PER_MM, PRINT_PPI, type Piece } from '@/core/layout';
import type { JobPlan } from '@/core/plan';
import { correctionOf, type Foot, type Line, type Sheet, type SheetItem } from '@/core/sheet';
import { withDensity } from '@/files/image';
import { drawPiece, type Brush, type Sources } from './drawPiece';

/** Width of thin lines, mm: half a point. */
const HAIRLINE_MM = 0.18;

async function drawItem(brush: Brush, item: SheetItem, piece: Piece, sources: Sources) {
  brush.save();
  brush.transform(...item.matrix);
  if (item.tile) {
    const { x, y, width, height } = item.tile.printed;
    brush.beginPath();
    brush.rect(x, y, width, height);
    brush.clip();
  }
  await drawPiece(brush, piece, sources, DOTS_PER_MM);
  brush.lineWidth = HAIRLINE_MM;
  for (const { points, closed } of piece.guides)
    brush.stroke(new Path2D(pathData([points]).replace(/Z$/, closed ? 'Z' : '')));
  brush.restore();
}

const strokeLines = (brush: Brush, lines: readonly Line[]): void => {
  brush.beginPath();
  for (const { from, to } of lines) {
    brush.moveTo(from.x, from.y);
    brush.lineTo(to.x, to.y);
  }
  brush.stroke();
};

function drawFoot(brush: Brush, { box, bar, lines, textSizeMm, mirroredInFile }: Foot): void {
  brush.save();
  if (mirroredInFile)
    brush.transform(...chain(translation(-box.x, 0), mirrorIn(box.width), translation(box.x, 0)));
  brush.font = `${textSizeMm}px sans-serif`;
  for (const { x, y, text } of lines) brush.fillText(text, x, y, box.width - 2);
  const at = (mm: number, y: number) => ({ x: bar.x + mm, y });
  const end = bar.stops.at(-1)?.atMm ?? 0;
  strokeLines(brush, [
    { from: at(0, bar.y), to: at(end, bar.y) },
    ...bar.stops.map(({ atMm }) => ({ from: at(atMm, bar.y - 2), to: at(atMm, bar.y) })),
  ]);
  for (const { atMm, text, side } of bar.stops) {
    brush.textAlign = side === 'left' ? 'right' : 'left';
    brush.fillText(text, bar.x + atMm + (side === 'left' ? -0.7 : 0.7), bar.y - 0.6);
  }
  brush.restore();
}

function drawMarks(brush: Brush, { marks }: Sheet): void {
  brush.lineWidth = HAIRLINE_MM;
  brush.strokeStyle = brush.fillStyle = '#000';
  for (const guide of marks.cutGuides) {
    if (guide.kind === 'ticks') strokeLines(brush, guide.lines);
    else if (guide.kind === 'strip') {
      brush.save();
      brush.lineWidth = 3 * HAIRLINE_MM;
      brush.strokeStyle = '#fff';
      strokeLines(brush, guide.lines);
      brush.restore();
      strokeLines(brush, guide.lines);
    } else {
      brush.save();
      if (guide.within) {
        const { x, y, width, height } = guide.within;
        brush.beginPath();
        brush.rect(x, y, width, height);
        brush.clip();
      }
      brush.stroke(new Path2D(pathData(guide.rings)));
      brush.restore();
    }
  }
  strokeLines(brush, [...marks.up, ...marks.corners]);
  if (marks.foot) drawFoot(brush, marks.foot);
}

/**
 * One sheet as a PNG at the printer's resolution, with its density in the file, for print shops and
 * programs that take no PDF.
 */
export async function writeSheetPng(
  plan: JobPlan,
  sheet: Sheet,
  sources: Sources,
): Promise<Uint8Array> {
  const canvas = new OffscreenCanvas(
    Math.round(sheet.widthMm * DOTS_PER_MM),
    Math.round(sheet.heightMm * DOTS_PER_MM),
  );
  const brush = canvas.getContext('2d');
  if (!brush) throw new Error('This browser cannot draw pictures in the background.');
  brush.fillStyle = '#fff';
  brush.fillRect(0, 0, canvas.width, canvas.height);
  brush.imageSmoothingQuality = 'high';
  // as in the PDF, a printer that was measured is made up for
  const { across, along } = correctionOf(plan.tools.printer, sheet.orientation);
  brush.transform(...scaling(DOTS_PER_MM * across, DOTS_PER_MM * along));
  for (const item of sheet.items) {
    const piece = plan.pieces.find(({ id }) => id === item.pieceId);
    if (piece) await drawItem(brush, item, piece, sources);
  }
  drawMarks(brush, sheet);
  sources.onProgress({ doing: 'Writing the PNG', share: 0.9 });
  const blob = await canvas.convertToBlob({ type: 'image/png' });
  return withDensity(new Uint8Array(await blob.arrayBuffer()), PRINT_PPI);
}
