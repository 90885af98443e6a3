import { mugJob, shelf } from '@tests/support/jobs';
import { planJob } from '../plan';
import { heated, secondDwellS, setupOf } from '.';

const setupOn = (machineId: string) => {
  const job = { ...mugJob(), heat: { ...mugJob().heat, machineId } };
  const [pass] = planJob(job, shelf).press.passes;
  if (!pass) throw new Error('a job has a pass');
  return setupOf(pass, job.blank);
};

test.each(['oven', 'mug-attachment', 'mug-press'])(
  'a second heat on %s brings a third of the first, from cold, in whole five seconds',
  (machineId) => {
    const setup = setupOn(machineId);
    const dwellS = secondDwellS(setup);
    const [whole, again] = [setup, { ...setup, dwellS }].map((each) => heated(each)?.doseS ?? 0);
    expect((again ?? 0) / (whole ?? 1)).toBeGreaterThan(0.25);
    expect((again ?? 0) / (whole ?? 1)).toBeLessThan(0.42);
    expect(dwellS % 5).toBe(0);
    // a cup has to get warm first
    expect(dwellS / setup.dwellS).toBeGreaterThan(1 / 3);
  },
);
