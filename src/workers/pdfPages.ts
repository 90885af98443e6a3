import type { PDFDocumentProxy } from 'pdfjs-dist';
import type { Raster } from '@/core/proof';
import { MM_PER_INCH } from '@/core/units';
import { openPdf } from './openPdf';
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

/**
 * Filters live in a page's markup, and there is none here. Our own print files need none: their
 * opacity is in their pictures. Strangers' files do, and are drawn on the page (`ui/art/vector`).
 */
class NoFilters {
  addFilter = () => 'none';
  addHCMFilter = this.addFilter;
  addAlphaFilter = this.addFilter;
  addLuminosityFilter = this.addFilter;
  addHighlightHCMFilter = this.addFilter;
  destroy = () => undefined;
}

/** Draws a page at so many pixels a point on white paper. */
async function drawPage(
  document: PDFDocumentProxy,
  pageNumber: number,
  perPoint: number,
): Promise<OffscreenCanvas> {
  const page = await document.getPage(pageNumber);
  const viewport = page.getViewport({ scale: perPoint });
  const canvas = new OffscreenCanvas(Math.round(viewport.width), Math.round(viewport.height));
  await page.render({
    canvas: null,
    canvasContext: contextOf(canvas) as unknown as CanvasRenderingContext2D,
    viewport,
    background: '#fff',
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
  const document = await openPdf(file, {
    CanvasFactory: OffscreenCanvases,
    FilterFactory: NoFilters,
    // our own files hold nothing that needs them, and turning 24 megapixels by their profile takes twice as long as all the rest
    useWasm: false,
  });
  const pxPerMm = lookAt(document.numPages);
  const pages: ReadPage[] = [];
  for (let nth = 1; nth <= document.numPages; nth++) {
    onProgress({ doing: `Reading sheet ${nth}`, share: (nth - 0.5) / document.numPages });
    const canvas = await drawPage(document, nth, (pxPerMm * MM_PER_INCH) / 72);
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
