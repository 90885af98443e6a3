import { proxy, wrap, type Remote } from 'comlink';
import type { EveningJobs, EveningPlan, LearnedTimes } from '@/core/evening';
import type { EveningRun, EveningWish, Job, Shelf } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import type { Together } from '@/core/together';
import type { PlanWorker } from './plan.worker';

/** What is planned. */
export interface PlanRequest {
  readonly job: Job;
  readonly shelf: Shelf;
}

interface Waiting extends PlanRequest {
  readonly done: (plan: JobPlan | null) => void;
  readonly failed: (error: unknown) => void;
}

const startWorker = () =>
  new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });

/** Several jobs on shared sheets, worked out in the background. */
export async function planTogetherAside(
  jobs: readonly Job[],
  shelf: Shelf,
): Promise<readonly Together[]> {
  const worker = startWorker();
  const failed = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || 'The sheets were not planned.'));
  });
  try {
    return await Promise.race([wrap<PlanWorker>(worker).together(jobs, shelf), failed]);
  } finally {
    worker.terminate();
  }
}

/** An evening as it is planned, each better than the one before; `done` with the last. */
export interface EveningShown {
  readonly made: EveningJobs;
  readonly plan: EveningPlan;
  readonly done: boolean;
}

/**
 * Plans an evening in the background: a first plan at once, then better ones.
 * @returns how to stop it.
 */
export function planEveningAside(
  jobs: readonly Job[],
  shelf: Shelf,
  wish: EveningWish,
  times: LearnedTimes,
  onPlan: (shown: EveningShown) => void,
  onFailed: (error: unknown) => void,
): () => void {
  const worker = startWorker();
  worker.onerror = (event) => onFailed(new Error(event.message || 'The evening was not planned.'));
  const tell = (made: EveningJobs, plan: EveningPlan, done: boolean) =>
    onPlan({ made, plan, done });
  wrap<PlanWorker>(worker)
    .evening(jobs, shelf, wish, times, proxy(tell))
    .catch(onFailed)
    .finally(() => worker.terminate());
  return () => worker.terminate();
}

/**
 * Goes on looking for a better plan than one that is shown, and tells how far that is, 0–1.
 * @returns how to stop it: the best found so far stays.
 */
export function lookLongerAside(
  { made, plan }: EveningShown,
  wish: EveningWish,
  onPlan: (shown: EveningShown, share: number) => void,
  onFailed: (error: unknown) => void,
): () => void {
  const worker = startWorker();
  worker.onerror = (event) => onFailed(new Error(event.message || 'The evening was not planned.'));
  const tell = (better: EveningPlan, share: number) =>
    onPlan({ made, plan: better, done: true }, share);
  wrap<PlanWorker>(worker)
    .longer(made, plan, wish, proxy(tell))
    .catch(onFailed)
    .finally(() => worker.terminate());
  return () => worker.terminate();
}

/** Plans an evening anew while it is pressed. */
export interface Replanner {
  /** The order of work from a moment on, s since the evening began. */
  readonly again: (run: EveningRun, nowS: number) => Promise<EveningRun['order']>;
  readonly close: () => void;
}

/** A worker kept ready: the first call of a new one would take longer than all the planning. */
export function createReplanner(): Replanner {
  const worker = startWorker();
  const remote = wrap<PlanWorker>(worker);
  return {
    again: async (run, nowS) => remote.again(run, nowS),
    close: () => worker.terminate(),
  };
}

/** Plans in the background, one at a time; of those that wait only the latest is worked out. */
export interface Planner {
  /** The plan of a job; null when a later one was asked for meanwhile. */
  readonly plan: (request: PlanRequest) => Promise<JobPlan | null>;
  readonly close: () => void;
}

export function createPlanner(): Planner {
  let worker: Worker | null = null;
  let remote: Remote<PlanWorker> | null = null;
  let busy = false;
  let next: Waiting | null = null;

  const start = (): Remote<PlanWorker> => {
    worker = startWorker();
    remote = wrap<PlanWorker>(worker);
    return remote;
  };

  async function workOut({ job, shelf, done, failed }: Waiting): Promise<void> {
    busy = true;
    try {
      done(await (remote ?? start()).plan(job, shelf));
    } catch (error) {
      failed(error);
    }
    busy = false;
    const waiting = next;
    next = null;
    if (waiting) void workOut(waiting);
  }

  return {
    plan: (request) =>
      new Promise((done, failed) => {
        const asked = { ...request, done, failed };
        if (!busy) return void workOut(asked);
        next?.done(null);
        next = asked;
      }),
    close: () => {
      next?.done(null);
      next = null;
      worker?.terminate();
      worker = null;
      remote = null;
      busy = false;
    },
  };
}
