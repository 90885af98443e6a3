'use client';

import { useEffect, useState } from 'react';
import type { Corners } from '@/core/art';
import type { PracticeFault } from '@/devices';
import { artBlobs } from '@/ui/bench/jobFiles';
import { useBench } from '@/ui/bench/BenchProvider';
import { letGoUrl } from '@/ui/files';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { useUnits } from '@/ui/units';
import { useTask } from '@/ui/useTask';
import { lookedOf, type Looked as Told } from './looked';
import { lookTask, practiceTask, type LookedAt, type PhotoLook } from '@/workers';

/** A photo on the screen, and what a look at it came to. */
export interface Looked {
  readonly photo: Blob;
  readonly url: string;
  /** Null while it is looked at, or where the look was stopped. */
  readonly told: PhotoLook | null;
}

/** Photos of prints, held against the plan of the open job; nothing of them is kept or sent. */
export function useLook(onLooked: ((looked: Told) => void) | undefined) {
  const { job, plan } = useJob();
  const { store } = useBench();
  const units = useUnits();
  const notify = useNotify();
  const task = useTask();
  const [looked, setLooked] = useState<Looked | null>(null);
  const url = looked?.url;
  useEffect(() => () => void (url && letGoUrl(url)), [url]);

  const input = async (what: LookedAt) => ({
    ...{ job, plan, units, what },
    blobs: await artBlobs(store, job),
  });

  async function lookAt(what: LookedAt, photo: Blob, corners: Corners | null): Promise<void> {
    const before = looked?.photo === photo ? looked : { photo, url: URL.createObjectURL(photo) };
    setLooked({ ...before, told: null });
    const own = await input(what);
    const result = await task.run((onProgress) => lookTask(own, photo, corners ?? [], onProgress));
    if (!result) return;
    if (!result.ok) {
      notify({ tone: 'error', text: result.reason });
      setLooked(null);
      return;
    }
    setLooked({ ...before, told: result.value });
    onLooked?.(lookedOf(result.value.look.findings, null, new Date()));
  }

  async function practise(what: LookedAt, fault: PracticeFault): Promise<void> {
    const own = await input(what);
    const of = { fault, seed: Math.floor(Math.random() * 1e6) };
    const photo = await task.run((onProgress) => practiceTask(own, of, onProgress));
    if (photo) await lookAt(what, photo, null);
  }

  return { task, looked, lookAt, practise };
}
