'use client';

import { useEffect, useState } from 'react';
import type { Shelf } from '@/core/model';
import { planJob, type JobPlan } from '@/core/plan';
import { HEAVY_FROM, planWeight } from '@/core/weight';
import type { StoredJob } from '@/store';
import { inTurn } from '@/ui/inTurn';
import { createPlanner } from '@/workers';

interface KeptPlan {
  readonly shelf: Shelf;
  readonly plan: JobPlan;
}

/** Plans of the jobs last shown, by what was stored of them: going to and fro works nothing out anew. */
const kept = new Map<string, KeptPlan>();
const MOST_KEPT = 200;

/** What a stored job is known by while it stays as it is. */
export const stampOf = ({ id, rev, savedAt }: StoredJob): string => `${id}/${rev}/${savedAt}`;

function keep(stamp: string, made: KeptPlan): void {
  kept.set(stamp, made);
  const [oldest] = kept.keys();
  if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest);
}

async function workOut(stored: StoredJob, shelf: Shelf): Promise<JobPlan> {
  const { body: job } = stored;
  if (planWeight(job) <= HEAVY_FROM) return inTurn(() => planJob(job, shelf));
  const planner = createPlanner();
  try {
    const plan = await planner.ask({ job, shelf });
    return plan ?? planJob(job, shelf);
  } finally {
    planner.close();
  }
}

/** The plan of a job for its card, worked out when the page has time; null until then. */
export function useCardPlan(stored: StoredJob, shelf: Shelf): JobPlan | null {
  const stamp = stampOf(stored);
  const known = kept.get(stamp);
  const current = known?.shelf === shelf ? known.plan : null;
  const [made, setMade] = useState<{ stamp: string; plan: JobPlan } | { failed: unknown } | null>(
    null,
  );
  useEffect(() => {
    if (current) return;
    let gone = false;
    workOut(stored, shelf).then(
      (plan) => {
        keep(stamp, { shelf, plan });
        if (!gone) setMade({ stamp, plan });
      },
      (failed: unknown) => !gone && setMade({ failed }),
    );
    return () => {
      gone = true;
    };
  }, [current, stamp, stored, shelf]);
  if (made && 'failed' in made) throw made.failed;
  return current ?? (made?.stamp === stamp ? made.plan : null);
}
