'use client';

import { useRouter } from 'next/navigation';
import type { Station } from '@/core/check';
import type { Job } from '@/core/model';
import { saveJob, storageProblem } from '@/store';
import { useNotify } from '../notify';
import { useBench } from './BenchProvider';

/** Keeps a job that was made of another one and opens it; what cannot be kept is told. */
export function useNewJob(): (job: Job, station: Station) => Promise<void> {
  const { name, store } = useBench();
  const notify = useNotify();
  const router = useRouter();
  return async (job, station) => {
    try {
      await saveJob(store, job, 0);
      router.push(`/${name}/job/${encodeURIComponent(job.id)}/${station}`);
    } catch (error) {
      notify({ tone: 'error', text: storageProblem(error) });
    }
  };
}
