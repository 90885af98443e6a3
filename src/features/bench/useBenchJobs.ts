'use client';

import { startTransition, useCallback, useEffect, useState } from 'react';
import type { JobHistory } from '@/core/job';
import { ownEveningId, type Blank, type Documents, type Job } from '@/core/model';
import {
  latestFirst,
  loadJob,
  ofKind,
  putArt,
  recordsOf,
  removeRaw,
  restoreRaw,
  saveJob,
  storageProblem,
  survey,
  type StoredJob,
  type Unreadable,
  newId,
} from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { forgetOffline } from '@/ui/offline';
import { useNotify } from '@/ui/notify';
import type { TakenIn } from '@/workers';

export interface BenchJob {
  readonly stored: StoredJob;
  /** Its pressing by itself, where one was begun. */
  readonly run: Documents['evening']['run'];
  /** Whether an older version kept a pressing of it. */
  readonly runOfOld: boolean;
  readonly lastOutcome: JobHistory['lastOutcome'];
  /** When the bench was read. */
  readonly readAt: Date;
}

interface OnBench {
  readonly jobs: readonly BenchJob[];
  /** What cannot be read here, kept whole. */
  readonly unreadable: readonly Unreadable[];
  /** When each of the person's own things was last saved, and when the bench was read. */
  readonly savedAt: readonly string[];
  readonly readAt: Date;
}

/** The jobs on the bench and what can be done with them; null until they are read. */
export function useBenchJobs() {
  const { store, shelf, name: bench } = useBench();
  const notify = useNotify();
  const [onBench, setOnBench] = useState<OnBench | null>(null);

  const refresh = useCallback(async () => {
    const found = await survey(store);
    const records = recordsOf(ofKind(found, 'record'));
    const evenings = ofKind(found, 'evening');
    const old = new Set(ofKind(found, 'run').map(({ id }) => id));
    const readAt = new Date(steadyNow());
    const jobs = latestFirst(ofKind(found, 'job')).map((each) => ({
      stored: each,
      run: evenings.find(({ id }) => id === ownEveningId(each.id))?.body.run ?? null,
      runOfOld: old.has(each.id),
      lastOutcome: records.find(({ jobId }) => jobId === each.id)?.outcome ?? null,
      readAt,
    }));
    const { unreadable } = found;
    const savedAt = found.kept.map((each) => each.savedAt);
    // all cards drawn in one go would hold the page up: in small steps
    startTransition(() => setOnBench({ jobs, unreadable, savedAt, readAt }));
  }, [store]);

  const attempt = useCallback(
    async (work: () => Promise<void>) => {
      try {
        await work();
        await refresh();
      } catch (error) {
        notify({ tone: 'error', text: storageProblem(error) });
      }
    },
    [notify, refresh],
  );

  useEffect(() => {
    const again = () =>
      void refresh().catch((error: unknown) =>
        notify({ tone: 'error', text: storageProblem(error) }),
      );
    again();
    window.addEventListener('focus', again);
    const unhear = store.hear((_changes, elsewhere) => elsewhere && again());
    return () => {
      window.removeEventListener('focus', again);
      unhear();
    };
  }, [notify, refresh, store]);

  /** Starts a job on a blank, with a picture when one was dropped; returns its id. */
  const create = useCallback(
    async (blank: Blank | undefined, name: string, picture?: TakenIn): Promise<string | null> => {
      if (!blank) return null;
      const id = newId();
      let made = false;
      await attempt(async () => {
        const { newJob, withArt } = await import('@/core/job');
        let job = newJob(id, name, blank, new Date(), shelf);
        if (picture) {
          const { art, blob, preview } = picture;
          await putArt(store, { sha256: art.sha256, blob, preview });
          job = withArt(job, art, newId());
        }
        await saveJob(store, job, 0);
        made = true;
      });
      return made ? id : null;
    },
    [attempt, store, shelf],
  );

  const duplicate = (job: Job) =>
    attempt(async () => {
      const copy = {
        ...job,
        id: newId(),
        name: `${job.name} (copy)`.slice(0, 120),
        createdAt: new Date().toISOString(),
      };
      await saveJob(store, copy, 0);
    });

  const rename = ({ id }: StoredJob, name: string) =>
    attempt(async () => {
      const latest = await loadJob(store, id);
      if (latest) await saveJob(store, { ...latest.body, name }, latest.rev);
    });

  /** Takes something off the bench as it lies, readable or not, with a way back. */
  const take = (what: Parameters<typeof removeRaw>[1], words: string) =>
    attempt(async () => {
      const raw = await removeRaw(store, what);
      if (!raw) return;
      if (raw.kind === 'job') forgetOffline(bench, raw.id);
      const back = async () => {
        if (!(await restoreRaw(store, raw)))
          notify({ tone: 'warning', text: `${words} was not put back: its place is taken.` });
      };
      notify({
        tone: 'info',
        text: `${words} was deleted.`,
        action: { label: 'Undo', run: () => void attempt(back) },
      });
    });

  const remove = ({ kind, id, body }: StoredJob) => take({ kind, id }, `“${body.name}”`);
  const removeUnreadable = ({ raw }: Unreadable, words: string) => take(raw, words);

  return {
    jobs: onBench?.jobs ?? null,
    unreadable: onBench?.unreadable ?? [],
    saved: onBench && { savedAt: onBench.savedAt, readAt: onBench.readAt },
    ...{ refresh, create, duplicate, rename, remove, removeUnreadable },
  };
}
