import type { NewThing } from '@/core/evening';
import { itemLabels, type Job, type Shelf } from '@/core/model';
import { planJob } from '@/core/plan';

/** Rows whose work is worked out for being put in, at most. */
const MOST_ROWS = 40;

/** One more of every row of every job that can be pressed, to put into an evening under way. */
export function moreOf(
  jobs: readonly Job[],
  shelf: Shelf,
): readonly { readonly label: string; readonly thing: () => NewThing | null }[] {
  return jobs
    .flatMap((job) => {
      const labels = itemLabels(job);
      return job.items.map((item, row) => {
        const called = labels[row] ?? '';
        const thing = (): NewThing | null => {
          const { press, checks } = planJob({ ...job, items: [{ ...item, copies: 1 }] }, shelf);
          const { program } = press;
          const stopped = checks.some(({ level }) => level === 'stop');
          if (stopped || !program.operations.some(({ kind }) => kind === 'press')) return null;
          return { jobId: job.id, itemId: item.id, copy: 0, jobName: job.name, called, program };
        };
        return { label: called ? `${job.name}, ${called}` : job.name, thing };
      });
    })
    .slice(0, MOST_ROWS);
}
