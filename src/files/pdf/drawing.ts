import { PDFDocument, PrintScaling, StandardFonts, rgb } from '@cantoo/pdf-lib';
import type { Drawing, Stroke } from '@/core/jig';
import { exportedAs } from '../exported';
import { POINTS_PER_MM } from './draw';
import { BORDER_MM, pageForPiece, pageForText, type PaperSize } from './page';

const LINE_PT = 0.7;
/** What the standard fonts have no letter for (WinAnsi, ISO 32000-1 annex D). */
const NOT_WIN_ANSI = /[^\x20-\x7e\xa0-\xff‘’“”–—…•]/g;

/** How each kind of line looks in print. */
const LOOKS: Readonly<Record<Stroke, { grey: number; dash?: number[] }>> = {
  cut: { grey: 0 },
  draw: { grey: 0.3 },
  fold: { grey: 0.2, dash: [8, 5] },
  mark: { grey: 0.5 },
};

const pathOf = (points: Drawing['lines'][number]['points'], closed: boolean): string =>
  `M${points.map(({ x, y }) => `${x * POINTS_PER_MM} ${y * POINTS_PER_MM}`).join('L')}${closed ? 'Z' : ''}`;

/**
 * A true-size line drawing as PDF at 100 %: on the given paper where it fits upright or turned, else on a
 * page of its own size; one that flows goes over as many pages as it takes.
 * @param paper size of the paper at hand, mm.
 */
export async function drawingToPdf(drawing: Drawing, paper: PaperSize): Promise<Uint8Array> {
  const doc = await PDFDocument.create();
  doc.setTitle(drawing.name);
  doc.setSubject(exportedAs('drawing'));
  doc.setCreator('Lucky Sheet');
  doc.catalog.getOrCreateViewerPreferences().setPrintScaling(PrintScaling.None);
  const font = await doc.embedFont(StandardFonts.Helvetica);
  const [widthMm, heightMm] = drawing.flows ? pageForText(paper) : pageForPiece(drawing, paper);
  const perPage = drawing.flows ? heightMm - 2 * BORDER_MM : Infinity;
  const pages = drawing.flows ? Math.max(1, Math.ceil(drawing.heightMm / perPage)) : 1;
  const topMm = drawing.flows ? BORDER_MM : (heightMm - drawing.heightMm) / 2;
  const left = ((widthMm - drawing.widthMm) / 2) * POINTS_PER_MM;
  for (let nth = 0; nth < pages; nth++) {
    const page = doc.addPage([widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM]);
    const from = pages > 1 ? nth * perPage : 0;
    const here = (y: number) => pages === 1 || (y >= from && y < from + perPage);
    const top = page.getHeight() - (topMm - from) * POINTS_PER_MM;
    for (const { stroke, points, closed } of drawing.lines) {
      if (!points.every(({ y }) => here(y))) continue;
      const { grey, dash } = LOOKS[stroke];
      page.drawSvgPath(pathOf(points, closed), {
        x: left,
        y: top,
        borderColor: rgb(grey, grey, grey),
        borderWidth: LINE_PT,
        ...(dash ? { borderDashArray: dash } : {}),
      });
    }
    for (const { x, y, text, sizeMm } of drawing.texts) {
      if (!here(y)) continue;
      page.drawText(text.replace(NOT_WIN_ANSI, '?'), {
        x: left + x * POINTS_PER_MM,
        y: top - y * POINTS_PER_MM,
        size: sizeMm * POINTS_PER_MM,
        font,
      });
    }
  }
  return doc.save({ useObjectStreams: false });
}
