import { LETTER_WIDTHS } from './letterWidths';

const WIDTHS: ReadonlyMap<string, number> = new Map(
  LETTER_WIDTHS.flatMap(([width, letters]) =>
    Array.from(letters, (letter) => [letter, width] as const),
  ),
);
/** Signs of other scripts are taken as square. */
const SQUARE = 1000;

/** How wide a line of text is in our print files, mm. */
export const textWidthMm = (text: string, sizeMm: number): number =>
  Array.from(text).reduce((sum, letter) => sum + (WIDTHS.get(letter) ?? SQUARE), 0) *
  (sizeMm / 1000);

/**
 * Breaks a sentence into lines at most so wide, at spaces; a single word that is wider stays whole.
 * @param indent put before every line but the first.
 */
export function wrapped(text: string, widestMm: number, sizeMm: number, indent = ''): string[] {
  const lines = [''];
  for (const word of text.split(' ')) {
    const last = lines.at(-1) ?? '';
    const longer = last === '' ? word : `${last} ${word}`;
    if (last.trim() === '' || textWidthMm(longer, sizeMm) <= widestMm)
      lines[lines.length - 1] = longer;
    else lines.push(indent + word);
  }
  return lines;
}
