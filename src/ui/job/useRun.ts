'use client';

import { useCallback, useEffect } from 'react';
import { eveningOfRun, joined } from '@/core/evening';
import { FIRST_WISH, ownEveningId, type EveningRun, type Job, type Shelf } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import { useKept } from '../bench/useKept';
import { steadyNow } from '../clock';

const OVERTAKEN = 'Another tab is pressing this job; what is shown is how it stands there.';

/**
 * The pressing of a job that is under way, the same in every tab: an evening of its own. Undefined until it is read. One
 * that an older version kept is taken up as far as it had come.
 */
export function useRun(
  jobId: string,
  planned: { readonly job: Job; readonly plan: JobPlan } | null,
  { machines }: Shelf,
): [EveningRun | null | undefined, (run: EveningRun | null) => void] {
  const [evening, setEvening] = useKept('evening', ownEveningId(jobId), OVERTAKEN, joined);
  const [old, setOld] = useKept('run', jobId, OVERTAKEN);
  const setRun = useCallback(
    (run: EveningRun | null) => setEvening(run && { jobIds: [jobId], wish: FIRST_WISH, run }),
    [setEvening, jobId],
  );
  useEffect(() => {
    if (!old || !planned || evening === undefined) return;
    const [item] = planned.job.items;
    const { name: jobName } = planned.job;
    const { program } = planned.plan.press;
    const thing = { jobId, itemId: item?.id ?? '', copy: 0, jobName, called: '', program };
    if (evening === null) setRun(eveningOfRun(old, thing, machines, new Date(steadyNow())));
    setOld(null);
  }, [old, planned, evening, jobId, machines, setRun, setOld]);
  return [evening === undefined ? undefined : (evening?.run ?? null), setRun];
}
