import type { Pressure } from '../../model';

/** One thing a maker's text, or a plan, says; in words: `words/packet`. */
export type PacketSays =
  | { readonly kind: 'temperature'; readonly temperatureC: number }
  | { readonly kind: 'time'; readonly dwellS: number; readonly about: TimeOf }
  /** A line of a table: up to such a size, so long. mm, s. */
  | {
      readonly kind: 'size-time';
      readonly widthMm: number;
      readonly heightMm: number;
      readonly dwellS: number;
    }
  /** Which side is printed, and how it is washed, in the maker's own words. */
  | { readonly kind: 'side' | 'wash'; readonly words: string }
  | { readonly kind: 'pressure'; readonly pressure: Pressure }
  | { readonly kind: 'mirror'; readonly mirrored: boolean }
  | { readonly kind: 'peel'; readonly peel: 'hot' | 'warm' | 'cold' };

/** What a time is for. */
export type TimeOf = 'press' | 'pre-press' | 'film' | 'wait';

/** Where in the text something stands. */
export interface Place {
  readonly from: number;
  readonly to: number;
}

/** What a maker's text says, with where it says so. */
export type PacketFact = Place & PacketSays;

/** Where a pattern was found. */
export const placeOf = (match: RegExpExecArray): Place => ({
  from: match.index,
  to: match.index + match[0].length,
});
