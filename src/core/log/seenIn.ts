import { luminance } from '../colour';
import type { Blank, Machine, PressRecord } from '../model';
import { mayOverrun, RECIPES } from '../press';
import type { Seen } from './diagnose';

/** Cloth with less polyester than this is mostly cotton; blanks darker than this are dark, 0–1 (as the checks). */
const MOSTLY_COTTON_BELOW = 0.5;
const DARK_BELOW = 0.3;
/** Set this much off a recipe's heat is cooler or hotter, °C (own choice). */
const OFF_C = 5;

/**
 * What a record, its blank and machine tell of a pressing by themselves; what they do not tell is left open.
 * @param blank as it stands on the shelf or in the job; null where it is gone.
 * @param machine likewise.
 */
export function seenIn(record: PressRecord, blank: Blank | null, machine: Machine | null): Seen {
  const { program, pressure, temperatureC, dwellS } = record;
  const set = program?.passes.find(({ transfer }) => transfer === record.transfer)?.settings;
  const recipe = RECIPES.find(({ id }) => id === record.recipeId);
  const usualC = recipe?.temperatureC ?? null;
  const off = temperatureC !== null && usualC !== null ? temperatureC - usualC : null;
  const faces = new Set(
    program?.operations.flatMap(({ kind, faceId }) => (kind === 'press' && faceId ? [faceId] : [])),
  );
  const { polyesterShare = null, colour = null, coating = null } = blank?.substrate ?? {};
  return {
    ...(set && {
      'pressed-less': dwellS < set.dwellS - mayOverrun(set.dwellS),
      'pressed-longer': dwellS > set.dwellS + mayOverrun(set.dwellS),
    }),
    ...(off !== null && { 'set-cooler': off < -OFF_C, 'set-hotter': off > OFF_C }),
    ...(pressure && {
      'light-pressure': pressure === 'light',
      'firm-pressure': pressure === 'firm',
    }),
    ...(program && {
      'no-pad':
        !program.conditions.pad && !program.layUps.flat().some(({ is }) => is === 'soft-pad'),
      'cover-used-before': program.conditions.cover === 'used',
      'two-pressings': faces.size > 1,
    }),
    ...(polyesterShare !== null && { 'mostly-cotton': polyesterShare < MOSTLY_COTTON_BELOW }),
    ...(colour !== null && { 'dark-blank': luminance(colour) < DARK_BELOW }),
    ...(coating !== null &&
      polyesterShare === null && { 'coating-unknown': coating !== 'dye-receptive' }),
    ...(machine && { 'never-measured': machine.displayOffsetC === 0 && machine.readings === null }),
  };
}
