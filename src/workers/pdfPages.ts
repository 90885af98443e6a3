import type { PDFDocumentProxy } from 'pdfjs-dist';
import { drawingPixels, type Room } from '@/core/art';
import type { Raster } from '@/core/proof';
import { failure, success, type Result } from '@/core/result';
import { MM_PER_INCH } from '@/core/units';
import type { OnProgress } from './progress';

/** Canvases that need no page; the reader asks for them by these three names. */
class OffscreenCanvases {
  create(width: number, height: number) {
    const canvas = new OffscreenCanvas(width, height);
    return { canvas, context: canvas.getContext('2d', { willReadFrequently: true }) };
  }
  reset({ canvas }: { canvas: OffscreenCanvas }, width: number, height: number): void {
    Object.assign(canvas, { width, height });
  }
  destroy({ canvas }: { canvas: OffscreenCanvas }): void {
    Object.assign(canvas, { width: 0, height: 0 });
  }
}

/** Filters live in a page's markup; there is none here, so colours are drawn as they are. */
class NoFilters {
  addFilter = () => 'none';
  addHCMFilter = this.addFilter;
  addAlphaFilter = this.addFilter;
  addLuminosityFilter = this.addFilter;
  addHighlightHCMFilter = this.addFilter;
  destroy = () => undefined;
}

/** Opens a PDF with the reader that ships with the app; it parses in a worker of its own. */
async function openPdf(file: Blob): Promise<PDFDocumentProxy> {
  const pdf = await import('pdfjs-dist');
  pdf.GlobalWorkerOptions.workerPort ??= new Worker(
    new URL('pdfjs-dist/build/pdf.worker.min.mjs', import.meta.url),
    { type: 'module' },
  );
  return pdf.getDocument({
    data: new Uint8Array(await file.arrayBuffer()),
    isEvalSupported: false,
    disableFontFace: true,
    CanvasFactory: OffscreenCanvases,
    FilterFactory: NoFilters,
  }).promise;
}

/** Draws a page at so many pixels a point on a background. */
async function drawPage(
  document: PDFDocumentProxy,
  pageNumber: number,
  perPoint: number,
  background: string,
): Promise<OffscreenCanvas> {
  const page = await document.getPage(pageNumber);
  const viewport = page.getViewport({ scale: perPoint });
  const canvas = new OffscreenCanvas(Math.round(viewport.width), Math.round(viewport.height));
  await page.render({
    canvas: null,
    canvasContext: contextOf(canvas) as unknown as CanvasRenderingContext2D,
    viewport,
    background,
    // drawn in one go: on screen it would wait for a page's frames
    intent: 'print',
  }).promise;
  page.cleanup();
  return canvas;
}

function contextOf(canvas: OffscreenCanvas): OffscreenCanvasRenderingContext2D {
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) throw new Error('This browser cannot draw the page.');
  return context;
}

/** How finely sheets are looked at: few of them finely, many coarsely, pixels per mm. */
const lookAt = (sheets: number): number => (sheets <= 4 ? 3 : sheets <= 16 ? 2 : 1.5);

/** A page read, its pixels put away: the page on screen may hold it without carrying them. */
export interface ReadPage extends Omit<Raster, 'data'> {
  readonly pixels: Blob;
}

/** Every page of a print file as pixels in true size, on white paper. */
export async function readPages(file: Blob, onProgress: OnProgress): Promise<readonly ReadPage[]> {
  const document = await openPdf(file);
  const pxPerMm = lookAt(document.numPages);
  const pages: ReadPage[] = [];
  for (let nth = 1; nth <= document.numPages; nth++) {
    onProgress({ doing: `Reading sheet ${nth}`, share: (nth - 0.5) / document.numPages });
    const canvas = await drawPage(document, nth, (pxPerMm * MM_PER_INCH) / 72, '#fff');
    const { width, height } = canvas;
    const { data } = contextOf(canvas).getImageData(0, 0, width, height);
    pages.push({ width, height, pxPerMm, pixels: new Blob([data]) });
  }
  return pages;
}

/** The pixels of a page that was read. */
export const rasterOf = async ({ pixels, ...size }: ReadPage): Promise<Raster> => ({
  ...size,
  data: new Uint8ClampedArray(await pixels.arrayBuffer()),
});

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

/** A drawing turned into pixels at print resolution, with its own size. */
export interface Drawn {
  readonly blob: Blob;
  readonly realMm: { readonly widthMm: number; readonly heightMm: number } | null;
}

/**
 * Draws one page of a PDF for a room; its size is the page's, 1 pt = 1/72 in (ISO 32000-1 §8.3.2.3).
 * Nothing is painted under it, so that paper stays see-through.
 */
export async function drawPdfPage(
  file: Blob,
  pageNumber: number,
  room: Room,
): Promise<Result<Drawn>> {
  try {
    const document = await openPdf(file);
    const own = (await document.getPage(pageNumber)).getViewport({ scale: 1 });
    const mm = MM_PER_INCH / 72;
    const realMm = { widthMm: own.width * mm, heightMm: own.height * mm };
    const { width } = drawingPixels(realMm.widthMm, realMm.heightMm, room);
    const canvas = await drawPage(document, pageNumber, width / own.width, 'rgba(0,0,0,0)');
    return success({ blob: await canvas.convertToBlob({ type: 'image/png' }), realMm });
  } catch {
    return failure(`Page ${pageNumber} of this PDF cannot be drawn.`);
  }
}
