'use client';

import { useEffect, useMemo, useRef, useState, useTransition } from 'react';
import { useStore } from 'zustand';
import { createStore } from 'zustand/vanilla';
import type { Job, Shelf } from '@/core/model';
import { planJob, type JobPlan } from '@/core/plan';
import { HEAVY_FROM, planWeight } from '@/core/weight';
import { createPlanner } from '@/workers';

/** A job with its plan, of one moment, and the shelf it was planned by. */
export interface Planned {
  readonly job: Job;
  readonly shelf: Shelf;
  readonly plan: JobPlan;
}

/** A plan that takes longer than a frame is worked out off the page from then on, ms. */
const FRAME_MS = 16;
/** The first plans on a page are slow whatever they are: so many in a row have to be, unless the job is known to be heavy. */
const SLOW_IN_A_ROW = 3;

function timed(job: Job, shelf: Shelf): Planned & { tookMs: number } {
  const start = performance.now();
  const plan = planJob(job, shelf);
  return { job, shelf, plan, tookMs: performance.now() - start };
}

/** How slow the last plans on the page were, whether there is background work here at all, and the last plan of the page. */
interface Pace {
  readonly slow: number;
  readonly aside: boolean;
  readonly last: Planned | null;
}

/**
 * What came from beside the page. It is drawn in small steps between other work; where the one before
 * is still being drawn (a hand drags on), at once, so that the screen never falls behind.
 */
function useArrived(): readonly [Planned | null, (next: Planned | null) => void] {
  const [arrived, setArrived] = useState<Planned | null>(null);
  const [drawing, startDrawing] = useTransition();
  const isDrawing = useRef(false);
  useEffect(() => {
    isDrawing.current = drawing;
  }, [drawing]);
  const [show] = useState(() => (next: Planned | null) => {
    if (isDrawing.current) setArrived(next);
    else startDrawing(() => setArrived(next));
  });
  return [arrived, show];
}

/**
 * The plan of a job as it is shown: at once where it takes no longer than a frame, else in the
 * background, while the last one stays on the screen. Null until there is one.
 */
export function usePlanned(job: Job, shelf: Shelf): Planned | null {
  const [pace] = useState(() => createStore<Pace>(() => ({ slow: 0, aside: true, last: null })));
  const [planner] = useState(createPlanner);
  const heavy = useMemo(() => planWeight(job) > HEAVY_FROM, [job]);
  const beside = useStore(pace, ({ slow, aside }) => aside && (heavy || slow >= SLOW_IN_A_ROW));
  const last = useStore(pace, (now) => (beside ? now.last : null));
  const now = useMemo(() => (beside ? null : timed(job, shelf)), [beside, job, shelf]);
  const [arrived, show] = useArrived();

  useEffect(() => {
    if (!now) return;
    pace.setState(({ slow }) => ({ last: now, slow: now.tookMs > FRAME_MS ? slow + 1 : 0 }));
  }, [pace, now]);
  useEffect(() => {
    if (now && arrived) show(null);
  }, [show, now, arrived]);
  useEffect(() => planner.close, [planner]);
  useEffect(() => {
    if (!beside) return;
    planner.ask({ job, shelf }).then(
      (plan) => plan && show({ job, shelf, plan }),
      () => pace.setState({ aside: false }), // no background work here: on the page, then
    );
  }, [beside, planner, pace, show, job, shelf]);

  return now ?? arrived ?? last;
}
