import { looksOf, pressingOf, wasDropped } from '@/core/evening';
import { recordOf } from '@/core/log';
import type { Job, PressRecord, Shelf } from '@/core/model';
import { planJob } from '@/core/plan';
import { thingsWords } from '@/words';
import type { Live } from './useLive';

/** A record of every thing that was pressed and told of; what cannot be written down, since its job is gone. */
export function recordsOfEvening(
  { made, run, now }: Pick<Live, 'made' | 'run' | 'now'>,
  jobs: readonly Job[],
  shelf: Shelf,
  wall: Date,
): { records: PressRecord[]; lost: string[] } {
  const records: PressRecord[] = [];
  const lost: string[] = [];
  run.things.forEach((thing, nth) => {
    const told = run.told.find((each) => each.thing === nth);
    const pressing = pressingOf(made, run, nth);
    if (!told?.outcome || !pressing || wasDropped(made, run, nth)) return;
    const job = jobs.find(({ id }) => id === thing.jobId);
    const item = job?.items.find(({ id }) => id === thing.itemId) ?? job?.items[0];
    if (!job || !item) {
      lost.push(thingsWords([thing]));
      return;
    }
    const own = { ...job, items: [{ ...item, copies: 1 }] };
    const { outcome, faults, note } = told;
    const items = thing.called ? [{ variant: thing.called.slice(0, 120), outcome, faults }] : [];
    records.push(
      recordOf(
        // one record a thing, however often it is written down
        `evening-${Date.parse(run.startedAt)}-${nth}`,
        {
          ...{ job: own, plan: planJob(own, shelf), run: pressing },
          ...{ simulated: run.simulated !== null, looks: looksOf(run, job.id) },
        },
        { outcome, faults, note, photoSha256: null, items },
        run.simulated ? now : wall,
      ),
    );
  });
  return { records, lost };
}
