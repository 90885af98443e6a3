'use client';

import type { Ladder } from '@/core/log/window';
import { testJob, type TestPiece } from '@/core/job';
import { TRANSFERS } from '@/core/transfer';
import { putArt, storageProblem, newId } from '@/store';
import { useFileIntake } from '@/ui/art/useFileIntake';
import { useBench } from '@/ui/bench/BenchProvider';
import { useNewJob } from '@/ui/bench/useNewJob';
import { useJob } from '@/ui/job/jobContext';
import { useNotify } from '@/ui/notify';
import { useUnits } from '@/ui/units';
import { useTask } from '@/ui/useTask';
import { rungName } from '@/words';
import { drawTestPicture } from './drawTestPicture';

/** Makes test pieces an ordinary job, and opens it. */
export function useTestJob() {
  const { store, shelf } = useBench();
  const { job } = useJob();
  const units = useUnits();
  const notify = useNotify();
  const open = useNewJob();
  const task = useTask();
  const intake = useFileIntake(task);
  const cut = TRANSFERS[job.transfer].made === 'cut from one colour';

  async function make({ rungs }: Ladder): Promise<void> {
    try {
      const pieces: TestPiece[] = [];
      for (const [nth, rung] of rungs.entries()) {
        const name = rungName(rung, nth, units);
        const taken = await intake.readMade(await drawTestPicture(name, cut), `Test ${name}`, {});
        if (!taken) return;
        const { art, blob, preview } = taken;
        await putArt(store, { sha256: art.sha256, blob, preview });
        const { temperatureC, dwellS } = rung;
        pieces.push({ name, heat: { temperatureC, dwellS }, art });
      }
      const id = newId();
      const name = `Test pieces: ${job.blank.name}`.slice(0, 120);
      await open(testJob(job, pieces, { id, name, now: new Date(), shelf }), 'sheets');
    } catch (error) {
      notify({ tone: 'error', text: storageProblem(error) });
    }
  }
  return { task, make };
}
