import { expose } from 'comlink';
import type { Job, Shelf } from '@/core/model';
import { planJob } from '@/core/plan';

const planWorker = {
  plan: (job: Job, shelf: Shelf) => planJob(job, shelf),
};

export type PlanWorker = typeof planWorker;

expose(planWorker);
