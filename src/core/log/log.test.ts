import { DEMO_RECORDS } from '@/demo/records';
import { mugJob, NOW, shelf } from '@tests/support/jobs';
import { recordSchema } from '../model';
import { planJob } from '../plan';
import { TRADE_UNITS } from '../units';
import { commonestFault, logLesson, recordOf, tally } from '.';

test('pressings at one setting are counted together, the best first', () => {
  const [best] = tally(DEMO_RECORDS);
  expect(best).toMatchObject({ dwellS: 180, counts: { good: 3, usable: 1, spoiled: 0 }, total: 4 });
  const all = tally(DEMO_RECORDS).reduce((sum, { total }) => sum + total, 0);
  expect(all).toBe(DEMO_RECORDS.length);
});

test('the log’s lesson names the best setting and the commonest fault with its cause', () => {
  expect(logLesson(DEMO_RECORDS, TRADE_UNITS)).toMatch(
    /Best so far: 400 °F · 3 min on “Press with mug attachment”, 3 of 4 good\. Commonest fault: faded all over, 4 times; usually too cool/,
  );
});

test('too little is called too little', () => {
  expect(logLesson(DEMO_RECORDS.slice(0, 1), TRADE_UNITS)).toMatch(/^Too few/);
  expect(commonestFault([])).toBeNull();
});

test('a record takes the settings from the plan by itself', () => {
  const job = mugJob();
  const told = { outcome: 'good' as const, faults: [], note: '', photoSha256: null };
  const record = recordOf('r1', job, planJob(job, shelf), told, NOW);
  expect(recordSchema.parse(record)).toMatchObject({
    machineName: 'Automatic mug press',
    temperatureC: null,
    dwellS: 420,
    paperName: 'US letter',
    mirroredBy: 'file',
  });
});
