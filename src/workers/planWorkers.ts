import { wrap, type Remote } from 'comlink';
import type { Job, Shelf } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import type { PlanWorker } from './plan.worker';

/** What is planned. */
export interface PlanRequest {
  readonly job: Job;
  readonly shelf: Shelf;
}

/** A worker for plans, and what tells that it failed, before it was asked anything too. */
export interface Planning {
  readonly worker: Worker;
  readonly remote: Remote<PlanWorker>;
  readonly failed: Promise<never>;
}

/** Starts a worker for plans. */
export function startPlanning(): Planning {
  const worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
  const failed = new Promise<never>((_, reject) => {
    worker.addEventListener('error', ({ message }) =>
      reject(new Error(message || 'What was to be worked out in the background failed.')),
    );
  });
  failed.catch(() => undefined); // told to whoever waits for an answer
  return { worker, remote: wrap<PlanWorker>(worker), failed };
}

/** Work of a worker for plans; rejects where that fails, at once where it has failed already. */
export const workedOut = <T>(
  { remote, failed }: Planning,
  work: (remote: Remote<PlanWorker>) => Promise<T>,
): Promise<T> => Promise.race([work(remote), failed]);

/** A worker started ahead of what is planned in it, its code loaded. */
let spare: Planning | null = null;

/** The spare worker where there is one, else a new one. */
export function takePlanning(): Planning {
  const planning = spare ?? startPlanning();
  spare = null;
  return planning;
}

/** Starts a worker ahead of plans that are about to grow too heavy for the page; calling it again costs nothing. */
export function warmUpPlanner(): void {
  spare ??= startPlanning();
}

/** So long after the last plan a worker for single plans is let go, ms (own choice). */
const LET_GO_MS = 5000;
/** The worker for single plans, and how many of them it works on. */
let single: { planning: Planning; busy: number } | null = null;
let letGo: ReturnType<typeof setTimeout> | undefined;

/** One job's plan, worked out in the background; several that are asked for at once follow each other in one worker. */
export async function planAside({ job, shelf }: PlanRequest): Promise<JobPlan> {
  clearTimeout(letGo);
  const own = (single ??= { planning: takePlanning(), busy: 0 });
  const { worker, failed } = own.planning;
  const end = () => {
    worker.terminate();
    if (single === own) single = null;
  };
  failed.catch(end);
  own.busy++;
  try {
    return await workedOut(own.planning, async (remote) => remote.plan(job, shelf));
  } finally {
    own.busy--;
    if (own.busy === 0 && single === own) letGo = setTimeout(end, LET_GO_MS);
  }
}
