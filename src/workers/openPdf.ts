import type { PDFDocumentProxy } from 'pdfjs-dist';
import { ShippedFonts } from './pdfFonts';

/** What the reader draws with where there is no page; it brings its own for a page. */
export interface Factories {
  readonly CanvasFactory?: object;
  readonly FilterFactory?: object;
}

/** Opens a PDF with the reader that ships with the app; it parses in a worker of its own. */
export async function openPdf(file: Blob, factories: Factories = {}): Promise<PDFDocumentProxy> {
  const pdf = await import('pdfjs-dist');
  pdf.GlobalWorkerOptions.workerPort ??= new Worker(
    new URL('pdfjs-dist/build/pdf.worker.min.mjs', import.meta.url),
    { type: 'module' },
  );
  return pdf.getDocument({
    data: new Uint8Array(await file.arrayBuffer()),
    isEvalSupported: false,
    disableFontFace: true,
    BinaryDataFactory: ShippedFonts,
    ...factories,
  }).promise;
}
