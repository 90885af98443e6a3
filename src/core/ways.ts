import type { Check } from './check';
import { TRANSFER_KINDS, type Job, type Settings, type Shelf, type TransferKind } from './model';
import { planJob } from './plan';
import { canTake } from './press';
import { withTransfer } from './shelf';
import { TRANSFERS } from './transfer';

/** One way to get the picture onto the blank, with what it costs. */
export interface Way {
  readonly transfer: TransferKind;
  readonly sheets: number;
  readonly cost: 'low' | 'middle' | 'high';
  /** What the press is set to. */
  readonly settings: Settings;
  /** What stops it; empty where it can be done. */
  readonly stops: readonly Check[];
}

/**
 * Every transfer this blank takes, planned with the same art, so that they can be weighed side by
 * side: what can be done first.
 */
export function compareWays(job: Job, shelf: Shelf): readonly Way[] {
  return TRANSFER_KINDS.filter((kind) => canTake(job.blank, kind))
    .map((kind): Way => {
      const plan = planJob(kind === job.transfer ? job : withTransfer(job, kind, shelf), shelf);
      return {
        ...{ transfer: kind, cost: TRANSFERS[kind].cost },
        sheets: plan.sheets.length,
        settings: plan.press.settings,
        stops: plan.checks.filter(({ level }) => level === 'stop'),
      };
    })
    .sort((a, b) => Number(a.stops.length > 0) - Number(b.stops.length > 0));
}
