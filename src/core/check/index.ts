import { ART_RULES, passEmpty } from './artRules';
import { BLANK_RULES } from './blankRules';
import { FIRST_PASS } from '../model';
import type { Check, Found } from './codes';
import type { Level } from './finding';
import type { Findings } from './findings';
import { COLOUR_RULES } from './colourRules';
import { FINISH_RULES } from './finishRules';
import { HEAT_RULES } from './heatRules';
import { PLACE_RULES } from './placeRules';
import { PRESS_RULES } from './pressRules';
import { REPEAT_RULES } from './repeatRules';
import { SHEET_RULES } from './sheetRules';
import { STOCK_RULES } from './stockRules';
import { TILE_RULES } from './tileRules';
import { TOOL_RULES } from './toolRules';
import { WRAP_RULES } from './wrapRules';

export { CHECK_CODES, type Check, type CheckCode, type CheckFacts, type Found } from './codes';
export type { Level } from './finding';
export type { Findings, Overwork } from './findings';
export { STATIONS, type Station } from './vocabulary';
export { applyFix, FIX_CODES, type Fix, type FixArgs, type FixCode } from './fixes';

const RULES: readonly ((findings: Findings) => Found[])[] = [
  ...TOOL_RULES,
  ...BLANK_RULES,
  ...FINISH_RULES,
  ...COLOUR_RULES,
  ...ART_RULES,
  ...REPEAT_RULES,
  ...PLACE_RULES,
  ...WRAP_RULES,
  ...SHEET_RULES,
  ...STOCK_RULES,
  ...TILE_RULES,
  ...HEAT_RULES,
  ...PRESS_RULES,
];
const GRAVITY: Record<Level, number> = { stop: 0, warn: 1, note: 2 };

const everyRule = (findings: Findings): Found[] => {
  const { passId, job } = findings;
  return passId !== FIRST_PASS && job.placements.length === 0
    ? passEmpty(findings)
    : RULES.flatMap((rule) => rule(findings));
};

/**
 * Runs every rule over every pass of a job; what stops comes first, then station order. What is found at a further
 * pass just as at one before it (the blank, the machine) is said once.
 * @param within runs all rules on one pass, within the work they may do.
 */
export function checkPlan(
  passes: readonly Findings[],
  within: (findings: Findings, rules: typeof everyRule) => Found[],
): Check[] {
  const said = new Set<string>();
  return passes
    .flatMap((findings, nth) =>
      within(findings, everyRule).flatMap((one): Check[] => {
        const what = `${one.id} ${JSON.stringify(one.facts)}`;
        if (said.has(what)) return [];
        said.add(what);
        const id = nth === 0 ? one.id : `${findings.passId}.${one.id}`;
        return [{ ...one, id, passId: findings.passId }];
      }),
    )
    .sort((a, b) => GRAVITY[a.level] - GRAVITY[b.level]);
}
