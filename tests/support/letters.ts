import { readFileSync } from 'node:fs';
import { deflateSync } from 'node:zlib';
import sharp from 'sharp';
import type { LetterTools } from '@/files/pdf';

const FOLDER = 'node_modules/@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible';

/** The app's own letters, as files. */
export const FONT_FILES = ['latin', 'latin-ext'].map(
  (letters) => new Uint8Array(readFileSync(`${FOLDER}-${letters}-400-normal.woff`)),
);

const DOTS = 48;

/** Letters for PDFs written outside a browser; lines in other scripts are drawn by sharp. */
export const letterTools: LetterTools = {
  fonts: FONT_FILES,
  picture: async (text) => {
    const safe = text.replace(/[<>&]/g, ' ');
    const width = Math.ceil(text.length * DOTS);
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${2 * DOTS}"><text y="${1.4 * DOTS}" font-size="${DOTS}">${safe}</text></svg>`;
    const { data, info } = await sharp(Buffer.from(svg))
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    const channel = (from: number, count: number) =>
      new Uint8Array(
        deflateSync(
          Uint8Array.from(
            { length: info.width * info.height * count },
            (_, i) => data[Math.floor(i / count) * 4 + from + (i % count)] ?? 0,
          ),
        ),
      );
    return {
      pixels: {
        ...{ width: info.width, height: info.height, bits: 8, colours: 3, filtered: false },
        ...{ rgb: [channel(0, 3)], alpha: [channel(3, 1)] },
      },
      ...{ width: info.width / DOTS, height: info.height / DOTS, ascent: 1.4 },
    };
  },
};
