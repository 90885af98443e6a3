import { alikeTo, lastTimes, sufferedAt, type Drift } from '@/core/log';
import { FAULT_IDS } from '@/core/model';
import { DEMO_RECORDS } from '@/demo/records';
import { blankOf, shelf } from '@tests/support/jobs';
import {
  broughtInWords,
  driftWords,
  PREVENTED_BY,
  spoiledWords,
  sufferedWords,
  triedWords,
} from './lastTimes';
import { TRADE_UNITS } from './units';

const METRIC = { length: 'mm', temperature: '°C' } as const;
const { same } = alikeTo(
  { blank: blankOf('mug-12oz'), transfer: 'sublimation', machineId: 'mug-attachment' },
  DEMO_RECORDS,
  shelf,
);
const here = same.filter(({ machineId }) => machineId === 'mug-attachment');

test('what was tried, and what was otherwise in the one that browned', () => {
  const { tried, spoiled } = lastTimes(here, 'Press with mug attachment');
  const [best] = tried;
  expect(best && triedWords(best, TRADE_UNITS)).toBe(
    '400 °F · 3 min on “Press with mug attachment”: 3 of 4 good, 1 usable',
  );
  const browned = spoiled.find(({ record }) => record.faults.includes('scorched'));
  const told = (units: typeof METRIC | typeof TRADE_UNITS) =>
    browned && spoiledWords(browned.record, browned.otherwise, units);
  expect(told(TRADE_UNITS)).toMatch(
    /^[34] Sep 2026: spoiled \(brown or yellow\); otherwise than in a good one: 20 °F hotter, 60 s longer\.$/,
  );
  expect(told(METRIC)).toContain('11 °C hotter');
  const [any] = here;
  expect(any && spoiledWords(any, null, METRIC)).toContain('none came out well');
  expect(any && spoiledWords(any, [], METRIC)).toContain('nothing that is written down');
});

test('a machine that heats otherwise than it did is told of with counts and what to do', () => {
  const drift: Drift = {
    to: 'cooler',
    since: '2026-09-08T10:00:00.000Z',
    sure: 0.99,
    lately: { off: 3, of: 4 },
    before: { off: 0, of: 8 },
  };
  expect(driftWords(drift)).toMatch(
    /^Since 8 Sep 2026 3 of 4 came out pale with figures that were good before \(then 0 of 8\)\. The plate may have begun to be cooler than it shows: measure it/,
  );
});

test('every other difference has its words', () => {
  const [any] = here;
  if (!any) throw new Error('the demo has pressings');
  const told = spoiledWords(
    any,
    [
      { what: 'pressure', from: 'medium', to: 'light' },
      { what: 'paper', name: 'A4' },
      { what: 'pad', had: false },
      { what: 'used-cover', had: true },
      { what: 'over-dye', had: true },
    ],
    METRIC,
  );
  expect(told).toContain(
    'light pressure, not medium, “A4”, without a pad, used cover paper, over finished dye',
  );
});

test('a fault once suffered says what prevents it; every fault has something that does', () => {
  const [faded] = sufferedAt('heat', same);
  expect(faded && sufferedWords(faded)).toMatch(
    /^4 times, last on [89] Sep 2026, on the like of it: faded all over\. This time see that the plate/,
  );
  for (const fault of FAULT_IDS) expect(PREVENTED_BY[fault]).toBeTruthy();
});

test('what was brought in is counted', () => {
  expect(broughtInWords({ fresh: [1], known: 0, other: 0 })).toBe('1 pressing brought in.');
  expect(broughtInWords({ fresh: [], known: 3, other: 2 })).toBe(
    '0 pressings brought in, 3 were here already, 2 are told otherwise here and stay as they are.',
  );
});
