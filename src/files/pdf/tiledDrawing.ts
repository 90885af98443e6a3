import type { Drawing } from '@/core/drawing';
import { line, tilesOfDrawing, type DrawingTiles } from '@/core/jig';
import type { Pattern } from '@/words';
import { BORDER_MM, pageForJoining, type PaperSize } from './page';

/** Room for the line that says which page it is, mm, and its letters. */
const FOOT_MM = 6;
const LETTERS_MM = 2.8;

/** A drawing cut up for the paper at hand, upright or turned: whichever takes fewer pages. */
export function tiledOn(
  pattern: Pattern,
  paper: PaperSize,
): { readonly tiles: DrawingTiles; readonly on: readonly [widthMm: number, heightMm: number] } {
  const [short, long] = pageForJoining(paper);
  const ways = [
    [short, long],
    [long, short],
  ] as const;
  const [upright, turned] = ways.map((on) => ({
    on,
    tiles: tilesOfDrawing(pattern, {
      widthMm: on[0] - 2 * BORDER_MM,
      heightMm: on[1] - 2 * BORDER_MM - FOOT_MM,
    }),
  }));
  if (!upright || !turned) throw new Error('A paper lies two ways.');
  return turned.tiles.tiles.length < upright.tiles.tiles.length ? turned : upright;
}

/** The drawing with the lines on which two pages are laid on each other. */
export const withSeams = (pattern: Pattern, { downAtMm, acrossAtMm }: DrawingTiles): Pattern => ({
  ...pattern,
  lines: [
    ...pattern.lines,
    ...downAtMm.map((x) => line('fold', { x, y: 0 }, { x, y: pattern.heightMm })),
    ...acrossAtMm.map((y) => line('fold', { x: 0, y }, { x: pattern.widthMm, y })),
  ],
});

/** What is said at the foot of a page. */
export const footLine = (
  text: string,
  [widthMm, heightMm]: readonly [number, number],
): Drawing['texts'][number] => ({
  ...{ x: BORDER_MM, y: heightMm - BORDER_MM, text, sizeMm: LETTERS_MM, align: 'left' },
  widestMm: widthMm - 2 * BORDER_MM,
});
