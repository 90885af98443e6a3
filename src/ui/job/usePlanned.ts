'use client';

import { useMemo } from 'react';
import type { Job, Shelf } from '@/core/model';
import { planJob, type JobPlan } from '@/core/plan';
import type { UnitStyle } from '@/core/units';

/** A job with its plan, of one moment. */
export interface Planned {
  readonly job: Job;
  readonly plan: JobPlan;
}

/** The plan of a job as it is shown. */
export function usePlanned(job: Job, shelf: Shelf, units: UnitStyle): Planned | null {
  return useMemo(() => ({ job, plan: planJob(job, shelf, units) }), [job, shelf, units]);
}
