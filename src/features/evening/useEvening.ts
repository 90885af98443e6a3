'use client';

import { startTransition, useEffect, useState } from 'react';
import { learnedTimes, type LearnedTimes } from '@/core/evening';
import type { EveningWish, Job } from '@/core/model';
import { latestFirst, listRecords, ofKind, storageProblem, survey } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { useNotify } from '@/ui/notify';
import { planEveningAside, type EveningShown } from '@/workers';

/** The jobs on the bench; null until they are read. */
export function useJobs(): readonly Job[] | null {
  const { store } = useBench();
  const notify = useNotify();
  const [jobs, setJobs] = useState<readonly Job[] | null>(null);
  useEffect(() => {
    const read = () =>
      void survey(store)
        .then((found) => setJobs(latestFirst(ofKind(found, 'job')).map(({ body }) => body)))
        .catch((error: unknown) => notify({ tone: 'error', text: storageProblem(error) }));
    read();
    return store.hear((_changes, elsewhere) => elsewhere && read());
  }, [store, notify]);
  return jobs;
}

/** What hands were timed at, by what is written down; null until that is read. */
export function useTimes(): LearnedTimes | null {
  const { store } = useBench();
  const [times, setTimes] = useState<LearnedTimes | null>(null);
  useEffect(() => {
    listRecords(store)
      .then((records) => setTimes(learnedTimes(records)))
      // where storage fails it is said elsewhere; the evening is planned by estimates
      .catch(() => setTimes(new Map()));
  }, [store]);
  return times;
}

/** The plan of an evening, better and better; null until there is one. */
export function useEvening(
  jobs: readonly Job[],
  wish: EveningWish,
  times: LearnedTimes | null,
): EveningShown | null {
  const { shelf } = useBench();
  const notify = useNotify();
  const [shown, setShown] = useState<EveningShown | null>(null);
  // by when it is wished to end changes nothing of the plan
  const asked = JSON.stringify({ ...wish, endsBy: null });
  useEffect(() => {
    if (times === null) return;
    let gone = false;
    const stop = planEveningAside(
      jobs,
      shelf,
      JSON.parse(asked) as EveningWish,
      times,
      (next) => {
        if (!gone) startTransition(() => setShown(next));
      },
      (error) => {
        if (!gone) notify({ tone: 'error', text: String(error) });
      },
    );
    return () => {
      gone = true;
      stop();
    };
  }, [jobs, shelf, asked, times, notify]);
  return shown;
}
