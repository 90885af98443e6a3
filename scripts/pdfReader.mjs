// Part of `npm run build` and `npm run dev`: puts beside the app what the PDF reader asks for by name, those of the version that
// is installed: fonts that PDFs name without bringing them, tables of letters, decoders and profiles of inks.
// `src/workers/openPdf.ts` asks for them under /pdf-reader.
import { cpSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './ensure.mjs';

const FOLDER = join(ROOT, 'public', 'pdf-reader');

rmSync(FOLDER, { recursive: true, force: true });
for (const part of ['standard_fonts', 'cmaps', 'wasm', 'iccs'])
  cpSync(join(ROOT, 'node_modules', 'pdfjs-dist', part), join(FOLDER, part), { recursive: true });
