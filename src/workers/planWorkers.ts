import { wrap, type Remote } from 'comlink';
import type { Job, Shelf } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import type { PlanWorker } from './plan.worker';

/** What is planned. */
export interface PlanRequest {
  readonly job: Job;
  readonly shelf: Shelf;
}

/** Starts a worker for plans. */
export const startWorker = () =>
  new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });

/** A worker started ahead of what is planned in it, its code loaded. */
let spare: Worker | null = null;

/** The spare worker where there is one, else a new one. */
export function takeWorker(): Worker {
  const worker = spare ?? startWorker();
  spare = null;
  return worker;
}

/** Starts a worker ahead of plans that are about to grow too heavy for the page; calling it again costs nothing. */
export function warmUpPlanner(): void {
  spare ??= startWorker();
}

/** So long after the last plan a worker for single plans is let go, ms (own choice). */
const LET_GO_MS = 5000;
/** The worker for single plans, how many of them it works on, and when it is let go. */
let single: { worker: Worker; remote: Remote<PlanWorker>; busy: number } | null = null;
let letGo: ReturnType<typeof setTimeout> | undefined;

/** One job's plan, worked out in the background; several that are asked for at once follow each other in one worker. */
export async function planAside({ job, shelf }: PlanRequest): Promise<JobPlan> {
  clearTimeout(letGo);
  if (!single) {
    const worker = takeWorker();
    single = { worker, remote: wrap<PlanWorker>(worker), busy: 0 };
  }
  const own = single;
  own.busy++;
  const failed = new Promise<never>((_, reject) => {
    own.worker.addEventListener('error', (event) => {
      if (single === own) single = null;
      reject(new Error(event.message || 'The job was not planned.'));
    });
  });
  try {
    return await Promise.race([own.remote.plan(job, shelf), failed]);
  } finally {
    own.busy--;
    if (own.busy === 0)
      letGo = setTimeout(() => {
        own.worker.terminate();
        if (single === own) single = null;
      }, LET_GO_MS);
  }
}
