import { DEMO_RECORDS } from '@/demo/records';
import { mugJob, shelf } from '@tests/support/jobs';
import { jobSchema, migrate, recordSchema, shelfSchema, UnknownVersionError } from '.';

test('what we make ourselves is valid', () => {
  expect(jobSchema.parse(mugJob())).toEqual(mugJob());
  expect(shelfSchema.parse(shelf)).toEqual(shelf);
  expect(DEMO_RECORDS.map((record) => recordSchema.parse(record))).toEqual(DEMO_RECORDS);
});

test.each([
  ['a negative height', { wallHeightMm: -1 }],
  ['a height of no number', { wallHeightMm: Number.NaN }],
  ['a mug as large as a house', { girthMm: 1e9 }],
])('%s is refused', (_what, form) => {
  const job = mugJob();
  const wrong = { ...job, blank: { ...job.blank, form: { ...job.blank.form, ...form } } };
  expect(jobSchema.safeParse(wrong).success).toBe(false);
});

describe('documents of other versions', () => {
  const steps = {
    1: (d: Record<string, unknown>) => ({ ...d, colour: 'white' }),
    2: (d: Record<string, unknown>) => ({ ...d, colour: [d.colour] }),
  };

  test('old ones are brought forward step by step', () => {
    expect(migrate({ name: 'mug' }, 1, 3, steps)).toEqual({ name: 'mug', colour: ['white'] });
    expect(migrate({ colour: 'red' }, 2, 3, steps)).toEqual({ colour: ['red'] });
  });

  test('today’s pass through', () => {
    const document = { name: 'mug' };
    expect(migrate(document, 3, 3, steps)).toBe(document);
  });

  test.each([4, 0, 1.5, Number.NaN])('version %d is refused', (version) => {
    expect(() => migrate({}, version, 3, steps)).toThrow(UnknownVersionError);
  });

  test('a gap in the path is refused', () => {
    expect(() => migrate({}, 1, 3, { 2: steps[2] })).toThrow(/version 1: no-version/);
  });
});
