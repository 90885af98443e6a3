'use client';

import { useCallback, useEffect, useState } from 'react';
import { newJob, withArt } from '@/core/job';
import type { JobHistory } from '@/core/job';
import type { Blank, Job } from '@/core/model';
import {
  deleteJob,
  getRun,
  listJobs,
  listRecords,
  loadJob,
  putArt,
  restoreJob,
  saveJob,
  storageProblem,
  type StoredJob,
} from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { useNotify } from '@/ui/notify';
import type { TakenIn } from '@/workers';

export interface BenchJob {
  readonly stored: StoredJob;
  readonly history: JobHistory;
}

/** The jobs on the bench and what can be done with them; null until they are read. */
export function useBenchJobs() {
  const { db } = useBench();
  const notify = useNotify();
  const [jobs, setJobs] = useState<BenchJob[] | null>(null);

  const refresh = useCallback(async () => {
    const [stored, records] = await Promise.all([listJobs(db), listRecords(db)]);
    const all = await Promise.all(
      stored.map(async (each) => ({
        stored: each,
        history: {
          run: await getRun(db, each.id),
          lastOutcome: records.find(({ jobId }) => jobId === each.id)?.outcome ?? null,
        },
      })),
    );
    setJobs(all);
  }, [db]);

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
      refresh().catch((error: unknown) => notify({ tone: 'error', text: storageProblem(error) }));
    void again();
    window.addEventListener('focus', again);
    return () => window.removeEventListener('focus', again);
  }, [notify, refresh]);

  /** Starts a job on a blank, with a picture when one was dropped; returns its id. */
  const create = useCallback(
    async (blank: Blank | undefined, name: string, picture?: TakenIn): Promise<string | null> => {
      if (!blank) return null;
      const id = crypto.randomUUID();
      let made = false;
      await attempt(async () => {
        let job = newJob(id, name, blank, new Date());
        if (picture) {
          const { art, blob, preview } = picture;
          await putArt(db, { sha256: art.sha256, blob, preview });
          job = withArt(job, art, crypto.randomUUID());
        }
        await saveJob(db, job, 0);
        made = true;
      });
      return made ? id : null;
    },
    [attempt, db],
  );

  const duplicate = (job: Job) =>
    attempt(async () => {
      const copy = {
        ...job,
        id: crypto.randomUUID(),
        name: `${job.name} (copy)`.slice(0, 120),
        createdAt: new Date().toISOString(),
      };
      await saveJob(db, copy, 0);
    });

  const rename = ({ id }: StoredJob, name: string) =>
    attempt(async () => {
      const latest = await loadJob(db, id);
      if (latest) await saveJob(db, { ...latest.job, name }, latest.rev);
    });

  const remove = (stored: StoredJob) =>
    attempt(async () => {
      await deleteJob(db, stored.id);
      notify({
        tone: 'info',
        text: `“${stored.job.name}” was deleted.`,
        action: {
          label: 'Undo',
          run: () =>
            void attempt(async () => {
              await restoreJob(db, stored);
            }),
        },
      });
    });

  return { jobs, refresh, create, duplicate, rename, remove };
}
