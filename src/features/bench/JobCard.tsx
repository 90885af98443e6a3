'use client';

import { lazy, Suspense } from 'react';
import { CardFrame } from './CardFrame';
import type { CardActions } from './CardMenu';
import type { BenchJob } from './useBenchJobs';

/** Working a job out, its words and its picture: loaded once the cards stand there. */
const PlannedCard = lazy(async () => ({ default: (await import('./PlannedCard')).PlannedCard }));

/** A job on the bench: its name at once, what comes of it when it is worked out. */
export function JobCard({ entry, actions }: { entry: BenchJob; actions: CardActions }) {
  return (
    <Suspense fallback={<CardFrame stored={entry.stored} actions={actions} />}>
      <PlannedCard entry={entry} actions={actions} />
    </Suspense>
  );
}
