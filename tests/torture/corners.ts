import fc from 'fast-check';
import { planJob } from '@/core/plan';
import { cornerJob, cornerShelf } from '../support/corners';
import { HARD_JOBS } from '../support/hardJobs';
import { LONGEST_S, timed, type Ordeal } from './ordeal';

/** Jobs sampled at one go. */
const BATCH = 25;

/** Jobs from the corners of their schema: every one is planned or refused, in time, without an error. */
export const corners: Ordeal = ({ seed, goesOn }) => {
  const troubles: string[] = [];
  let count = 0;
  const judge = (what: string, plan: () => unknown) => {
    count++;
    try {
      // what is too long is so every time; once alone it was the machine, or code that was compiled beside it
      const first = timed(plan).seconds;
      const took = first > LONGEST_S ? Math.min(first, timed(plan).seconds) : first;
      if (took > LONGEST_S) troubles.push(`${what}: ${took.toFixed(1)} s`);
    } catch (error) {
      troubles.push(`${what}: ${String(error)}`);
    }
  };
  for (const [what, job, shelf] of HARD_JOBS) judge(what, () => planJob(job, shelf));
  const both = cornerJob().chain((job) => cornerShelf(job).map((shelf) => ({ job, shelf })));
  for (let batch = 0; goesOn(count); batch++) {
    fc.sample(both, { seed: seed * 1000 + batch, numRuns: BATCH }).forEach(({ job, shelf }, i) =>
      judge(`seed ${seed * 1000 + batch}, job ${i}`, () => planJob(job, shelf)),
    );
  }
  return { count, troubles };
};
