import { PDFDocument, PrintScaling } from '@cantoo/pdf-lib';
import type { Drawing } from '@/core/drawing';
import { IDENTITY } from '@/core/geometry';
import { inked } from '@/core/jig';
import type { Pattern } from '@/words';
import { exportedAs } from '../exported';
import { drawDrawing } from './draw';
import { embedLetters, type LetterTools } from './letters';
import { BORDER_MM, pageForPiece, pageForText, type PaperSize } from './page';
import { POINTS_PER_MM } from './points';

/** What of a pattern is inked on one page, moved to where it lies there. */
function drawnOn(
  { lines, texts }: Pattern,
  [dx, dy]: readonly [number, number],
  here: (y: number) => boolean,
  pageWidthMm: number,
): Drawing {
  return {
    strokes: lines
      .filter(({ points }) => points.every(({ y }) => here(y)))
      .map((line) =>
        inked({ ...line, points: line.points.map(({ x, y }) => ({ x: x + dx, y: y + dy })) }),
      ),
    texts: texts
      .filter(({ y }) => here(y))
      .map(({ x, y, text, sizeMm }) => ({
        ...{ x: x + dx, y: y + dy, text, sizeMm, align: 'left' },
        widestMm: pageWidthMm - x - dx - BORDER_MM / 2,
      })),
    textFlip: IDENTITY,
  };
}

/**
 * A true-size line drawing as PDF at 100 %: on the given paper where it fits upright or turned, else on a
 * page of its own size; one that flows goes over as many pages as it takes.
 * @param paper size of the paper at hand, mm.
 */
export async function patternToPdf(
  pattern: Pattern,
  paper: PaperSize,
  letterTools: LetterTools,
): Promise<Uint8Array> {
  const doc = await PDFDocument.create();
  doc.setTitle(pattern.name);
  doc.setSubject(exportedAs('drawing'));
  doc.setCreator('Lucky Sheet');
  doc.catalog.getOrCreateViewerPreferences().setPrintScaling(PrintScaling.None);
  const letters = await embedLetters(
    doc,
    pattern.texts.map(({ text }) => text),
    letterTools,
  );
  const [widthMm, heightMm] = pattern.flows ? pageForText(paper) : pageForPiece(pattern, paper);
  const perPage = pattern.flows ? heightMm - 2 * BORDER_MM : Infinity;
  const pages = pattern.flows ? Math.max(1, Math.ceil(pattern.heightMm / perPage)) : 1;
  const topMm = pattern.flows ? BORDER_MM : (heightMm - pattern.heightMm) / 2;
  const leftMm = (widthMm - pattern.widthMm) / 2;
  for (let nth = 0; nth < pages; nth++) {
    const page = doc.addPage([widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM]);
    const from = pages > 1 ? nth * perPage : 0;
    const here = (y: number) => pages === 1 || (y >= from && y < from + perPage);
    drawDrawing(page, drawnOn(pattern, [leftMm, topMm - from], here, widthMm), letters);
  }
  return doc.save({ useObjectStreams: false });
}
