import { TRANSFERS } from '../transfer';
import { FIRST_PASS, type FurtherPass, type Job } from './job';

/** The fields of a job that belong to the pass it stands for. */
const fieldsOf = ({
  transfer,
  placements,
  bleedMm,
  cut,
  sheet,
  heat,
}: Omit<FurtherPass, 'id'>) => ({
  ...{ transfer, placements, bleedMm, cut, sheet, heat },
});

/** The passes of a job by identity: the first, then the others as they stand in it. */
export const passIds = ({ further }: Pick<Job, 'further'>): readonly string[] => [
  FIRST_PASS,
  ...further.map(({ id }) => id),
];

/**
 * The same job, seen from another of its passes: that one's fields stand in the job itself, the first
 * pass is among the others.
 * @param id of a pass; one that is not there leaves the job as it is.
 */
export function seenFrom(job: Job, id: string): Job {
  const pass = job.further.find((each) => each.id === id);
  if (!pass) return job;
  const first = { id: FIRST_PASS, ...fieldsOf(job) };
  return {
    ...job,
    ...fieldsOf(pass),
    further: job.further.map((each) => (each === pass ? first : each)),
  };
}

/** A job as it is seen from each of its passes that a printer prints. */
export const printedPasses = (job: Job): readonly Job[] =>
  passIds(job)
    .map((id) => seenFrom(job, id))
    .filter(({ transfer }) => TRANSFERS[transfer].made === 'printed');

/** A job seen from one of its passes, turned back to its first. */
function turnedBack(seen: Job, id: string): Job {
  const first = seen.further.find((each) => each.id === FIRST_PASS);
  if (!first) return seen;
  const pass = { id, ...fieldsOf(seen) };
  return {
    ...seen,
    ...fieldsOf(first),
    further: seen.further.map((each) => (each === first ? pass : each)),
  };
}

/** Changes one pass of a job, by a change made to the job as it is seen from there. */
export function onPass(job: Job, id: string, change: (seen: Job) => Job): Job {
  const seen = seenFrom(job, id);
  return seen === job ? change(job) : turnedBack(change(seen), id);
}

/** Changes every pass of a job alike. */
export const onEveryPass = (job: Job, change: (seen: Job) => Job): Job =>
  passIds(job).reduce((sum, id) => onPass(sum, id, change), job);

/** Takes a pass off a job; where it is the first, the next one takes its place. The last stays. */
export function withoutPass(job: Job, id: string): Job {
  const [next] = job.further;
  const seen = id === FIRST_PASS && next ? seenFrom(job, next.id) : job;
  return { ...seen, further: seen.further.filter((each) => each.id !== id) };
}
