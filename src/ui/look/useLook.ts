'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Corners } from '@/core/art';
import type { KeptLook } from '@/core/model';
import type { Result } from '@/core/result';
import { LEVEL_FAULTS, PRACTICE_FAULTS, type LevelFault, type PracticeFault } from '@/devices';
import { artBlobs } from '@/ui/bench/jobFiles';
import { useBench } from '@/ui/bench/BenchProvider';
import { letGoUrl } from '@/ui/files';
import { useNotify } from '@/ui/notify';
import { useUnits } from '@/ui/units';
import { useTask } from '@/ui/useTask';
import { useAhead } from '@/ui/useWarmWorker';
import { lookedOf } from './looked';
import {
  endLooking,
  lookTask,
  practiceOnBlankTask,
  practiseTask,
  readyToLook,
  type LookInput,
  type LookedAt,
  type PhotoLook,
} from '@/workers';
import type { Choice, Looking } from './what';

/** A photo on the screen, and what a look at it came to. */
export interface Looked {
  readonly photo: Blob;
  readonly url: string;
  /** What it was taken of. */
  readonly of: Choice;
  /** Null while it is looked at, where the look was stopped, and where points on it tell. */
  readonly told: PhotoLook | null;
}

const newSeed = (): number => Math.floor(Math.random() * 1e6);

/**
 * Photos of prints, held against the plan of a job; nothing of them is kept or sent.
 * @param next what the next photo is likely to be of: it is made ready while the photo is taken.
 */
export function useLook(
  { job, plan }: Looking,
  next: Choice['what'] | undefined,
  onLooked: ((look: KeptLook) => void) | undefined,
) {
  const { store } = useBench();
  const units = useUnits();
  const notify = useNotify();
  const task = useTask();
  const [looked, setLooked] = useState<Looked | null>(null);
  const url = looked?.url;
  // a look takes its time, and what is under way goes on meanwhile: it is kept with how that stands in the end
  const tell = useRef(onLooked);
  useEffect(() => {
    tell.current = onLooked;
  });
  useEffect(() => () => void (url && letGoUrl(url)), [url]);

  const input = useCallback(
    async (what: LookedAt): Promise<LookInput> => ({
      ...{ job, plan, units, what },
      blobs: await artBlobs(store, job),
    }),
    [job, plan, units, store],
  );
  // pictures are read for it first: only the last asked for is made ready, and none once this is closed
  const asked = useRef(0);
  const ahead = useCallback(() => {
    const own = ++asked.current;
    if (!next || next.kind === 'on-blank') return;
    // a picture that is not there is told of by the look itself
    input(next).then(
      (ready) => own === asked.current && readyToLook(ready),
      () => undefined,
    );
  }, [next, input]);
  useAhead(task, ahead);
  useEffect(
    () => () => {
      asked.current++;
      endLooking();
    },
    [],
  );

  async function lookAt(of: Choice, photo: Blob, corners: Corners | null): Promise<void> {
    const { what } = of;
    const url = looked?.photo === photo ? looked.url : URL.createObjectURL(photo);
    const before = { photo, url, of };
    setLooked({ ...before, told: null });
    if (what.kind === 'on-blank') return;
    const own = await input(what);
    const result = await task.run((onProgress) => lookTask(own, photo, corners ?? [], onProgress));
    if (result) show(before, result);
  }

  function show(photo: Omit<Looked, 'told'>, result: Result<PhotoLook>): void {
    if (!result.ok) {
      notify({ tone: 'error', text: result.reason });
      setLooked(null);
      return;
    }
    setLooked({ ...photo, told: result.value });
    tell.current?.(lookedOf(result.value.look.findings, null, new Date()));
  }

  async function practise(of: Choice, fault: PracticeFault | LevelFault): Promise<void> {
    const { what } = of;
    const seed = newSeed();
    if (what.kind === 'on-blank') {
      const own = LEVEL_FAULTS.find((each) => each === fault) ?? 'nothing';
      const photo = await task.run((onProgress) =>
        practiceOnBlankTask(what.plan, { fault: own, seed }, onProgress),
      );
      if (photo) await lookAt(of, photo, null);
      return;
    }
    const printed = PRACTICE_FAULTS.find((each) => each === fault) ?? 'nothing';
    const own = await input(what);
    const taken = await task.run((onProgress) =>
      practiseTask(own, { fault: printed, seed }, onProgress),
    );
    if (taken) show({ photo: taken.photo, url: URL.createObjectURL(taken.photo), of }, taken.told);
  }

  return { task, looked, lookAt, practise };
}
