/** A clock set back is corrected from here on; less is the clock being kept right. ms. */
const SET_BACK_FROM_MS = 1000;
/** Clocks are set forward by whole hours or halves of one, give or take; anything else was sleep. ms. */
const HALF_HOUR_MS = 30 * 60_000;
const GIVE_MS = 5000;

/**
 * By how much somebody set the wall clock between two looks, ms: told from a clock that nobody can
 * set, which may stand still while a device sleeps. Time never goes back by itself; forward it goes
 * while asleep, and only a jump of whole half hours is taken for a clock that was set.
 * @param wallMs how far the wall clock went.
 * @param steadyMs how far the other one went.
 * @example clockSetBy(-3_599_750, 250) // → -3 600 000: an hour back
 */
export function clockSetBy(wallMs: number, steadyMs: number): number {
  const jump = wallMs - steadyMs;
  if (jump < -SET_BACK_FROM_MS) return jump;
  const halves = Math.round(jump / HALF_HOUR_MS) * HALF_HOUR_MS;
  return halves > 0 && Math.abs(jump - halves) < GIVE_MS ? jump : 0;
}
