import type { Blank, TransferKind } from '../model';
import { TRANSFERS } from '../transfer';
import { fahrenheitToC, formatTemperature, type UnitStyle } from '../units';
import { RECIPES, workOf } from './recipes';

/** One of several processes on the same item. */
export interface Process {
  readonly transfer: TransferKind;
  readonly label: string;
  /** °C; null where the machine's program is fixed. */
  readonly temperatureC: number | null;
  /** What is done before it: the press reset, and what it does to what is there already. */
  readonly says: string;
  /** Whether it brings dye that is finished already out again. */
  readonly fadesDye: boolean;
}

/** Dye turns to gas, the first time and again, from about here up (from memory). */
export const DYE_MOVES_FROM_C = fahrenheitToC(350);

const heatFor = (blank: Blank, transfer: TransferKind): number | null =>
  RECIPES.find(
    ({ works, transfers }) => works.includes(workOf(blank)) && transfers.includes(transfer),
  )?.temperatureC ?? null;

/**
 * Several processes on one item in the order that spoils least: films stand before the dye that
 * goes into them (within one process), otherwise the hotter first, since a second, hotter heat would
 * bring finished dye out again (common practice).
 */
export function orderProcesses(
  blank: Blank,
  kinds: readonly TransferKind[],
  units: UnitStyle,
): readonly Process[] {
  const heat = (c: number | null) =>
    c === null ? 'the machine’s fixed heat' : formatTemperature(c, units.temperature);
  const hottestFirst = [...new Set(kinds)]
    .map((transfer) => ({ transfer, temperatureC: heatFor(blank, transfer) }))
    .sort((a, b) => (b.temperatureC ?? 0) - (a.temperatureC ?? 0));
  return hottestFirst.map(({ transfer, temperatureC }, i) => {
    const before = hottestFirst[i - 1];
    const dyed = hottestFirst.slice(0, i).some((each) => TRANSFERS[each.transfer].dye);
    const fadesDye = dyed && (temperatureC ?? 0) >= DYE_MOVES_FROM_C;
    const says = before
      ? `Reset from ${heat(before.temperatureC)} to ${heat(temperatureC)} and wait until it holds.`
      : 'First: the hottest.';
    return { transfer, label: TRANSFERS[transfer].label, temperatureC, says, fadesDye };
  });
}
