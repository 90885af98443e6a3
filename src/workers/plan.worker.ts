import { expose } from 'comlink';
import type { Job, Shelf } from '@/core/model';
import { planJob } from '@/core/plan';
import { planTogether } from '@/core/together';

const planWorker = {
  plan: (job: Job, shelf: Shelf) => planJob(job, shelf),
  together: (jobs: readonly Job[], shelf: Shelf) => planTogether(jobs, shelf),
};

export type PlanWorker = typeof planWorker;

expose(planWorker);
