import { expose } from 'comlink';
import {
  assembledOf,
  eveningOf,
  fairLooks,
  pieceOf,
  LONGER,
  looksAgain,
  planned,
  plannedAgain,
  replanned,
  thoroughly,
  type EveningJobs,
  type EveningPlan,
  type LearnedTimes,
} from '@/core/evening';
import { plannedLadder, seenWindow } from '@/core/log/window';
import { compare, type Setup, type SetupChange } from '@/core/heat';
import type { EveningRun, EveningWish, Job, Shelf, TransferKind } from '@/core/model';
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
    times: LearnedTimes,
    onPlan: (made: EveningJobs, plan: EveningPlan, done: boolean) => void,
  ) => {
    const made = eveningOf(jobs, shelf, wish, times);
    const { evening } = made.assembled;
    const first = pieceOf(made.assembled, wish.first);
    onPlan(made, planned(evening, FIRST_LOOKS, first), false);
    const fair = planned(evening, fairLooks(evening), first);
    // going through every order takes longer than is waited for: the good plan is shown meanwhile
    onPlan(made, fair, false);
    onPlan(made, thoroughly(evening, fair, first), true);
  },
  /** Goes on looking for a better plan of an evening than one that is known. */
  longer: (
    { assembled }: EveningJobs,
    known: EveningPlan,
    wish: EveningWish,
    /** How far it is, 0–1, and a plan where a better one was found since. */
    onShare: (share: number, better: EveningPlan | null) => void,
  ) => {
    const first = pieceOf(assembled, wish.first);
    let best = known;
    for (let nth = 1; nth <= LONGER && best.schedule.endS > best.boundS; nth++) {
      const again = plannedAgain(assembled.evening, best, first, nth);
      onShare(nth / LONGER, again.schedule === best.schedule ? null : again);
      best = again;
    }
    onShare(1, best);
  },
  /** What a change of a pressing comes to. */
  whatIf: (setup: Setup, change: SetupChange, transfer: TransferKind) =>
    compare(setup, change, transfer),
  window: seenWindow,
  ladder: plannedLadder,
  /** Plans what is left of an evening anew, from a moment on: the order of work from there. */
  again: (run: EveningRun, nowS: number): EveningRun['order'] => {
    const made = assembledOf(run);
    return replanned(made, run, nowS, looksAgain(made)).order;
  },
};

export type PlanWorker = typeof planWorker;

expose(planWorker);
