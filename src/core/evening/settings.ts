import { MACHINES, ROOM_C, UNTOLD_C } from '../traits';
import type { Machine } from '../model';
import { spanOf } from '../press';
import type { Change } from './problem';

/** So near to what it is set to, a display has arrived, °C (own choice). */
export const HOT_ENOUGH_C = 2;
/** A machine whose warming up nobody has timed takes so long, s (from memory). */
const USUAL_WARM_UP_S = 600;
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

/** What it takes to set a machine on its way to a heat to another one instead, by how hot it is by now, °C. */
export const turnedTo = (machine: Machine, nowC: number, toC: number): Change => ({
  ...{ handsS: RESET_S, thenS: between(machine, nowC, toC) },
});

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
  const degrees = heats.map((heat) => heat ?? UNTOLD_C);
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

/** One way a press is used in an evening: with a part on it or without, at each of its heats. */
export interface Fitted {
  readonly machine: Machine;
  readonly heats: readonly Heat[];
  /** From switching on to hot, where a program tells it, s. */
  readonly warmUpS: number | null;
}

/** Putting a part on costs hands so much, s. */
const fitS = (): number => spanOf('fit-attachment')[1];

/**
 * What it takes to set one press otherwise whose parts are changed: a heat of the same part as ever, another part only
 * on a press that is off and has cooled.
 * @returns a row for the cold press, one for each heat of each part, and one for off and cooled, which is the last setting.
 */
export function changesAmong(fitted: readonly Fitted[]): (Change | null)[][] {
  const settings = fitted.flatMap(({ machine, heats, warmUpS }, part) => {
    const own = changesOf(machine, heats, warmUpS);
    return heats.map((_, heat) => ({
      part,
      own,
      heat,
      isPart: MACHINES[machine.kind].changes === 'part',
    }));
  });
  const coolsS = spanOf('attachment-off')[1] - fitS();
  const on = (fits: (isPart: boolean) => boolean) =>
    settings.map(({ own, heat, isPart }): Change => {
      const { handsS, thenS } = own[0]?.[heat] ?? { handsS: 0, thenS: 0 };
      return { handsS: handsS + (fits(isPart) ? fitS() : 0), thenS };
    });
  return [
    [...on((isPart) => isPart), null],
    ...settings.map(({ part, own, heat }) => [
      ...settings.map((to) => (to.part === part ? (own[heat + 1]?.[to.heat] ?? null) : null)),
      { handsS: RESET_S, thenS: coolsS },
    ]),
    [...on(() => true), { handsS: RESET_S, thenS: 0 }],
  ];
}
