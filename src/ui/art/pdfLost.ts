import type { PDFPageProxy } from 'pdfjs-dist';
import type { DrawingLoss } from '@/core/model';

/** What the reader calls whatever font it cannot read. */
const UNREADABLE_FONT = 'g_font_error';

/** What the reader has by a name once it has come: null for a picture it cannot read. What pages share has names of its own. */
const comeTo = (page: PDFPageProxy, name: string): Promise<unknown> =>
  new Promise((come) =>
    (name.startsWith('g_') ? page.commonObjs : page.objs).get(name, (thing: unknown) =>
      come(thing),
    ),
  );

/** Whether a font did not come with the file, nor ships with the reader: its letters are the computer's own. */
const isOfComputer = (font: unknown): boolean =>
  typeof font === 'object' && font !== null && 'missingFile' in font && font.missingFile === true;

/** What a page will be drawn without, which the reader leaves out without a word. */
export async function lostOnPage(page: PDFPageProxy): Promise<DrawingLoss[]> {
  const { OPS } = await import('pdfjs-dist');
  const { fnArray, argsArray } = await page.getOperatorList();
  const named = (...operators: number[]) => [
    ...new Set(
      fnArray.flatMap((operator, i) => {
        const [name] = (argsArray[i] ?? []) as unknown[];
        return operators.includes(operator) && typeof name === 'string' ? [name] : [];
      }),
    ),
  ];
  const fonts = named(OPS.setFont);
  const pictures = await Promise.all(
    named(OPS.paintImageXObject, OPS.paintImageXObjectRepeat).map((name) => comeTo(page, name)),
  );
  const readable = await Promise.all(
    fonts.filter((name) => name !== UNREADABLE_FONT).map((name) => comeTo(page, name)),
  );
  const lost: DrawingLoss[] = [];
  if (pictures.includes(null)) lost.push('elsewhere');
  if (fonts.includes(UNREADABLE_FONT)) lost.push('words');
  if (readable.some(isOfComputer)) lost.push('fonts');
  // what was decoded for this is not kept beside what is drawn
  page.cleanup();
  return lost;
}
