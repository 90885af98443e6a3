'use client';

import type { HeatSettings, TransferKind } from '@/core/model';
import { withTransfer } from '@/core/shelf';
import { useBench } from '@/ui/bench/BenchProvider';
import { useJob } from '@/ui/job/jobContext';

/** Changes to a job's heat, each one step to undo. */
export function useHeatEdit() {
  const { edit } = useJob();
  const { shelf } = useBench();
  const change = (part: Partial<HeatSettings>, group = '') =>
    edit((job) => ({ ...job, heat: { ...job.heat, ...part } }), group);
  const own = (part: Partial<HeatSettings['own']>, group: string) =>
    edit(
      (job) => ({ ...job, heat: { ...job.heat, own: { ...job.heat.own, ...part } } }),
      `heat-${group}`,
    );
  const transfer = (kind: TransferKind) => edit((job) => withTransfer(job, kind, shelf));
  return { change, own, transfer };
}
