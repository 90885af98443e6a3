'use client';

import { startTransition, useEffect, useMemo, useState } from 'react';
import { learnedTimes, type LearnedTimes } from '@/core/evening';
import type { EveningWish, Job, Shelf } from '@/core/model';
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

/** What an evening is planned of. */
interface Asked {
  readonly jobs: readonly Job[];
  readonly shelf: Shelf;
  readonly wish: EveningWish;
  readonly times: LearnedTimes;
}

/** The plan of an evening, better and better; null until there is one. One of earlier wishes is never done. */
export function useEvening(
  jobs: readonly Job[],
  wish: EveningWish,
  times: LearnedTimes | null,
): EveningShown | null {
  const { shelf } = useBench();
  const notify = useNotify();
  const [found, setFound] = useState<{ asked: Asked; shown: EveningShown } | null>(null);
  // by when it is wished to end changes nothing of the plan
  const key = JSON.stringify({ ...wish, endsBy: null });
  const asked = useMemo(
    (): Asked | null => times && { jobs, shelf, times, wish: JSON.parse(key) as EveningWish },
    [jobs, shelf, times, key],
  );
  useEffect(() => {
    if (asked === null) return;
    let gone = false;
    const stop = planEveningAside(
      asked.jobs,
      asked.shelf,
      asked.wish,
      asked.times,
      (shown) => {
        if (!gone) startTransition(() => setFound({ asked, shown }));
      },
      (error) => {
        if (!gone) notify({ tone: 'error', text: String(error) });
      },
    );
    return () => {
      gone = true;
      stop();
    };
  }, [asked, notify]);
  return useMemo(
    () => found && (found.asked === asked ? found.shown : { ...found.shown, done: false }),
    [found, asked],
  );
}
