import type { Check } from '@/core/check';
import type { Shelf } from '@/core/model';
import { planJob, type JobPlan } from '@/core/plan';
import { HEAVY_FROM, planWeight } from '@/core/weight';
import type { StoredJob } from '@/store';
import { inTurn } from '@/ui/inTurn';
import { startTurn } from '@/ui/turntable';
import { checkWords, nextAction } from '@/words';
import type { UnitStyle } from '@/words/units';
import { createPlanner } from '@/workers';
import { historyOf } from './history';
import type { BenchJob } from './useBenchJobs';

/** What a card says of a job once it is worked out. */
export interface CardFacts {
  readonly plan: JobPlan;
  readonly turnRad: number;
  /** What stands in the way most; undefined where nothing does. */
  readonly worst: Check | undefined;
  readonly worstWords: (units: UnitStyle) => string;
  readonly next: (entry: BenchJob) => { readonly station: string; readonly label: string };
}

async function worked(stored: StoredJob, shelf: Shelf): Promise<JobPlan> {
  const { body: job } = stored;
  if (planWeight(job) <= HEAVY_FROM) return inTurn(() => planJob(job, shelf));
  const planner = createPlanner();
  try {
    const plan = await planner.ask({ job, shelf });
    return plan ?? planJob(job, shelf);
  } finally {
    planner.close();
  }
}

/** Works a job out when the page has time, heavy ones in a worker. */
export async function factsOf(stored: StoredJob, shelf: Shelf): Promise<CardFacts> {
  const plan = await worked(stored, shelf);
  const worst = plan.checks.find(({ level }) => level !== 'note');
  return {
    ...{ plan, worst },
    turnRad: startTurn(stored.body.blank, plan),
    worstWords: (units) => (worst ? checkWords(worst, units).text : ''),
    next: (entry) => nextAction(plan, historyOf(entry)),
  };
}
