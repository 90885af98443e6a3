'use client';

import { useEffect, useRef, useState } from 'react';
import { artBlobs } from '@/ui/bench/jobFiles';
import { useBench } from '@/ui/bench/BenchProvider';
import { useJob } from '@/ui/job/JobProvider';
import { useUnits } from '@/ui/units';
import { useTask } from '@/ui/useTask';
import {
  readPagesTask,
  sheetsPdfTask,
  trialTask,
  type ReadPage,
  type TrialResult,
  type TrialSettings,
} from '@/workers';

/** What a trial showed, its pictures as addresses for the page. */
export interface Shown extends Pick<TrialResult, 'faults' | 'share'> {
  readonly prints: readonly string[];
  readonly pressed: string;
  readonly meant: string;
}

function shownOf({ prints, pressed, meant, faults, share }: TrialResult): Shown {
  const url = (blob: Blob) => URL.createObjectURL(blob);
  return { faults, share, prints: prints.map(url), pressed: url(pressed), meant: url(meant) };
}

const letGo = ({ prints, pressed, meant }: Shown): void =>
  [...prints, pressed, meant].forEach((each) => URL.revokeObjectURL(each));

/** Prints on the simulated printer: the PDF is written and read once, then tried with any settings. */
export function useTrial() {
  const { job, plan } = useJob();
  const { db } = useBench();
  const { length } = useUnits();
  const task = useTask();
  const pages = useRef<readonly ReadPage[] | null>(null);
  const [shown, setShown] = useState<Shown | null>(null);
  useEffect(() => () => void (shown && letGo(shown)), [shown]);

  async function readPages(blobs: ReadonlyMap<string, Blob>): Promise<readonly ReadPage[] | null> {
    if (pages.current) return pages.current;
    const pdf = await task.run((onProgress) => sheetsPdfTask({ job, plan, blobs }, onProgress));
    if (!pdf) return null;
    pages.current = await task.run((onProgress) => readPagesTask(pdf, onProgress));
    return pages.current;
  }

  async function run(settings: TrialSettings): Promise<void> {
    const blobs = await artBlobs(db, job);
    const read = await readPages(blobs);
    if (!read) return;
    const result = await task.run((onProgress) =>
      trialTask({ job, plan, pages: read, settings, unit: length, blobs }, onProgress),
    );
    if (result) setShown(shownOf(result));
  }

  return { task, shown, run };
}
