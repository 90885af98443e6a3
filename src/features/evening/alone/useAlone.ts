'use client';

import { useMemo } from 'react';
import { eveningOf, firstThings, isOutdated } from '@/core/evening';
import { FIRST_WISH, MOST_THINGS, thingsIn, type EveningRun } from '@/core/model';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { allowSound, begun } from '@/ui/press';
import { useEvening, useTimes } from '../useEvening';
import { useKeptEvening } from '../useKeptEvening';

/** A job pressed by itself: an evening of its own things, planned like any other. */
export function useAlone() {
  const { shelf } = useBench();
  const { whole, run, setRun } = useJob();
  const notify = useNotify();
  const [bench] = useKeptEvening();
  const times = useTimes();
  // as many people, and as many things free in an oven, as the bench's evening has
  const { people, standing } = bench?.wish ?? FIRST_WISH;
  const wish = useMemo(() => ({ ...FIRST_WISH, people, standing }), [people, standing]);
  const jobs = useMemo(() => [firstThings(whole, MOST_THINGS)], [whole]);
  const [seen] = useEvening(jobs, wish, times);
  // one that is not done may be of the job as it was before it was changed
  const shown = seen?.done ? seen : null;

  const begin = (simulated: boolean, looks: EveningRun['events'] = []) => {
    void allowSound();
    // whoever begins before it is planned does what can be begun soonest
    const made = shown?.made ?? eveningOf(jobs, shelf, wish, times ?? new Map());
    const order = shown ? shown.plan.order : null;
    setRun(begun(made, order, jobs, wish, { now: new Date(steadyNow()), simulated, looks }));
  };
  return {
    ...{ jobs, run, setRun, shown, begin },
    /** Things more than are pressed at once. */
    tooMany: Math.max(0, thingsIn(whole) - MOST_THINGS),
    /** Whether the job was changed since the run began, so that it would be pressed otherwise now. */
    outdated: useMemo(
      () => run !== null && shown !== null && isOutdated(run, shown.made.things),
      [run, shown],
    ),
    /** Begins by the job as it is now; the run as it was can be gone back to. */
    startAgain: () => {
      // what a look found stays told
      begin(
        run?.simulated != null,
        run?.events.filter(({ kind }) => kind === 'looked'),
      );
      notify({
        tone: 'info',
        text: 'Begun again, by the job as it is now.',
        action: { label: 'Go on with the other', run: () => setRun(run) },
      });
    },
  };
}

/** A job pressed by itself. */
export type Alone = ReturnType<typeof useAlone>;
