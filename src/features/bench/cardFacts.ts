import type { Check } from '@/core/check';
import type { Job, Shelf } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import type { StoredJob } from '@/store';
import { inTurn } from '@/ui/inTurn';
import { startTurn } from '@/ui/turntable';
import { checkWords, nextAction } from '@/words';
import type { UnitStyle } from '@/words/units';
import { planAside } from '@/workers';
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

/** Works a job out on the page, by code that is loaded only where nothing works beside it. */
async function planHere(job: Job, shelf: Shelf): Promise<JobPlan> {
  const { planJob } = await import('@/core/plan');
  return inTurn(() => planJob(job, shelf));
}

/** Works a job out beside the page, or on it where nothing works beside it. */
export async function factsOf(stored: StoredJob, shelf: Shelf): Promise<CardFacts> {
  const { body: job } = stored;
  const plan = await planAside({ job, shelf }).catch(() => planHere(job, shelf));
  const worst = plan.checks.find(({ level }) => level !== 'note');
  return {
    ...{ plan, worst },
    turnRad: startTurn(stored.body.blank, plan),
    worstWords: (units) => (worst ? checkWords(worst, units).text : ''),
    next: (entry) => nextAction(plan, historyOf(entry)),
  };
}
