import { readFileSync } from 'node:fs';
import { goldenJobs, meaningOf } from '@tests/support/golden';
import { shelf } from '@tests/support/jobs';
import { planJob } from './plan';

/**
 * What the demo's jobs came to before the press plan became a program; how a plan is made may change,
 * what it means may not, unless a fault is mended (then the file is written anew, and the commit says why).
 */
const before = JSON.parse(readFileSync('tests/fixtures/golden/demo.json', 'utf8')) as Record<
  string,
  unknown
>;

test.each(goldenJobs().map((job) => [job.id, job] as const))(
  '%s means what it meant',
  (id, job) => {
    expect(JSON.parse(JSON.stringify(meaningOf(planJob(job, shelf))))).toEqual(before[id]);
  },
);
