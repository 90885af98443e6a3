import type { LetterTools, TextPicture } from '@/files/pdf';
import { packPixels } from './decode';

/** The app's own letters for print files, Latin and its extensions (SIL Open Font Licence). */
const FILES = [
  new URL(
    '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-400-normal.woff',
    import.meta.url,
  ),
  new URL(
    '@fontsource/atkinson-hyperlegible/files/atkinson-hyperlegible-latin-ext-400-normal.woff',
    import.meta.url,
  ),
];

/** What to set a canvas's font to: our letters, and for other scripts what the machine has. */
export const canvasFont = (sizePx: number): string =>
  `${sizePx}px ${FILES.map((_, i) => `"Print letters ${i}"`).join(', ')}, sans-serif`;

const load = async (file: URL, nth: number): Promise<Uint8Array> => {
  const response = await fetch(file);
  if (!response.ok) throw new Error('The letters of print files could not be loaded.');
  const bytes = await response.arrayBuffer();
  const face = new FontFace(`Print letters ${nth}`, bytes);
  (self as unknown as { fonts: FontFaceSet }).fonts.add(await face.load());
  return new Uint8Array(bytes);
};

let loaded: Promise<readonly Uint8Array[]> | null = null;

/** Loads the letters, once; a task that finds them missing tries again. */
export function loadLetters(): Promise<readonly Uint8Array[]> {
  loaded ??= Promise.all(FILES.map(load)).catch((error: unknown) => {
    loaded = null;
    throw error;
  });
  return loaded;
}

/** Dots to the letter size: fine enough that a label's 3 mm letters have 1200 dots an inch. */
const DOTS = 144;

/** A line in any script as a picture. */
async function picture(text: string): Promise<TextPicture> {
  const measuring = new OffscreenCanvas(1, 1).getContext('2d');
  if (!measuring) throw new Error('This browser cannot draw pictures in the background.');
  measuring.font = canvasFont(DOTS);
  const ink = measuring.measureText(text);
  const ascent = Math.ceil(ink.actualBoundingBoxAscent) + 1;
  const height = ascent + Math.ceil(ink.actualBoundingBoxDescent) + 1;
  const width = Math.max(1, Math.ceil(ink.width));
  const brush = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
  if (!brush) throw new Error('This browser cannot draw pictures in the background.');
  brush.font = canvasFont(DOTS);
  brush.fillText(text, 0, ascent);
  const { data } = brush.getImageData(0, 0, width, height);
  return {
    pixels: await packPixels(width, height, data),
    ...{ width: width / DOTS, height: height / DOTS, ascent: ascent / DOTS },
  };
}

/** What PDFs are lettered with. */
export const letterTools = async (): Promise<LetterTools> => ({
  fonts: await loadLetters(),
  picture,
});
