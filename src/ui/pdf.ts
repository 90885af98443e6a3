import type { Raster } from '@/core/proof';
import { MM_PER_INCH } from '@/core/units';

/** Opens a PDF with the reader that ships with the app; it works in a worker of its own. */
export async function openPdf(bytes: Uint8Array) {
  const pdf = await import('pdfjs-dist');
  pdf.GlobalWorkerOptions.workerPort ??= new Worker(
    new URL('pdfjs-dist/build/pdf.worker.min.mjs', import.meta.url),
    { type: 'module' },
  );
  return pdf.getDocument({ data: bytes, isEvalSupported: false, disableFontFace: true }).promise;
}

type OpenPdf = Awaited<ReturnType<typeof openPdf>>;

/** A page as pixels in true size, on white paper. */
export async function rasterOf(
  document: OpenPdf,
  pageNumber: number,
  pxPerMm: number,
): Promise<Raster> {
  const page = await document.getPage(pageNumber);
  const viewport = page.getViewport({ scale: (pxPerMm * MM_PER_INCH) / 72 });
  const canvas = window.document.createElement('canvas');
  const [width, height] = [Math.round(viewport.width), Math.round(viewport.height)];
  Object.assign(canvas, { width, height });
  const canvasContext = canvas.getContext('2d', { willReadFrequently: true });
  if (!canvasContext) throw new Error('This browser cannot draw the page.');
  await page.render({ canvas: null, canvasContext, viewport, background: '#fff' }).promise;
  page.cleanup();
  return { width, height, data: canvasContext.getImageData(0, 0, width, height).data, pxPerMm };
}
