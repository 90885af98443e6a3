import { PDFDocument, PrintScaling, StandardFonts, rgb } from '@cantoo/pdf-lib';
import type { Drawing, Stroke } from '@/core/jig';
import { POINTS_PER_MM } from './draw';

/** Room left round a drawing on its own page, mm: every home printer reaches that far. */
const BORDER_MM = 7;
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
 * page of its own size.
 * @param paper size of the paper at hand, mm.
 */
export async function drawingToPdf(
  drawing: Drawing,
  paper: { readonly widthMm: number; readonly heightMm: number },
): Promise<Uint8Array> {
  const needs = {
    width: drawing.widthMm + 2 * BORDER_MM,
    height: drawing.heightMm + 2 * BORDER_MM,
  };
  const ways = [
    [paper.widthMm, paper.heightMm],
    [paper.heightMm, paper.widthMm],
  ] as const;
  const [widthMm, heightMm] = ways.find(([w, h]) => w >= needs.width && h >= needs.height) ?? [
    needs.width,
    needs.height,
  ];
  const doc = await PDFDocument.create();
  doc.setTitle(drawing.name);
  doc.setCreator('Lucky Sheet');
  doc.catalog.getOrCreateViewerPreferences().setPrintScaling(PrintScaling.None);
  const page = doc.addPage([widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM]);
  const font = await doc.embedFont(StandardFonts.Helvetica);
  const left = ((widthMm - drawing.widthMm) / 2) * POINTS_PER_MM;
  const top = page.getHeight() - ((heightMm - drawing.heightMm) / 2) * POINTS_PER_MM;
  for (const { stroke, points, closed } of drawing.lines) {
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
    page.drawText(text.replace(NOT_WIN_ANSI, '?'), {
      x: left + x * POINTS_PER_MM,
      y: top - y * POINTS_PER_MM,
      size: sizeMm * POINTS_PER_MM,
      font,
    });
  }
  return doc.save({ useObjectStreams: false });
}
