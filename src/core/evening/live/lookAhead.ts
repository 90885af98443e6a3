import type { Operation } from '../../model';
import type { Assembled } from '../assemble';
import type { Step } from '../steps';
import { operationAt, type EveningProgress, type Place } from './progress';
import { isHeld, stepsLeft } from './remaining';

/** How widely hands' times scatter: the standard deviation of their logarithm (assumed, by kind of work). */
const SCATTER = { prepare: 0.35, other: 0.25 };
/** The slowest and quickest that is reckoned with: one time in a hundred is beyond either. */
const ONE_IN_A_HUNDRED = 2.326;
/** How late an end may be that its recipe says nothing of, s (own choice). */
const SOME_DELAY_S = 30;

/** How widely the hands' time for an operation scatters. */
export const scatterOf = (operation: Operation | undefined): number =>
  operation?.kind === 'prepare' ? SCATTER.prepare : SCATTER.other;

/** How late an operation may end, s. */
export const mayEndLateS = (operation: Operation | undefined): number =>
  operation?.mayOverrunS ?? SOME_DELAY_S;

/** When hands will be needed, between which moments, for how long at most, and how late they may come; s from now. */
export interface Need {
  readonly earliestS: number;
  readonly latestS: number;
  readonly slowS: number;
  readonly mayWaitS: number;
}

/** When steps will need hands, as early and as late as can be, if they are begun now. */
export function needsOf(made: Assembled, place: Place, steps: readonly Step[]): Need[] {
  const needs: { earliestS: number; latestS: number; slowS: number; mayWaitS: number }[] = [];
  let early = 0;
  let late = 0;
  let open = false;
  const busy = (quickS: number, slowS: number, mayWaitS: number) => {
    const last = needs[needs.length - 1];
    if (open && last) last.slowS += slowS;
    else needs.push({ earliestS: early, latestS: late, slowS, mayWaitS });
    [early, late, open] = [early + quickS, late + slowS, true];
  };
  steps.forEach(({ beforeS, aloneS, afterS }, i) => {
    const operation = operationAt(made, { ...place, step: place.step + i });
    const spread = Math.exp(ONE_IN_A_HUNDRED * scatterOf(operation));
    const counted = (operation?.countedS ?? null) !== null;
    const mayWaitS = mayEndLateS(operation);
    if (beforeS > 0)
      busy(counted ? beforeS : beforeS / spread, counted ? beforeS : beforeS * spread, 0);
    if (aloneS > 0) [early, late, open] = [early + aloneS, late + aloneS, false];
    if (afterS > 0) busy(afterS / spread, afterS * spread, mayWaitS);
  });
  return needs;
}

/** When everything that goes on will need hands. */
export const needsHeld = (
  made: Assembled,
  { pieces }: EveningProgress,
  nowS: number,
): readonly Need[] =>
  pieces.flatMap((piece, at) => {
    const block = made.evening.pieces[at]?.blocks[piece.block];
    if (piece.dropped || !isHeld(block, piece)) return [];
    return needsOf(made, { ...piece, piece: at }, stepsLeft(made, at, piece, nowS));
  });

const meet = (one: Need, other: Need): boolean =>
  one.latestS + one.slowS > other.earliestS + other.mayWaitS &&
  other.latestS + other.slowS > one.earliestS + one.mayWaitS;

/**
 * Whether work can be begun now so that every bell is still answered in time, were this to go slowly and its load
 * quickly, or the other way round.
 * @param people how many are there.
 */
export function isSafe(begun: readonly Need[], held: readonly Need[], people: number): boolean {
  return begun.every((need) => held.filter((each) => meet(need, each)).length < people);
}
