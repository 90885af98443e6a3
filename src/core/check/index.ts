import { ART_RULES } from './artRules';
import { BLANK_RULES } from './blankRules';
import type { Check, Findings, Level } from './check';
import { HEAT_RULES } from './heatRules';
import { PLACE_RULES } from './placeRules';
import { PRESS_RULES } from './pressRules';
import { SHEET_RULES } from './sheetRules';
import { TILE_RULES } from './tileRules';
import { TOOL_RULES } from './toolRules';

export type { Check, Findings, Level, Overwork } from './check';
export { CHECK_CODES, STATIONS, type CheckCode, type CheckFacts, type Station } from './codes';
export { applyFix, FIX_CODES, type Fix, type FixArgs, type FixCode } from './fixes';

const RULES = [
  ...TOOL_RULES,
  ...BLANK_RULES,
  ...ART_RULES,
  ...PLACE_RULES,
  ...SHEET_RULES,
  ...TILE_RULES,
  ...HEAT_RULES,
  ...PRESS_RULES,
];
const GRAVITY: Record<Level, number> = { stop: 0, warn: 1, note: 2 };

/** Runs every rule; what stops comes first, then station order. */
export const checkPlan = (findings: Findings): Check[] =>
  RULES.flatMap((rule) => rule(findings)).sort((a, b) => GRAVITY[a.level] - GRAVITY[b.level]);
