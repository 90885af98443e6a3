import type { Machine } from '../model';
import type { Change } from './problem';

/** A room in the evening, °C (own choice). */
export const ROOM_C = 21;
/** So near to what it is set to, a display has arrived, °C (own choice). */
export const HOT_ENOUGH_C = 2;
/** A machine whose warming up nobody has timed takes so long, s (from memory). */
const USUAL_WARM_UP_S = 600;
/** What a machine without degrees is as hot as, for reckoning only, °C (from memory). */
const FIXED_HEAT_C = 190;
/** A machine cools so many times slower than it heats: five to ten times by a trial of ours. */
const COOLS_SLOWER = 7;
/** Until a display that has arrived stands still, s (own choice). */
const SETTLING_S = 30;
/** Switching a machine on, s of hands (from memory). */
const SWITCH_ON_S = 15;
/** Setting a display otherwise, s of hands (from memory). */
const RESET_S = 10;

/** A heat that a machine is set to in an evening; null is its only one. */
export type Heat = number | null;

/** How fast a machine heats, °C a second. */
const rateOf = ({ warmUpS }: Machine, toC: number): number =>
  (toC - ROOM_C) / Math.max(1, warmUpS ?? USUAL_WARM_UP_S);

/** From one heat to another: heating is quick and cooling slow. */
function between(machine: Machine, fromC: number, toC: number): number {
  if (fromC === toC) return 0;
  const rate = rateOf(machine, Math.max(fromC, toC));
  const s = toC > fromC ? (toC - fromC) / rate : ((fromC - toC) / rate) * COOLS_SLOWER;
  return Math.round(s + SETTLING_S);
}

/**
 * What it takes to set a machine to each of its heats of an evening, whole seconds.
 * @param warmUpS from switching on to hot, where a program tells it.
 * @returns a row for the cold machine, then one for each heat.
 */
export function changesOf(
  machine: Machine,
  heats: readonly Heat[],
  warmUpS: number | null,
): Change[][] {
  const own = { ...machine, warmUpS: machine.warmUpS ?? warmUpS };
  const degrees = heats.map((heat) => heat ?? FIXED_HEAT_C);
  const hottest = Math.max(...degrees);
  const cold = degrees.map((toC) => ({
    handsS: SWITCH_ON_S,
    // what is told is the way to the hottest
    thenS: Math.round(((toC - ROOM_C) / (hottest - ROOM_C)) * (own.warmUpS ?? USUAL_WARM_UP_S)),
  }));
  const among = degrees.map((fromC) =>
    degrees.map((toC) => ({ handsS: RESET_S, thenS: between(own, fromC, toC) })),
  );
  return [cold, ...among];
}
