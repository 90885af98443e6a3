'use client';

import { useKept } from '../bench/useKept';

/** The pressing of a job that is under way, the same in every tab. Undefined until it is read. */
export const useRun = (jobId: string) =>
  useKept('run', jobId, 'Another tab is pressing this job; what is shown is how it stands there.');
