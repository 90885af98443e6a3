import { drawingPixels, type Room } from '@/core/art';
import { failure, success, type Result } from '@/core/result';
import type { DrawingLoss, Strokes } from '@/core/model';
import { penLinesOf, readSvg } from '@/files/svg';
import { MM_PER_INCH } from '@/core/units';
import { openPdf } from '@/workers';
import { lostOnPage } from './pdfLost';

/** A drawing turned into pixels at print resolution, with its own size. */
export interface Drawn {
  readonly blob: Blob;
  readonly realMm: { readonly widthMm: number; readonly heightMm: number } | null;
  /** The lines of a drawing that a pen can follow. */
  readonly strokes: Strokes;
  /** What it came in without. */
  readonly lost: readonly DrawingLoss[];
}

/** Draws a sanitised SVG for a room. */
export async function drawSvg(text: string, room: Room): Promise<Result<Drawn>> {
  const read = readSvg(text);
  if (!read.ok) return read;
  const { root, lost, markup, widthMm, heightMm, hasRealUnits } = read.value;
  const url = URL.createObjectURL(new Blob([markup], { type: 'image/svg+xml' }));
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const { width, height } = drawingPixels(widthMm, heightMm, room);
    const canvas = new OffscreenCanvas(width, height);
    canvas.getContext('2d')?.drawImage(image, 0, 0, width, height);
    const blob = await canvas.convertToBlob({ type: 'image/png' });
    return success({
      blob,
      realMm: hasRealUnits ? { widthMm, heightMm } : null,
      strokes: penLinesOf(read.value),
      lost: root.getElementsByTagName('text').length > 0 ? [...lost, 'fonts'] : lost,
    });
  } catch {
    return failure('The drawing cannot be drawn; the file is damaged. Save it again.');
  } finally {
    URL.revokeObjectURL(url);
  }
}

/** How many pages a PDF has. */
export async function countPages(file: Blob): Promise<Result<number>> {
  try {
    return success((await openPdf(file)).numPages);
  } catch {
    return failure(
      'This PDF cannot be read: it is damaged or locked. Save it again without a password.',
    );
  }
}

/**
 * Draws one page of a PDF for a room; its size is the page's, 1 pt = 1/72 in (ISO 32000-1 §8.3.2.3).
 * On the page's own thread, since shadows and fades (soft masks) need the filters of its markup.
 */
export async function drawPdfPage(
  file: Blob,
  pageNumber: number,
  room: Room,
): Promise<Result<Drawn>> {
  try {
    const document = await openPdf(file);
    const page = await document.getPage(pageNumber);
    const own = page.getViewport({ scale: 1 });
    const mm = MM_PER_INCH / 72;
    const realMm = { widthMm: own.width * mm, heightMm: own.height * mm };
    const { width, height } = drawingPixels(realMm.widthMm, realMm.heightMm, room);
    const canvas = window.document.createElement('canvas');
    Object.assign(canvas, { width, height });
    const viewport = page.getViewport({ scale: width / own.width });
    // nothing is painted under the page, so that paper stays see-through
    const canvasContext = canvas.getContext('2d');
    if (!canvasContext) return failure('This browser cannot draw the page.');
    await page.render({ canvas: null, canvasContext, viewport, background: 'rgba(0,0,0,0)' })
      .promise;
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
    if (!blob) return failure('The page is too large to be drawn. Export it smaller.');
    return success({ blob, realMm, strokes: [], lost: lostOnPage(page) });
  } catch {
    return failure(`Page ${pageNumber} of this PDF cannot be drawn.`);
  }
}
