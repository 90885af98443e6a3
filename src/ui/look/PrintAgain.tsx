'use client';

import type { Sheet } from '@/core/sheet';
import { artBlobs } from '@/ui/bench/jobFiles';
import { useBench } from '@/ui/bench/BenchProvider';
import { download, fileName } from '@/ui/files';
import { useUnits } from '@/ui/units';
import { TaskButton, TaskProgress, useTask } from '@/ui/useTask';
import { sheetWords } from '@/words';
import { sheetsPdfTask } from '@/workers';
import type { Looking } from './what';

/** The print file of some sheets of a job alone. */
export function PrintAgain({
  of: { job, plan },
  sheets,
}: {
  of: Looking;
  sheets: readonly Sheet[];
}) {
  const { store } = useBench();
  const units = useUnits();
  const task = useTask();
  const what = sheets.map(({ called }) => sheetWords(called)).join(', ');
  async function save() {
    const blobs = await artBlobs(store, job);
    const printed = { pieces: plan.pieces, sheets, tools: plan.tools };
    const pdf = await task.run((onProgress) =>
      sheetsPdfTask({ job, plan: printed, blobs, units }, onProgress),
    );
    if (pdf) download(fileName(job.name, 'pdf', `${what} again`), pdf);
  }
  return (
    <>
      <TaskButton task={task} variant="contained" onClick={() => void save()}>
        Save a PDF of {what} alone
      </TaskButton>
      <TaskProgress task={task} />
    </>
  );
}
