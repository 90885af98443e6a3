import { wasDropped } from '@/core/evening';
import { thingsIn, type Job, type Shelf } from '@/core/model';
import { planJob } from '@/core/plan';
import { added, shareOf, spentBy } from '@/core/stock';
import type { UsedUp } from '@/ui/stock';
import type { Live } from './useLive';

/** What an evening has used up, and the blanks that were spoiled in it. */
export function usedUp(
  { made, run }: Pick<Live, 'made' | 'run'>,
  jobs: readonly Job[],
  shelf: Shelf,
): UsedUp {
  const pressed = run.things
    .map((thing, nth) => ({ thing, nth }))
    .filter(({ nth }) => !wasDropped(made, run, nth));
  const of = jobs.flatMap((job) => {
    const own = pressed.filter(({ thing }) => thing.jobId === job.id);
    if (own.length === 0) return [];
    const spoiled = own.filter(
      ({ nth }) => run.told.find(({ thing }) => thing === nth)?.outcome === 'spoiled',
    ).length;
    const spent = shareOf(spentBy(job, planJob(job, shelf)), own.length, thingsIn(job));
    const { id: blankId, name } = job.blank;
    return [{ spent, spoiled: { blankId, name, count: spoiled } }];
  });
  return {
    spent: added(of.map(({ spent }) => spent)),
    spoiled: of.map(({ spoiled }) => spoiled).filter(({ count }) => count > 0),
  };
}
