import { proxy, type Remote } from 'comlink';
import type { EveningJobs, EveningPlan, LearnedTimes } from '@/core/evening';
import type { Compared, Setup, SetupChange } from '@/core/heat';
import type { LadderPlan, LadderQuestion, Setting, WindowAsk, WindowSeen } from '@/core/log/window';
import type { EveningRun, EveningWish, Job, Shelf, TransferKind } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import type { Together } from '@/core/together';
import type { PlanWorker } from './plan.worker';
import {
  startPlanning,
  takePlanning,
  workedOut,
  type Planning,
  type PlanRequest,
} from './planWorkers';

/** Several jobs on shared sheets, worked out in the background. */
export async function planTogetherAside(
  jobs: readonly Job[],
  shelf: Shelf,
): Promise<readonly Together[]> {
  const planning = startPlanning();
  try {
    return await workedOut(planning, async (remote) => remote.together(jobs, shelf));
  } finally {
    planning.worker.terminate();
  }
}

/** An evening as it is planned, each better than the one before; `done` with the last. */
export interface EveningShown {
  readonly made: EveningJobs;
  readonly plan: EveningPlan;
  readonly done: boolean;
}

/** What is told of a search in the background, and where that fails. */
interface Told<Found extends unknown[]> {
  readonly onFound: (...found: Found) => void;
  readonly onFailed: (error: unknown) => void;
}

/**
 * Searches in a worker of its own.
 * @returns how to stop it; what was told but not heard yet is not heard any more.
 */
function searchAside<Found extends unknown[]>(
  { onFound, onFailed }: Told<Found>,
  search: (worker: Remote<PlanWorker>, tell: (...found: Found) => void) => Promise<void>,
): () => void {
  const planning = startPlanning();
  const { worker } = planning;
  let stopped = false;
  const stop = () => {
    stopped = true;
    worker.terminate();
  };
  const tell = proxy((...found: Found) => {
    if (!stopped) onFound(...found);
  });
  workedOut(planning, async (remote) => search(remote, tell))
    .catch((error: unknown) => stopped || onFailed(error))
    // what it told last may still be under way: it is heard
    .finally(() => worker.terminate());
  return stop;
}

/**
 * Plans an evening in the background: a first plan at once, then better ones.
 * @returns how to stop it.
 */
export function planEveningAside(
  asked: {
    readonly jobs: readonly Job[];
    readonly shelf: Shelf;
    readonly wish: EveningWish;
    readonly times: LearnedTimes;
  },
  told: Told<[shown: EveningShown]>,
): () => void {
  const { jobs, shelf, wish, times } = asked;
  const tell = (made: EveningJobs, plan: EveningPlan, done: boolean) =>
    told.onFound({ made, plan, done });
  return searchAside({ ...told, onFound: tell }, (worker, heard) =>
    worker.evening(jobs, shelf, wish, times, heard),
  );
}

/**
 * Goes on looking for a better plan than one that is shown, and tells how far that is, 0–1.
 * @returns how to stop it: the best found so far stays.
 */
export function lookLongerAside(
  { made, plan }: EveningShown,
  wish: EveningWish,
  told: Told<[share: number, better: EveningShown | null]>,
): () => void {
  const tell = (share: number, better: EveningPlan | null) =>
    told.onFound(share, better && { made, plan: better, done: true });
  return searchAside({ ...told, onFound: tell }, (worker, heard) =>
    worker.longer(made, plan, wish, heard),
  );
}

/** Plans an evening anew while it is pressed. */
export interface Replanner {
  /** The order of work from a moment on, s since the evening began. */
  readonly again: (run: EveningRun, nowS: number) => Promise<EveningRun['order']>;
  readonly close: () => void;
}

/** A worker kept ready: the first call of a new one would take longer than all the planning. */
export function createReplanner(): Replanner {
  const planning = startPlanning();
  return {
    again: (run, nowS) => workedOut(planning, async (remote) => remote.again(run, nowS)),
    close: () => planning.worker.terminate(),
  };
}

/** Work in the background, one at a time; of what waits only the latest is done, the others are answered with null. */
interface LatestOnly<Asked, Answer> {
  readonly ask: (asked: Asked) => Promise<Answer | null>;
  readonly close: () => void;
}

function latestOnly<Asked, Answer>(
  work: (worker: Remote<PlanWorker>, asked: Asked) => Promise<Answer>,
): LatestOnly<Asked, Answer> {
  interface Waits {
    readonly asked: Asked;
    readonly done: (answer: Answer | null) => void;
    readonly failed: (error: unknown) => void;
  }
  let planning: Planning | null = null;
  let busy = false;
  let next: Waits | null = null;

  async function workOut({ asked, done, failed }: Waits): Promise<void> {
    busy = true;
    try {
      planning ??= takePlanning();
      done(await workedOut(planning, (remote) => work(remote, asked)));
    } catch (error) {
      failed(error);
    }
    busy = false;
    const waiting = next;
    next = null;
    if (waiting) void workOut(waiting);
  }

  return {
    ask: (asked) =>
      new Promise((done, failed) => {
        const waits = { asked, done, failed };
        if (!busy) return void workOut(waits);
        next?.done(null);
        next = waits;
      }),
    close: () => {
      next?.done(null);
      next = null;
      planning?.worker.terminate();
      planning = null;
      busy = false;
    },
  };
}

/** Plans jobs; null where a later one was asked for meanwhile. */
export const createPlanner = () =>
  latestOnly(async (worker, { job, shelf }: PlanRequest): Promise<JobPlan> =>
    worker.plan(job, shelf),
  );

/** A pressing, what is changed of it, and of what transfer. */
interface WhatIf {
  readonly setup: Setup;
  readonly change: SetupChange;
  readonly transfer: TransferKind;
}

/** Compares pressings; null where nothing is printed, or another was asked for meanwhile. */
export const createComparer = () =>
  latestOnly(async (worker, { setup, change, transfer }: WhatIf): Promise<Compared | null> =>
    worker.whatIf(setup, change, transfer),
  );

/** Works out where a pressing comes out well; null where another was asked for meanwhile. */
export const createWindowSeer = () =>
  latestOnly(
    async (worker, { ask, planned }: { ask: WindowAsk; planned: Setting }): Promise<WindowSeen> =>
      worker.window(ask, planned),
  );

/** Designs test pieces; null where others were asked for meanwhile. */
export const createLadderPlanner = () =>
  latestOnly(
    async (
      worker,
      { ask, question, most }: { ask: WindowAsk; question: LadderQuestion; most: number },
    ): Promise<LadderPlan> => worker.ladder(ask, question, most),
  );
