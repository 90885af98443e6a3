import {
  beginEvening,
  breaksOf,
  machinesUsed,
  type EveningJobs,
  type NewThing,
  type Order,
} from '@/core/evening';
import { itemLabels, type EveningRun, type EveningWish, type Job } from '@/core/model';

/** How fast the clock of simulated machines goes at first. */
const FAST = 20;

/** Things as they are called on the screen that presses them. */
function calledThings({ things }: EveningJobs, jobs: readonly Job[]): NewThing[] {
  return things.flatMap((thing) => {
    const job = jobs.find(({ id }) => id === thing.jobId);
    const row = job?.items.findIndex(({ id }) => id === thing.itemId) ?? -1;
    const item = job?.items[row];
    if (!job || !item) return [];
    const nth = item.copies > 1 ? `${thing.copy + 1} of ${item.copies}` : '';
    const called = [itemLabels(job)[row], nth].filter(Boolean).join(', ');
    return [{ ...thing, jobName: job.name, called }];
  });
}

/** When and how an evening begins, and the looks at prints that were taken before it. */
interface Beginning {
  readonly now: Date;
  readonly simulated: boolean;
  readonly looks?: EveningRun['events'];
}

/**
 * An evening begun, its programs and machines frozen.
 * @param order in what order it was planned; null takes what can be begun soonest.
 * @param simulated whether simulated machines press it, by a clock of their own.
 */
export function begun(
  made: EveningJobs,
  order: Order | null,
  jobs: readonly Job[],
  wish: EveningWish,
  { now, simulated, looks }: Beginning,
): EveningRun {
  const { people, standing, before } = wish;
  const at = now.toISOString();
  const machines = machinesUsed(made.assembled.machines);
  const setUp = { machines, people, standing, before };
  // breaks are wished for everybody, by the clock on the wall: it need not begin when it was planned to
  const beginsAt = 60 * now.getHours() + now.getMinutes();
  const events = breaksOf({ ...wish, beginsAt }).flatMap(({ fromS, toS }) =>
    Array.from({ length: people }, (_, person): EveningRun['events'][number] => ({
      ...{ kind: 'away', at, person, inS: fromS, lastsS: toS - fromS },
    })),
  );
  const clock = simulated ? { speed: FAST, wallAt: at, at } : null;
  const run = beginEvening(calledThings(made, jobs), setUp, order, now);
  return { ...run, events: [...events, ...(looks ?? [])], simulated: clock };
}
