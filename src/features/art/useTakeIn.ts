'use client';

import { replaceArt, withArt } from '@/core/job';
import { putArt, storageProblem } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { useJob } from '@/ui/job/JobProvider';
import { useNotify } from '@/ui/notify';
import { useTask, type TaskRunner } from '@/ui/useTask';
import { takeInTask } from '@/workers';
import type { Selection } from './useSelection';

export interface TakeIn {
  readonly task: TaskRunner;
  /** Adds a picture to the face. */
  readonly add: (file: File) => Promise<void>;
  /** Swaps the selected picture for another, in its place. */
  readonly replace: (file: File) => Promise<void>;
}

/** Brings picture files onto the job; what cannot be used is explained and changes nothing. */
export function useTakeIn(selection: Selection): TakeIn {
  const { db } = useBench();
  const { edit } = useJob();
  const notify = useNotify();
  const task = useTask();

  async function take(file: File) {
    const taken = await task.run((onProgress) => takeInTask(file, file.name, onProgress));
    if (!taken) return null;
    if (!taken.ok) {
      notify({ tone: 'error', text: taken.reason });
      return null;
    }
    const { art, blob, preview } = taken.value;
    try {
      await putArt(db, { sha256: art.sha256, blob, preview });
      return art;
    } catch (error) {
      notify({ tone: 'error', text: storageProblem(error) });
      return null;
    }
  }

  return {
    task,
    add: async (file) => {
      const art = await take(file);
      if (!art) return;
      const id = crypto.randomUUID();
      edit((job) => withArt(job, art, id));
      selection.choose(id);
    },
    replace: async (file) => {
      const art = await take(file);
      const id = selection.selected?.placement.id;
      if (art && id) edit((job) => replaceArt(job, id, art));
    },
  };
}
