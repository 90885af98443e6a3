import type { CheckCode, CheckFacts } from '@/core/check';
import type { Say } from '../say';

/** A finding in words: what, and the figure it turns on (empty where there is none). */
export interface CheckWords {
  readonly text: string;
  readonly figure: string;
}

/** How a finding of each of some kinds is told. */
export type WordsOf<C extends CheckCode> = {
  readonly [K in C]: (facts: CheckFacts[K], say: Say) => CheckWords;
};
