import type { EveningRun } from '../../model';
import type { Assembled } from '../assemble';
import { planEvening } from '../search';
import { keptOrder, orderLeft } from './order';
import { progressOf } from './progress';
import { remainingOf } from './remaining';

/** The same moment is planned the same way on every device. */
const SEED = 1;

/** Blocks times plans that are looked at in mid-evening: about a tenth of a second on an ordinary computer. */
const AGAIN_WORK = 20_000;
const AGAIN_LOOKS = { least: 60, most: 1500 } as const;

/** How many plans are looked at in mid-evening: fewer where each takes longer. */
export function looksAgain({ evening }: Assembled): number {
  const blocks = evening.pieces.reduce((sum, piece) => sum + piece.blocks.length, 0);
  const { least, most } = AGAIN_LOOKS;
  return Math.min(most, Math.max(least, Math.round(AGAIN_WORK / Math.max(1, blocks))));
}

/** Plans what is left of an evening anew. What stands next is changed only where that saves enough. */
export function replanned(
  made: Assembled,
  run: EveningRun,
  nowS: number,
  looks: number,
): EveningRun {
  const remaining = remainingOf(made, progressOf(made, run, nowS), nowS);
  if (remaining.evening.pieces.every(({ blocks }) => blocks.length === 0)) return run;
  const kept = orderLeft(remaining, run.order);
  const { order } = planEvening(remaining.evening, { seed: SEED, looks, kept });
  return { ...run, order: keptOrder(remaining, order) };
}
