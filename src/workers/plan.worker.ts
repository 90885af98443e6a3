import { expose } from 'comlink';
import {
  eveningOf,
  fairLooks,
  pieceOf,
  planned,
  type EveningJobs,
  type EveningPlan,
  type EveningWish,
} from '@/core/evening';
import type { Job, Shelf } from '@/core/model';
import { planJob } from '@/core/plan';
import { planTogether } from '@/core/together';

/** Plans looked at before the first is shown. */
const FIRST_LOOKS = 60;

const planWorker = {
  plan: (job: Job, shelf: Shelf) => planJob(job, shelf),
  together: (jobs: readonly Job[], shelf: Shelf) => planTogether(jobs, shelf),
  /** Plans an evening: a first plan at once, then the best that was found. */
  evening: (
    jobs: readonly Job[],
    shelf: Shelf,
    wish: EveningWish,
    onPlan: (made: EveningJobs, plan: EveningPlan, done: boolean) => void,
  ) => {
    const made = eveningOf(jobs, shelf, wish);
    const { evening } = made.assembled;
    const first = pieceOf(made.assembled, wish.first);
    onPlan(made, planned(evening, FIRST_LOOKS, first), false);
    onPlan(made, planned(evening, fairLooks(evening), first), true);
  },
};

export type PlanWorker = typeof planWorker;

expose(planWorker);
