import { PDFDocument, PrintScaling } from '@cantoo/pdf-lib';
import type { Drawing } from '@/core/drawing';
import { contains, IDENTITY, type Box, type Point } from '@/core/geometry';
import { inked } from '@/core/jig';
import { tileWords, type Pattern } from '@/words';
import { exportedAs } from '../exported';
import { drawDrawing } from './draw';
import { embedLetters, type LetterTools } from './letters';
import { BORDER_MM, pageForPiece, pageForText, type PaperSize } from './page';
import { footLine, tiledOn, withSeams } from './tiledDrawing';
import { POINTS_PER_MM } from './points';

/** A page of a drawing: its size, and what of the drawing it shows. mm. */
interface DrawnPage {
  readonly size: readonly [widthMm: number, heightMm: number];
  /** How far the drawing is moved on it. */
  readonly moved: readonly [xMm: number, yMm: number];
  readonly shows: (place: Point) => boolean;
  /** Where its ink ends, mm on the page; null where it holds all of it. */
  readonly within: Box | null;
  /** Which page it is of several; null on a single one. */
  readonly foot: string | null;
}

/** What of a pattern is inked on one page, moved to where it lies there. */
function drawnOn({ lines, texts }: Pattern, page: DrawnPage): Drawing {
  const [dx, dy] = page.moved;
  return {
    strokes: lines
      .filter(({ points }) => page.within !== null || points.every(page.shows))
      .map((line) => ({
        ...inked({ ...line, points: line.points.map(({ x, y }) => ({ x: x + dx, y: y + dy })) }),
        within: page.within,
      })),
    texts: texts.filter(page.shows).map(({ x, y, text, sizeMm }) => ({
      ...{ x: x + dx, y: y + dy, text, sizeMm, align: 'left' },
      widestMm: page.size[0] - x - dx - BORDER_MM / 2,
    })),
    textFlip: IDENTITY,
  };
}

/** A text goes over as many pages as it takes. */
function flowingPages(pattern: Pattern, paper: PaperSize): DrawnPage[] {
  const size = pageForText(paper);
  const perPage = size[1] - 2 * BORDER_MM;
  const pages = Math.max(1, Math.ceil(pattern.heightMm / perPage));
  return Array.from({ length: pages }, (_, nth) => {
    const from = nth * perPage;
    return {
      size,
      moved: [(size[0] - pattern.widthMm) / 2, BORDER_MM - from],
      shows: ({ y }: Point) => pages === 1 || (y >= from && y < from + perPage),
      ...{ within: null, foot: null },
    };
  });
}

/** A drawing on one page where the paper takes it upright or turned. */
const onePage = (pattern: Pattern, size: DrawnPage['size']): DrawnPage => ({
  size,
  moved: [(size[0] - pattern.widthMm) / 2, (size[1] - pattern.heightMm) / 2],
  shows: () => true,
  within: null,
  foot: null,
});

/** A drawing over several pages, with the lines on which two are laid on each other. */
function joinedPages(pattern: Pattern, paper: PaperSize): Laid {
  const { tiles, on } = tiledOn(pattern, paper);
  const said = tileWords(tiles, pattern.name);
  return {
    drawn: withSeams(pattern, tiles),
    pages: tiles.tiles.map(({ shows }, i) => ({
      size: on,
      moved: [BORDER_MM - shows.x, BORDER_MM - shows.y],
      shows: ({ x, y }: Point) => contains(shows, { x, y, width: 0, height: 0 }),
      within: { x: BORDER_MM, y: BORDER_MM, width: shows.width, height: shows.height },
      foot: said[i] ?? null,
    })),
  };
}

/** What is drawn of a pattern, and on which pages. */
interface Laid {
  readonly drawn: Pattern;
  readonly pages: readonly DrawnPage[];
}

function laidOn(pattern: Pattern, paper: PaperSize): Laid {
  if (pattern.flows) return { drawn: pattern, pages: flowingPages(pattern, paper) };
  const size = pageForPiece(pattern, paper);
  return size ? { drawn: pattern, pages: [onePage(pattern, size)] } : joinedPages(pattern, paper);
}

/**
 * A true-size line drawing as PDF at 100 %: on the given paper where it fits upright or turned, else over several
 * of its pages that overlap; one that flows goes over as many pages as it takes.
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
  const { drawn, pages } = laidOn(pattern, paper);
  const letters = await embedLetters(
    doc,
    [...drawn.texts.map(({ text }) => text), ...pages.flatMap(({ foot }) => foot ?? [])],
    letterTools,
  );
  for (const one of pages) {
    const [widthMm, heightMm] = one.size;
    const page = doc.addPage([widthMm * POINTS_PER_MM, heightMm * POINTS_PER_MM]);
    const drawing = drawnOn(drawn, one);
    const foot = one.foot === null ? [] : [footLine(one.foot, one.size)];
    drawDrawing(page, { ...drawing, texts: [...drawing.texts, ...foot] }, letters);
  }
  return doc.save({ useObjectStreams: false });
}
