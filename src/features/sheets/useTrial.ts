'use client';

import { startTransition, useEffect, useRef, useState } from 'react';
import { artBlobs } from '@/ui/bench/jobFiles';
import { useBench } from '@/ui/bench/BenchProvider';
import { useJob } from '@/ui/job/jobContext';
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
import { letGoUrl } from '@/ui/files';
import { breathe } from '@/ui/inTurn';

/** What a trial showed, its pictures as addresses for the page. */
export interface Shown extends Pick<TrialResult, 'faults' | 'share' | 'pieceId'> {
  readonly prints: readonly string[];
  readonly pressed: string;
  readonly meant: string;
}

/** The browser answers for each address in its own time; other work goes on between two of them. */
async function urlOf(blob: Blob): Promise<string> {
  await breathe();
  return URL.createObjectURL(blob);
}

async function shownOf({ faults, share, pieceId, ...made }: TrialResult): Promise<Shown> {
  const prints: string[] = [];
  for (const print of made.prints) prints.push(await urlOf(print));
  const [pressed, meant] = [await urlOf(made.pressed), await urlOf(made.meant)];
  return { faults, share, pieceId, prints, pressed, meant };
}

const letGo = ({ prints, pressed, meant }: Shown): void =>
  [...prints, pressed, meant].forEach(letGoUrl);

/** Prints on the simulated printer: the PDF is written and read once, then tried with any settings. */
export function useTrial() {
  const { job, plan } = useJob();
  const { store } = useBench();
  const units = useUnits();
  const task = useTask();
  const pages = useRef<readonly ReadPage[] | null>(null);
  const [shown, setShown] = useState<Shown | null>(null);
  useEffect(() => () => void (shown && letGo(shown)), [shown]);
  const closed = useRef(false);
  useEffect(() => {
    closed.current = false;
    return () => void (closed.current = true);
  }, []);

  async function readPages(blobs: ReadonlyMap<string, Blob>): Promise<readonly ReadPage[] | null> {
    if (pages.current) return pages.current;
    const pdf = await task.run((onProgress) =>
      sheetsPdfTask({ job, plan, blobs, units }, onProgress),
    );
    if (!pdf) return null;
    pages.current = await task.run((onProgress) => readPagesTask(pdf, onProgress));
    return pages.current;
  }

  async function run(settings: TrialSettings): Promise<void> {
    const blobs = await artBlobs(store, job);
    const read = await readPages(blobs);
    if (!read) return;
    const result = await task.run((onProgress) =>
      trialTask({ job, plan, pages: read, settings, blobs }, onProgress),
    );
    if (!result) return;
    const next = await shownOf(result);
    if (closed.current) letGo(next);
    else startTransition(() => setShown(next));
  }

  return { task, shown, run };
}
