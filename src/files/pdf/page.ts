import type { Pattern } from '@/words';

/** Room left round a drawing on its own page, mm: every home printer reaches that far. */
export const BORDER_MM = 7;

type Size = readonly [widthMm: number, heightMm: number];

/** US letter (ASME Y14.1), for text where the paper at hand is a scrap or a square, mm. */
const LETTER: Size = [215.9, 279.4];

/** How much of a text goes down one page of a paper, mm. */
export const textHeightOn = (paper: PaperSize): number => pageForText(paper)[1] - 2 * BORDER_MM;

/** Paper less wide than this is a scrap, too small to join a drawing of, mm (own choice). */
const LEAST_JOINED_MM = 100;

/** The page a drawing is joined of: the paper, or letter where that is a scrap. */
export const pageForJoining = ({ widthMm, heightMm }: PaperSize): Size =>
  Math.min(widthMm, heightMm) >= LEAST_JOINED_MM ? [widthMm, heightMm] : LETTER;

/** The page text goes on: the paper upright, or letter where that is too small for a page of text. */
export function pageForText({ widthMm, heightMm }: PaperSize): Size {
  return widthMm >= LETTER[0] - 10 && heightMm >= 1.2 * widthMm ? [widthMm, heightMm] : LETTER;
}

export interface PaperSize {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** The paper upright or turned, where a drawing fits on it in one piece; null where it does not. */
export function pageForPiece(pattern: Pattern, paper: PaperSize): Size | null {
  const needs = [pattern.widthMm + 2 * BORDER_MM, pattern.heightMm + 2 * BORDER_MM] as const;
  const ways: readonly Size[] = [
    [paper.widthMm, paper.heightMm],
    [paper.heightMm, paper.widthMm],
  ];
  return ways.find(([w, h]) => w >= needs[0] && h >= needs[1]) ?? null;
}
