'use client';

import { joined } from '@/core/evening';
import { FIRST_WISH, type Job, type KeptEvening } from '@/core/model';
import { useKept } from '@/ui/bench/useKept';

/** The bench has one evening at a time; it is kept under this. */
export const EVENING_ID = 'evening';
/** Jobs an evening is first thought of with, the latest (own choice). */
const FIRST_JOBS = 4;

/** The evening of the bench: undefined until it is read, null where none was thought of yet. */
export const useKeptEvening = () =>
  useKept(
    'evening',
    EVENING_ID,
    'Another tab has this evening open and was before; what is shown is how it stands there.',
    joined,
  );

/** An evening nobody has wished anything for: the latest jobs, by one person, at seven. */
export const firstThought = (jobs: readonly Job[]): KeptEvening => ({
  jobIds: jobs.slice(0, FIRST_JOBS).map(({ id }) => id),
  wish: FIRST_WISH,
  run: null,
});
