import { keysOf } from '../keys';
import { ART_KINDS } from './artRules';
import { BLANK_KINDS } from './blankRules';
import { COLOUR_KINDS } from './colourRules';
import { FINISH_KINDS } from './finishRules';
import { HEAT_KINDS } from './heatRules';
import { PLACE_KINDS } from './placeRules';
import { PRESS_KINDS } from './pressRules';
import { REPEAT_KINDS } from './repeatRules';
import { SHEET_KINDS } from './sheetRules';
import { STOCK_KINDS } from './stockRules';
import { TILE_KINDS } from './tileRules';
import { TOOL_KINDS } from './toolRules';
import { WRAP_KINDS } from './wrapRules';
import type { FactsOf, FoundAs } from './finding';

const KINDS = {
  ...TOOL_KINDS,
  ...BLANK_KINDS,
  ...FINISH_KINDS,
  ...COLOUR_KINDS,
  ...ART_KINDS,
  ...PLACE_KINDS,
  ...REPEAT_KINDS,
  ...WRAP_KINDS,
  ...SHEET_KINDS,
  ...STOCK_KINDS,
  ...TILE_KINDS,
  ...HEAT_KINDS,
  ...PRESS_KINDS,
};

/** A kind of finding. */
export type CheckCode = keyof typeof KINDS;
/** What each finding tells: quantities and identities; names are the person's own. */
export type CheckFacts = { readonly [C in CheckCode]: FactsOf<(typeof KINDS)[C]> };
/** Every kind of finding. */
export const CHECK_CODES = keysOf(KINDS);

/** A finding as a rule makes it. */
export type Found<C extends CheckCode = CheckCode> = FoundAs<C, CheckFacts[C]>;

/** One finding about a plan: what, with its quantities, and the way out. Its words: `words/checks`. */
export interface Check<C extends CheckCode = CheckCode> extends Found<C> {
  /** The pass of the job it was found at; its ways out are taken there. */
  readonly passId: string;
}
