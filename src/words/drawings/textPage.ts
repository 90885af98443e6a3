import { line } from '@/core/jig';
import type { Pattern, PatternText } from './pattern';
import { wrapped } from './wrap';

/** How wide a page of text is set, mm. */
export const TEXT_WIDTH_MM = 180;
/** Height of its lines, mm. */
export const LINE_MM = 5;
/** Height of its letters, mm. */
export const TEXT_MM = 3.1;
const HEADING_ROOM_MM = 2.5;

/** A line of a page of text; a heading is larger. */
export interface TextLine {
  readonly text: string;
  readonly big: boolean;
}

/** A heading. */
export const heading = (text: string): TextLine => ({ text, big: true });

/** A paragraph, broken where the page ends. */
export const paragraph = (text: string): TextLine[] =>
  wrapped(text, TEXT_WIDTH_MM, TEXT_MM).map((each) => ({ text: each, big: false }));

/** Lines one below the other, room above each heading. @returns where they end, mm. */
export function setLines(lines: readonly TextLine[]): { texts: PatternText[]; endMm: number } {
  let y = 0;
  const texts = lines.map(({ text, big }, i) => {
    y += LINE_MM + (big && i > 0 ? HEADING_ROOM_MM : 0);
    return { x: 0, y, text, sizeMm: big ? TEXT_MM * 1.35 : TEXT_MM };
  });
  return { texts, endMm: y };
}

/** A page of text that runs on where one is too short. */
export function textPage(
  about: Pick<Pattern, 'id' | 'name' | 'use'>,
  lines: readonly TextLine[],
): Pattern {
  const { texts, endMm } = setLines(lines);
  return {
    ...{ ...about, widthMm: TEXT_WIDTH_MM, heightMm: endMm + LINE_MM, flows: true, texts },
    lines: [line('mark', { x: 0, y: 0 }, { x: TEXT_WIDTH_MM, y: 0 })],
  };
}
