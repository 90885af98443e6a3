import { expose } from 'comlink';
import type { Job, Shelf } from '@/core/model';
import { planJob } from '@/core/plan';
import type { UnitStyle } from '@/core/units';

const planWorker = {
  plan: (job: Job, shelf: Shelf, units: UnitStyle) => planJob(job, shelf, units),
};

export type PlanWorker = typeof planWorker;

expose(planWorker);
