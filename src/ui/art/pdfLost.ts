import type { PDFPageProxy } from 'pdfjs-dist';
import type { DrawingLoss } from '@/core/model';

/** Whether a font did not come with the file, nor ships with the reader: its letters are the computer's own. */
const isOfComputer = (thing: unknown): boolean =>
  typeof thing === 'object' &&
  thing !== null &&
  'missingFile' in thing &&
  thing.missingFile === true;

/**
 * What a page was drawn without, which the reader leaves out without a word.
 * @param page just drawn, of a document of which no other page was: what its drawing asked for is still at hand, a picture that cannot
 * be read as null, and of a font that cannot be read why not, as a text.
 */
export function lostOnPage({ objs, commonObjs }: PDFPageProxy): DrawingLoss[] {
  const things = [...objs, ...commonObjs].map(([, thing]: unknown[]) => thing);
  const lost: DrawingLoss[] = [];
  if (things.includes(null)) lost.push('elsewhere');
  if (things.some((thing) => typeof thing === 'string')) lost.push('words');
  if (things.some(isOfComputer)) lost.push('fonts');
  return lost;
}
