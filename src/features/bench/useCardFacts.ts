'use client';

import { useEffect, useState } from 'react';
import type { Shelf } from '@/core/model';
import type { StoredJob } from '@/store';
import type { CardFacts } from './cardFacts';

interface KeptFacts {
  readonly shelf: Shelf;
  readonly facts: CardFacts;
}

/** What came of the jobs last shown, by what was stored of them: going to and fro works nothing out anew. */
const kept = new Map<string, KeptFacts>();
const MOST_KEPT = 200;

/** What a stored job is known by while it stays as it is. */
export const stampOf = ({ id, rev, savedAt }: StoredJob): string => `${id}/${rev}/${savedAt}`;

function keep(stamp: string, made: KeptFacts): void {
  kept.set(stamp, made);
  const [oldest] = kept.keys();
  if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest);
}

/** What a job comes to, for its card; null until it is worked out, by code that is loaded once the cards stand there. */
export function useCardFacts(stored: StoredJob, shelf: Shelf): CardFacts | null {
  const stamp = stampOf(stored);
  const known = kept.get(stamp);
  const current = known?.shelf === shelf ? known.facts : null;
  const [made, setMade] = useState<
    { stamp: string; facts: CardFacts } | { failed: unknown } | null
  >(null);
  useEffect(() => {
    if (current) return;
    let gone = false;
    import('./cardFacts')
      .then(({ factsOf }) => factsOf(stored, shelf))
      .then(
        (facts) => {
          keep(stamp, { shelf, facts });
          if (!gone) setMade({ stamp, facts });
        },
        (failed: unknown) => !gone && setMade({ failed }),
      );
    return () => {
      gone = true;
    };
  }, [current, stamp, stored, shelf]);
  if (made && 'failed' in made) throw made.failed;
  return current ?? (made?.stamp === stamp ? made.facts : null);
}
