import { DEMO_RECORDS } from '@/demo/records';
import { crafterOf, RECIPE, isWithin } from '@tests/support/crafters';
import type { PressRecord } from '../model';
import { driftIn, likelyMore } from '.';
import { toldAs, type HeatVerdict } from './window';

const record = (
  day: number,
  verdict: HeatVerdict,
  part: Partial<PressRecord> = {},
): PressRecord => ({
  ...(DEMO_RECORDS[2] as PressRecord),
  ...toldAs(verdict, true),
  at: new Date(Date.UTC(2026, 0, day, 12)).toISOString(),
  ...part,
});
const log = (...verdicts: HeatVerdict[]) => verdicts.map((each, i) => record(i + 1, each));
const times = (n: number, verdict: HeatVerdict) => Array.from({ length: n }, () => verdict);

test('eight good ones, then three of four pale: the plate has begun to read otherwise', () => {
  expect(driftIn(log(...times(8, 'good'), 'pale', 'good', 'pale', 'pale'))).toMatchObject({
    to: 'cooler',
    lately: { off: 3 },
    before: { off: 0 },
  });
  expect(driftIn(log(...times(8, 'good'), ...times(4, 'over')))?.to).toBe('hotter');
});

test('one pale one is none; nor is one always half pale, a new setting, a test, or too few', () => {
  expect(driftIn(log(...times(8, 'good'), 'pale', 'good', 'good'))).toBeNull();
  expect(driftIn(log(...times(6, 'good').flatMap((g) => [g, 'pale' as const])))).toBeNull();
  expect(driftIn(log('good', 'good', 'pale', 'pale', 'pale'))).toBeNull();
  const good = log(...times(8, 'good'));
  const cooler = [9, 10, 11, 12].map((day) => record(day, 'pale', { temperatureC: 180 }));
  expect(driftIn([...good, ...cooler])).toBeNull();
  const tests = [9, 10, 11, 12].map((day) => record(day, 'pale', { test: true }));
  expect(driftIn([...good, ...tests])).toBeNull();
});

test('more of as many is likelier more; by the beta distribution as worked out by hand', () => {
  // p ~ Beta(2, 4), q ~ Beta(1, 5): P(p > q) = 1 − E(1 − p)⁵ = 1 − B(2, 9) / B(2, 4) = 7/9
  expect(likelyMore({ off: 1, of: 1 }, { off: 0, of: 1 })).toBeCloseTo(7 / 9, 9);
  const same = { off: 2, of: 9 };
  expect(likelyMore(same, same)).toBeCloseTo(0.5, 9);
});

test('simulated: a plate that falls by 15 K is found in most logs, a steady one accused in few', () => {
  const steady = Array.from({ length: 400 }, (_, i) => crafterOf(9000 + i)).filter((each) =>
    isWithin(each, RECIPE),
  );
  const told = steady.map((crafter) => {
    const before = Array.from({ length: 10 }, (_, i) =>
      record(i + 1, crafter.press(RECIPE).verdict),
    );
    const at = (c: number) =>
      Array.from({ length: 8 }, (_, i) =>
        record(20 + i, crafter.press({ ...RECIPE, temperatureC: 204.4 - c }).verdict),
      );
    return { same: driftIn([...before, ...at(0)]), fallen: driftIn([...before, ...at(15)]) };
  });
  const share = (some: (each: (typeof told)[number]) => boolean) =>
    told.filter(some).length / told.length;
  expect(share(({ same }) => same !== null)).toBeLessThan(0.06);
  expect(share(({ fallen }) => fallen?.to === 'cooler')).toBeGreaterThan(0.6);
});
