import * as fontkit from '@cantoo/fontkit';
import {
  concatTransformationMatrix,
  drawObject,
  PDFName,
  popGraphicsState,
  pushGraphicsState,
  type PDFDocument,
  type PDFFont,
  type PDFPage,
  type PDFRef,
} from '@cantoo/pdf-lib';
import type { DrawnText } from '@/core/drawing';
import { embedPixels } from './embed';
import type { PackedPixels } from './pack';
import { POINTS_PER_MM } from './points';

/** Words as a picture, black on clear; sizes in parts of the letter size. */
export interface TextPicture {
  readonly pixels: PackedPixels;
  readonly width: number;
  readonly height: number;
  /** From the picture's top to the baseline. */
  readonly ascent: number;
}

/** What print files are lettered with. */
export interface LetterTools {
  /** Our own font, in files (WOFF) that each hold some of its letters. */
  readonly fonts: readonly Uint8Array[];
  /** Draws words our font has no letters for, with whatever this machine has for their script. */
  readonly picture: (text: string) => Promise<TextPicture>;
}

interface Placed extends Omit<TextPicture, 'pixels'> {
  readonly name: PDFName;
  readonly ref: PDFRef;
}

interface Face {
  readonly font: PDFFont;
  readonly letters: ReadonlySet<number>;
}

/** Fonts as they were read, by their bytes: reading one again costs more than writing a page with it. */
const read = new WeakMap<Uint8Array, unknown>();

/** Reads each font once. */
const reading = {
  create(bytes: Uint8Array) {
    const font: unknown = read.get(bytes) ?? fontkit.create(bytes as never);
    read.set(bytes, font);
    return font;
  },
};

/** Letters that are in a document, for the lines that are written in it. */
export interface Letters {
  readonly faces: readonly Face[];
  /** Words our font has not, by what they say. */
  readonly pictures: ReadonlyMap<string, Placed>;
}

/** Part of a line that is written by one file of the font, or (null) drawn as a picture. */
interface Run {
  readonly face: Face | null;
  readonly text: string;
}

const faceWith = (faces: readonly Face[], letter: string): Face | null =>
  faces.find(({ letters }) => letters.has(letter.codePointAt(0) ?? 0)) ?? null;

/** Parts of a line; words of another script stay together with the spaces between them, as their order may run left. */
function runsOf(text: string, faces: readonly Face[]): Run[] {
  const runs: Run[] = [];
  for (const letter of text) {
    const face = faceWith(faces, letter);
    const [before, last] = [runs.at(-2), runs.at(-1)];
    if (last?.face === face) runs[runs.length - 1] = { face, text: last.text + letter };
    else if (face === null && before?.face === null && last?.text.trim() === '')
      runs.splice(-2, 2, { face, text: before.text + last.text + letter });
    else runs.push({ face, text: letter });
  }
  return runs;
}

/**
 * Puts into a document what these lines are written with: of our font only the letters that occur, and a
 * picture of words it has no letters for, so that names in any script print as typed.
 */
export async function embedLetters(
  doc: PDFDocument,
  texts: readonly string[],
  { fonts, picture }: LetterTools,
): Promise<Letters> {
  doc.registerFontkit(reading as never);
  const faces: Face[] = [];
  for (const bytes of texts.length > 0 ? fonts : []) {
    const font = await doc.embedFont(bytes, { subset: true });
    faces.push({ font, letters: new Set(font.getCharacterSet()) });
  }
  const pictures = new Map<string, Placed>();
  const foreign = texts.flatMap((text) => runsOf(text, faces).filter(({ face }) => face === null));
  for (const text of new Set(foreign.map((run) => run.text))) {
    const { pixels, ...size } = await picture(text);
    const name = PDFName.of(`Words${pictures.size}`);
    pictures.set(text, { ...size, name, ref: embedPixels(doc, pixels) });
  }
  return { faces, pictures };
}

/** Writes a line on a page, mm with y down; smaller where it would be wider than it may. */
export function writeLine(
  page: PDFPage,
  { x, y, text, sizeMm, align, widestMm }: DrawnText,
  { faces, pictures }: Letters,
): void {
  // widths go with the size
  const runs = runsOf(text, faces).map((run) => {
    const { face, text: part } = run;
    return {
      ...run,
      width: face?.font.widthOfTextAtSize(part, 1) ?? pictures.get(part)?.width ?? 0,
    };
  });
  const width = runs.reduce((sum, run) => sum + run.width, 0);
  const full = sizeMm * POINTS_PER_MM;
  const size = full * Math.min(1, (widestMm * POINTS_PER_MM) / Math.max(width * full, 1e-6));
  const base = page.getHeight() - y * POINTS_PER_MM;
  let left = x * POINTS_PER_MM - (align === 'right' ? width * size : 0);
  for (const run of runs) {
    const words = pictures.get(run.text);
    if (run.face) page.drawText(run.text, { x: left, y: base, size, font: run.face.font });
    else if (words) placePicture(page, words, left, base, size);
    left += run.width * size;
  }
}

function placePicture(page: PDFPage, words: Placed, left: number, base: number, size: number) {
  const { name, ref, width, height, ascent } = words;
  const bottom = base - (height - ascent) * size;
  page.node.setXObject(name, ref);
  page.pushOperators(
    pushGraphicsState(),
    concatTransformationMatrix(width * size, 0, 0, height * size, left, bottom),
    drawObject(name),
    popGraphicsState(),
  );
}
