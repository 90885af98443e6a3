import fc from 'fast-check';
import { cornerJob, cornerShelf, HARD_RINGS } from '@tests/support/corners';
import { HARD_JOBS, named, press, repeated } from '@tests/support/hardJobs';
import { artwork, blankOf, factsWith, jobOn, mugJob, NOW, shelf } from '@tests/support/jobs';
import { demoJobs, type DemoPictures } from '@/demo/jobs';
import { jobSchema, type Artwork, type Job, type Shelf } from './model';
import { planJob } from './plan';

/** A job is what its schema admits; `npm run torture` measures how long its plan takes. */
function planned(job: Job, on: Shelf = shelf) {
  expect(jobSchema.safeParse(job).error?.issues ?? []).toEqual([]);
  return planJob(job, on);
}
const refusals = (plan: ReturnType<typeof planJob>) =>
  plan.checks.map(({ id }) => id).filter((id) => /^(too-m|no-motif)/.test(id));

test.each(HARD_JOBS)(
  '%s: planned, or refused with what is too much of it',
  (_what, job, on, says) => {
    const plan = planned(job, on);
    if (says) expect(plan.checks.find(({ level }) => level === 'stop')?.id).toMatch(says);
    // a second plan has faces and ink at hand, and is refused the same
    expect(refusals(planned(job, on))).toEqual(refusals(plan));
    const overworked = plan.pieces.length === 0 || plan.sheets.length === 0;
    if (overworked) expect(refusals(plan).length + plan.misfits.length).toBeGreaterThan(0);
  },
);

test('from any corner of the schema a plan comes without an error', () => {
  const both = cornerJob().chain((job) => cornerShelf(job).map((on) => ({ job, on })));
  fc.assert(
    fc.property(both, ({ job, on }) => {
      expect(planned(job, on).faces.length).toBeGreaterThan(0);
    }),
    { numRuns: 12, endOnFailure: true },
  );
});

test('numbers that nothing on a table can have are no job', () => {
  const apron = (widthMm: number) => ({
    ...mugJob(),
    blank: { ...blankOf('apron'), form: { ...blankOf('apron').form, widthMm } },
  });
  for (const width of [5e-303, 0, -1, Infinity, NaN, 1e9])
    expect(jobSchema.safeParse(apron(width)).success).toBe(false);
  expect(() => press({ timerMaxS: 1e-6 })).toThrow();
  expect(() => press({ plate: { widthMm: 5, heightMm: 3 } })).toThrow();
});

describe('what crafters do make is not refused', () => {
  const pictures = ['comet', 'moons', 'horizon', 'badge', 'back', 'star', 'chart'].map(
    (key) => [key, artwork()] as const,
  );
  const jobs = demoJobs(Object.fromEntries(pictures) as DemoPictures<Artwork>, NOW);
  test.each(jobs.map((job) => [job.name, job] as const))('%s', (_name, job) => {
    expect(refusals(planned(job))).toEqual([]);
  });

  test('200 names on a round coaster, lettering each', () => {
    const plan = planned(named(jobOn('square-coaster', artwork())));
    expect(refusals(plan)).toEqual([]);
    expect(plan.pieces).toHaveLength(200);
  });

  test('a small star repeated over a tote and cut along its edge, 40 sheets of it', () => {
    const star = artwork({
      transparentShare: 0.5,
      facts: factsWith({ silhouette: [HARD_RINGS.star?.(60, 1) ?? []] }),
      realMm: { widthMm: 18, heightMm: 18 },
    });
    const job: Job = {
      ...repeated(jobOn('tote', star), 1, 30),
      cut: { ...mugJob().cut, line: 'contour', apart: true },
    };
    expect(refusals(planned(job))).toEqual([]);
  });
});
