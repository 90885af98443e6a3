import { shelf, times } from '@tests/support/jobs';
import { jobFor, type Row } from '@tests/support/presses';
import { inches } from '../units';
import { planJob } from '../plan';
import { TOOLS_OF_HAND } from '.';

const suppliesOf = (row: Omit<Row, 'line'>, copies = 1) => {
  const job = jobFor({ ...row, line: '' });
  return planJob(times(job, copies), shelf).press.supplies;
};

test('covers are larger than the print, and as many as are spent', () => {
  const tee = suppliesOf({ on: 'tee', with: 'plate-press' }, 3);
  const paper = tee.find(({ is }) => is === 'cover-paper');
  // 8 × 4 in of picture; one sheet a tee and load
  expect(paper?.count).toBe(3);
  expect(paper?.atLeast?.widthMm).toBeGreaterThan(inches(8));
  expect(paper?.atLeast?.heightMm).toBeGreaterThan(inches(4));
  expect(tee.find(({ is }) => is === 'cloth')).toMatchObject({ atLeast: null });
  expect(tee.map(({ is }) => is)).not.toContain('plate');
});

test('a mug in the oven: the sleeve’s length, tape and a heat gun; nothing flat', () => {
  const mug = suppliesOf({ on: 'mug-12oz', with: 'oven' });
  const sleeve = mug.find(({ is }) => is === 'shrink-sleeve');
  // wall 3.79 in and half an inch over at both ends (from memory)
  expect(sleeve?.lengthMm).toBeCloseTo(inches(4.79), 3);
  expect(mug.map(({ is }) => is)).toEqual(
    expect.arrayContaining(['tape', 'heat-gun', 'heat-gloves', 'tape-measure']),
  );
});

test('every thing has its own print and sleeve, however many stand in the machine at once', () => {
  const count = (of: ReturnType<typeof suppliesOf>, what: string) =>
    of.find(({ is }) => is === what)?.count;
  const mugs = suppliesOf({ on: 'mug-12oz', with: 'oven' }, 4);
  expect([count(mugs, 'print'), count(mugs, 'shrink-sleeve')]).toEqual([4, 4]);
  // several coasters lie on the plate at once, under one cover; over 60 loads none is forgotten
  const coasters = suppliesOf({ on: 'round-coaster', with: 'plate-press' }, 12);
  expect(count(coasters, 'print')).toBe(12);
  expect(count(coasters, 'cover-paper')).toBeLessThan(12);
  expect(count(suppliesOf({ on: 'tee', with: 'plate-press' }, 90), 'print')).toBe(90);
});

test('vinyl is weeded, and what no task needs is not asked for', () => {
  const vinyl = suppliesOf({ on: 'tee', by: 'vinyl', with: 'plate-press' });
  const tools = vinyl.map(({ is }) => is).filter((is) => TOOLS_OF_HAND.some((tool) => tool === is));
  expect(tools).toEqual(['heat-gloves', 'lint-roller', 'weeding-hook', 'tape-measure']);
});

test('a hand press is set down on a mat of its own, a plate press brings its pad, an iron wants a hard table', () => {
  const asked = (row: Omit<Row, 'line'>) => suppliesOf(row).map(({ is }) => is);
  expect(asked({ on: 'tea-towel', with: 'hand-press' })).toContain('pressing-mat');
  expect(asked({ on: 'tee', with: 'plate-press' })).not.toContain('pressing-mat');
  expect(asked({ on: 'tote', by: 'light-paper', with: 'iron' })).not.toContain('pressing-mat');
});
