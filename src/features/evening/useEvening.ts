'use client';

import { startTransition, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { learnedTimes, type LearnedTimes } from '@/core/evening';
import type { EveningWish, Job, Shelf } from '@/core/model';
import { latestFirst, listRecords, ofKind, storageProblem, survey } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { useNotify } from '@/ui/notify';
import { lookLongerAside, planEveningAside, type EveningShown } from '@/workers';

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

/** How a plan is looked for beyond what is fair: null where it is not. */
export interface Longer {
  /** How far it is, 0–1; null while nobody wants it. */
  readonly share: number | null;
  readonly begin: () => void;
  readonly stop: () => void;
}

/** The plan of an evening, better and better; null until there is one. One of earlier wishes is never done. */
export function useEvening(
  jobs: readonly Job[],
  wish: EveningWish,
  times: LearnedTimes | null,
): readonly [EveningShown | null, Longer] {
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
    return planEveningAside(asked, {
      onFound: (shown) => startTransition(() => setFound({ asked, shown })),
      onFailed: (error) => notify({ tone: 'error', text: String(error) }),
    });
  }, [asked, notify]);
  const shown = useMemo(
    () => found && (found.asked === asked ? found.shown : { ...found.shown, done: false }),
    [found, asked],
  );
  return [shown, useLonger(asked, shown, setFound)];
}

/** Goes on looking for as long as somebody wants; what is wished otherwise meanwhile ends it. */
function useLonger(
  asked: Asked | null,
  shown: EveningShown | null,
  onFound: (found: { asked: Asked; shown: EveningShown }) => void,
): Longer {
  const notify = useNotify();
  const [share, setShare] = useState<number | null>(null);
  const end = useRef<() => void>(() => undefined);
  const stop = useCallback(() => {
    end.current();
    setShare(null);
  }, []);
  useEffect(() => stop, [asked, stop]);
  const begin = () => {
    if (!asked || !shown) return;
    setShare(0);
    end.current = lookLongerAside(shown, asked.wish, {
      onFound: (so, better) => {
        if (better) onFound({ asked, shown: better });
        setShare(so < 1 ? so : null);
      },
      onFailed: (error) => {
        stop();
        notify({ tone: 'error', text: String(error) });
      },
    });
  };
  return { share, begin, stop };
}
