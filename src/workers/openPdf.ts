import type { PDFDocumentProxy } from 'pdfjs-dist';

/** What is asked of the reader beyond what it does by itself. */
export interface Reading {
  /** What it draws with where there is no page; it brings its own for a page. */
  readonly CanvasFactory?: object;
  readonly FilterFactory?: object;
  /** False where nothing asks for its decoders: colours are left as they are stored then. */
  readonly useWasm?: boolean;
}

/** Where the reader finds what it asks for by name: the build puts it there. */
const partsOf = (origin: string) => ({
  /** Open fonts of the widths that every reader has to know (ISO 32000-1 §9.6.2.2). */
  standardFontDataUrl: `${origin}/pdf-reader/standard_fonts/`,
  /** Which letters are meant where a file says so by the name of a table (§9.7.5.2). */
  cMapUrl: `${origin}/pdf-reader/cmaps/`,
  /** Decoders of JPEG 2000 and of black and white, and what turns colours by their profile. */
  wasmUrl: `${origin}/pdf-reader/wasm/`,
  /** What four inks are that no profile names. */
  iccUrl: `${origin}/pdf-reader/iccs/`,
  useWorkerFetch: true,
});

/** Opens a PDF with the reader that ships with the app; it parses in a worker of its own. */
export async function openPdf(file: Blob, how: Reading = {}): Promise<PDFDocumentProxy> {
  const pdf = await import('pdfjs-dist');
  pdf.GlobalWorkerOptions.workerPort ??= new Worker(
    new URL('pdfjs-dist/build/pdf.worker.min.mjs', import.meta.url),
    { type: 'module' },
  );
  return pdf.getDocument({
    data: new Uint8Array(await file.arrayBuffer()),
    isEvalSupported: false,
    disableFontFace: true,
    ...partsOf(self.location.origin),
    ...how,
  }).promise;
}
