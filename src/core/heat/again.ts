import { PRIOR } from './assumed';
import { equalDwell } from './compare';
import { heated } from './press';
import type { Setup } from './setup';

/** A second heat under the same paper does so much of what the first one was to do to the dye (common practice: about a third). */
const SHARE = 1 / 3;
/** Timers are set to so many s, and to no less than twice that (own choice). */
const STEP_S = 5;

/**
 * How long a pressing takes from cold for its dye to get a third of what a whole one brings, s, by the likeliest case: a
 * thick cup needs most of its time to get warm at all. Never longer than the whole.
 */
export function secondDwellS(setup: Setup): number {
  const { doseS = 0 } = heated(setup) ?? {};
  const s = doseS > 0 ? equalDwell(setup, SHARE * doseS, PRIOR) : SHARE * setup.dwellS;
  return Math.min(setup.dwellS, Math.max(2 * STEP_S, STEP_S * Math.round(s / STEP_S)));
}
