'use client';

import { useMemo, type ReactElement } from 'react';
import type { Act } from '@/core/evening';
import type { Job } from '@/core/model';
import { planJob } from '@/core/plan';
import { useBench } from '@/ui/bench/BenchProvider';
import { placeOf, PlatePlace } from '@/ui/press';
import { operationOf } from '@/words';
import type { Live } from './useLive';

/** Where the plate goes on the thing at hand, drawn; null where it has one placement, or its job is gone. */
export function usePlateOnThing(live: Live, act: Act, jobs: readonly Job[]): ReactElement | null {
  const { shelf } = useBench();
  const step = operationOf(live.made, act);
  const thing = 'piece' in act ? live.made.loads[act.piece]?.things[0] : undefined;
  const job = jobs.find(({ id }) => id === thing?.jobId);
  const itemId = thing?.itemId ?? '';
  // placements only: most things have one, and their job need not be planned for it
  const placed = step?.section != null;
  const seen = useMemo(() => {
    const row = job?.items.find(({ id }) => id === itemId);
    if (!job || !row || !placed) return null;
    const one = { ...job, items: [{ ...row, copies: 1 }] };
    return { job: one, plan: planJob(one, shelf) };
  }, [job, itemId, shelf, placed]);
  const place = seen && step ? placeOf(step, seen.plan) : null;
  if (!seen || !step || !place) return null;
  return <PlatePlace {...{ step, place, itemId, ...seen }} />;
}
