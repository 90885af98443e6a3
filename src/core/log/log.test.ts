import { DEMO_RECORDS } from '@/demo/records';
import { mugJob, NOW, pressedBy, shelf } from '@tests/support/jobs';
import { recordSchema } from '../model';
import { planJob } from '../plan';
import { commonestFault, comparableDwellS, kindsIn, recordOf, tally } from '.';

test('pressings at one setting are counted together, the best first', () => {
  const [best] = tally(DEMO_RECORDS);
  expect(best).toMatchObject({ dwellS: 180, counts: { good: 3, usable: 1, spoiled: 0 }, total: 4 });
  const all = tally(DEMO_RECORDS).reduce((sum, { total }) => sum + total, 0);
  expect(all).toBe(DEMO_RECORDS.length);
});

test('nothing has no commonest fault', () => {
  expect(commonestFault([])).toBeNull();
});

test('a record takes the settings from the plan by itself', () => {
  const job = mugJob();
  const told = { outcome: 'good' as const, faults: [], note: '', photoSha256: null, items: [] };
  const record = recordOf('r1', { job, plan: planJob(job, shelf), run: null }, told, NOW);
  expect(recordSchema.parse(record)).toMatchObject({
    ...{ blankId: 'mug-12oz', machineId: 'mug-press', machineName: 'Automatic mug press' },
    ...{ transfer: 'sublimation', recipeId: 'mug-in-press', paperId: 'letter' },
    temperatureC: null,
    dwellS: 420,
    paperName: 'US letter',
    mirroredBy: 'file',
  });
});

test('what was run and the seconds it was really pressed go into the record', () => {
  const job = mugJob();
  const plan = planJob(job, shelf);
  const { program } = plan.press;
  const pressAt = program.operations.findIndex(({ kind }) => kind === 'press');
  const run = pressedBy(program, {
    until: pressAt + 1,
    lastsS: ({ kind }) => (kind === 'press' ? 360 : null),
  });
  const told = { outcome: 'usable' as const, faults: [], note: '', photoSha256: null, items: [] };
  // the job is changed before it is written down: the record tells what was pressed
  const changed = { ...job, heat: { ...job.heat, machineId: 'oven' } };
  const later = { job: changed, plan: planJob(changed, shelf), run };
  const record = recordSchema.parse(recordOf('r2', later, told, NOW));
  expect(record).toMatchObject({
    ...{ dwellS: 360, temperatureC: null },
    ...{ machineId: 'mug-press', machineName: 'Automatic mug press' },
  });
  expect(record.program?.operations).toHaveLength(program.operations.length);
  expect(record.events).toHaveLength(run.events.length);
});

test('a press opened some seconds late counts as what was set; another time to five seconds', () => {
  const job = mugJob();
  const plan = planJob(job, shelf);
  const told = { outcome: 'good' as const, faults: [], note: '', photoSha256: null, items: [] };
  const run = pressedBy(plan.press.program, { until: 0 });
  const pressed = (dwellS: number) => ({
    ...recordOf('r', { job, plan, run }, told, NOW),
    dwellS,
  });
  // set to 420 s: within a twentieth
  expect([416, 420, 432].map((s) => comparableDwellS(pressed(s)))).toEqual([420, 420, 420]);
  expect(comparableDwellS(pressed(363))).toBe(365);
  expect(comparableDwellS({ ...pressed(912), program: null })).toBe(912);
  expect(tally([pressed(416), pressed(431)])).toHaveLength(1);
});

test('a log is kept apart by what was pressed, the latest kind first', () => {
  const [mug] = DEMO_RECORDS;
  if (!mug) throw new Error('the demo has pressings');
  const tee = { ...mug, id: 't', blankId: 'tee', blankName: 'Tee', at: '2027-01-01T00:00:00.000Z' };
  const vinyl = { ...mug, id: 'v', transfer: 'vinyl' as const, at: '2020-01-01T00:00:00.000Z' };
  const kinds = kindsIn([vinyl, ...DEMO_RECORDS, tee]);
  expect(kinds.map(({ records }) => records.length)).toEqual([1, DEMO_RECORDS.length, 1]);
  expect(kinds[0]).toMatchObject({ blankName: 'Tee', transfer: 'sublimation' });
  expect(kindsIn([])).toEqual([]);
});
