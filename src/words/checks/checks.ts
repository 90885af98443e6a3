import type { Check, CheckCode, CheckFacts } from '@/core/check';
import type { WorkKind } from '@/core/work';
import type { UnitStyle } from '../units';
import { sayIn } from '../say';
import { ART_WORDS } from './art';
import { COLOUR_WORDS } from './colour';
import { BLANK_WORDS } from './blank';
import { HEAT_WORDS } from './heat';
import { SHEET_WORDS } from './sheets';
import { STOCK_WORDS } from './stock';
import type { CheckWords, WordsOf } from './words';

const WORK_WORDS: Readonly<Record<WorkKind, string>> = {
  'outline-corners': 'corners of outlines',
  'outline-crossings': 'crossings of outlines',
  'overlapping-outlines': 'outlines that overlap',
  'close-corners': 'corners closer together than its margin',
  'outlines-of-items': 'outlines for different things',
  'detail-in-outlines': 'detail in outlines',
  'detail-at-seams': 'detail at seams',
  'cut-lines': 'cut lines on sheets',
  motifs: 'repeated motifs',
  contrasts: 'colours side by side',
};

const TOOL_WORDS = {
  missing: ({ what, id, insteadName }) => ({
    text:
      insteadName === null
        ? `The ${what} this job names (“${id}”) is not on your shelf. Choose one you have, or cut by hand.`
        : `The ${what} this job names (“${id}”) is not on your shelf; it is planned with “${insteadName}”. Choose one you have.`,
    figure: id,
  }),
  'too-much': ({ what }) => ({
    text: `This is more than can be worked out: too many ${WORK_WORDS[what]}. Take a simpler outline, fewer different things, larger steps or fewer copies.`,
    figure: WORK_WORDS[what],
  }),
} satisfies Partial<WordsOf<keyof CheckFacts>>;

/** How a finding of every kind is told. */
export const CHECK_WORDS: WordsOf<CheckCode> = {
  ...TOOL_WORDS,
  ...BLANK_WORDS,
  ...ART_WORDS,
  ...COLOUR_WORDS,
  ...SHEET_WORDS,
  ...STOCK_WORDS,
  ...HEAT_WORDS,
};

/** A finding in words, in the person's units. */
export function checkWords<C extends CheckCode>(
  { code, facts, more }: Check<C>,
  units: UnitStyle,
): CheckWords {
  const told = CHECK_WORDS[code](facts, sayIn(units));
  if (more === 0) return told;
  const others = more === 1 ? 'one more picture' : `${more} more pictures`;
  return { ...told, text: `${told.text} So with ${others} of this place.` };
}
