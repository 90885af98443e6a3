import { goldenJobs } from '@tests/support/golden';
import { DEMO_RECORDS } from '@/demo/records';
import { itemLabels, type Good, type Job, type Money, type PressRecord } from '../model';
import { planJob } from '../plan';
import { pressedAgain } from '../press';
import { BUILT_IN_SHELF } from '../shelf';
import {
  added,
  booked,
  costsOf,
  keyOf,
  shareOf,
  shortOf,
  spentAgain,
  spentBy,
  spoiledAgain,
  spoiledIn,
  spoiledShare,
  type Spent,
} from '.';

const shelf = BUILT_IN_SHELF;
const jobCalled = (id: string): Job => {
  const job = goldenJobs().find((each) => each.id === id);
  if (!job) throw new Error(`no ${id}`);
  return job;
};
const spentOf = (id: string) => spentBy(jobCalled(id), planJob(jobCalled(id), shelf));
const countOf = (spent: readonly Spent[], key: string) =>
  spent.find(({ of }) => keyOf(of) === key)?.count ?? 0;

const mugs = (left: number | null, price: number | null = 30): Good => ({
  ...{ id: 'blank-mug-12oz', name: 'Straight mug, 12 oz', left, test: 0 },
  of: { kind: 'blank', blankId: 'mug-12oz' },
  pack: { count: 12, price },
});
const sleeves: Good = {
  ...{ id: 'supply-shrink-sleeve', name: 'Shrink sleeve', left: 3, test: 0 },
  ...{ of: { kind: 'supply', is: 'shrink-sleeve' }, pack: { count: 10, price: 8 } },
};

test('four mugs use up four mugs, their sheets, and a sleeve each where they go into the oven', () => {
  const observers = spentOf('demo-observers');
  const { blank, items } = jobCalled('demo-observers');
  expect(items).toHaveLength(4);
  expect(countOf(observers, `blank-${blank.id}`)).toBe(4);
  const paper = observers.find(({ of }) => of.kind === 'paper');
  expect(paper?.count).toBe(planJob(jobCalled('demo-observers'), shelf).sheets.length);
  expect(countOf(spentOf('demo-moons'), 'supply-shrink-sleeve')).toBe(1);
});

test('a second heat uses up its sleeve again, no mug and no sheet; what it spoils or saves is one blank', () => {
  const moons = jobCalled('demo-moons');
  const first = planJob(moons, shelf).press.program;
  const again = pressedAgain(first, { how: 'under-its-paper', dwellS: 180 });
  const spent = spentAgain(again);
  expect(spent.map(({ of }) => of.kind)).not.toContain('blank');
  expect(countOf(spent, 'supply-shrink-sleeve')).toBe(1);

  const came = (outcome: PressRecord['outcome']) => ({ outcome, items: [] });
  expect(spoiledAgain(moons, came('usable'), 'good')).toEqual([]);
  expect(spoiledAgain(moons, null, 'spoiled')).toMatchObject([{ count: 1 }]);
  const saved = spoiledAgain(moons, came('spoiled'), 'usable');
  expect(saved).toMatchObject([{ blankId: moons.blank.id, count: -1 }]);
  const { id: blankId, name } = moons.blank;
  const good: Good = {
    id: 'b',
    of: { kind: 'blank', blankId },
    name,
    left: 4,
    pack: null,
    test: 1,
  };
  expect(booked({ goods: [good], papers: [] }, [], saved).goods).toMatchObject([
    { left: 4, test: 0 },
  ]);
});

test('several jobs are added thing by thing; half of the things use up half', () => {
  const both = added([spentOf('demo-comet'), spentOf('demo-moons')]);
  const blanks = both.filter(({ of }) => of.kind === 'blank');
  expect(blanks.reduce((sum, { count }) => sum + count, 0)).toBe(2);
  const share = shareOf([{ of: mugs(0).of, name: 'mug', count: 4 }], 2, 4);
  expect(share.map(({ count }) => count)).toEqual([2]);
});

test('what runs short is told in packs and money; what is not counted never is', () => {
  const needed: Spent[] = [{ of: mugs(0).of, name: 'mug', count: 26 }];
  expect(shortOf(needed, { goods: [mugs(11)], papers: [] })).toMatchObject([
    { left: 11, missing: 15, packs: 2, price: 60 },
  ]);
  expect(shortOf(needed, { goods: [mugs(11, null)], papers: [] })).toMatchObject([
    { packs: 2, price: null },
  ]);
  expect(shortOf(needed, { goods: [mugs(26)], papers: [] })).toEqual([]);
  expect(shortOf(needed, { goods: [mugs(null)], papers: [] })).toEqual([]);
  expect(shortOf(needed, { goods: [], papers: [] })).toEqual([]);
});

test('what is finished is taken off what is left, never below none; spoiled ones are kept to try things on', () => {
  const spent: Spent[] = [
    { of: mugs(0).of, name: 'mug', count: 4 },
    { of: sleeves.of, name: 'sleeve', count: 4 },
  ];
  const spoiled = [{ blankId: 'mug-12oz', name: 'Straight mug, 12 oz', count: 1 }];
  const after = booked({ goods: [mugs(11), sleeves], papers: [] }, spent, spoiled);
  expect(after.goods).toMatchObject([
    { id: 'blank-mug-12oz', left: 7, test: 1 },
    { id: 'supply-shrink-sleeve', left: 0 },
  ]);
  // a spoiled blank is kept even where blanks are not counted
  expect(booked({ goods: [], papers: [] }, spent, spoiled).goods).toMatchObject([
    { id: 'blank-mug-12oz', left: null, test: 1 },
  ]);
});

test('sheets are taken off their own paper', () => {
  const [paper] = shelf.papers;
  if (!paper) throw new Error('no paper');
  const product = { transfer: null, roll: false, pack: { sheets: 100, price: 25 }, left: 40 };
  const own = { ...paper, product: { ...DEFAULTS, ...product } };
  const spent: Spent[] = [{ of: { kind: 'paper', paperId: paper.id }, name: paper.name, count: 6 }];
  const { papers } = booked({ goods: [], papers: [own] }, spent);
  expect(papers.map((each) => each.product?.left)).toEqual([34]);
  expect(
    shortOf([{ of: { kind: 'paper', paperId: paper.id }, name: paper.name, count: 50 }], {
      goods: [],
      papers: [own],
    }),
  ).toMatchObject([{ missing: 10, packs: 1, price: 25 }]);
});
const DEFAULTS = {
  ...{
    side: '',
    settings: [],
    thicknessMm: null,
    peel: null,
    mirrored: null,
    wash: '',
    figures: [],
  },
};

describe('what a mug costs', () => {
  const job = jobCalled('demo-moons');
  const plan = planJob(job, shelf);
  const none: Money = { inkPerMl: null, inkMlPerM2: null, perKwh: null, watts: [] };
  const at = (money: Money, goods: readonly Good[], records: readonly PressRecord[] = []) =>
    costsOf(job, plan, { stock: { goods, papers: shelf.papers }, money, records });

  test('nothing is guessed: without figures nothing is known', () => {
    const { lines, sum } = at(none, []);
    expect(sum).toBe(0);
    expect(lines.every(({ amount }) => amount === null || amount === 0)).toBe(true);
  });

  test('a mug out of a pack of 12 at 30 is 2.50, a sleeve out of ten at 8 is 0.80', () => {
    const known = { ...mugs(12), of: { kind: 'blank' as const, blankId: job.blank.id } };
    const { lines } = at(none, [known, sleeves]);
    const amounts = Object.fromEntries(lines.map(({ of, amount }) => [of, amount]));
    expect(amounts.blank).toBeCloseTo(2.5, 9);
    expect(amounts.supplies).toBeCloseTo(0.8, 9);
    // without sleeves on the shelf nobody knows
    expect(at(none, [known]).lines.find(({ of }) => of === 'supplies')?.amount).toBeNull();
  });

  test('electricity is the oven’s watts for its time, at most: 1500 W for warming up and fifteen minutes', () => {
    const money: Money = { ...none, perKwh: 0.3, watts: [{ machineId: 'oven', watts: 1500 }] };
    const power = at(money, []).lines.find(({ of }) => of === 'power')?.amount ?? 0;
    const { operations } = plan.press.program;
    const s = operations
      .filter(({ onMachine, kind }) => onMachine || kind === 'warm-up')
      .reduce((sum, { lasts }) => sum + lasts.usualS, 0);
    expect(power).toBeCloseTo(((1500 * s) / 3_600_000) * 0.3, 9);
    expect(s).toBeGreaterThanOrEqual(15 * 60);
  });

  test('one of five spoiled: what is spoiled is made once more, a quarter on top', () => {
    const [record] = DEMO_RECORDS;
    if (!record) throw new Error('no record');
    const like = (outcome: PressRecord['outcome'], i: number): PressRecord => ({
      ...{ ...record, id: `r${i}`, outcome, blankId: job.blank.id, transfer: job.transfer },
    });
    const records = (['good', 'good', 'good', 'usable', 'spoiled'] as const).map(like);
    expect(spoiledShare(records, job)).toBe(0.2);
    expect(spoiledShare(records.slice(1), job)).toBeNull();
    const known = { ...mugs(12), of: { kind: 'blank' as const, blankId: job.blank.id } };
    const { lines, sum } = at(none, [known], records);
    const made = lines
      .filter(({ of }) => of !== 'spoiled')
      .reduce((total, { amount }) => total + (amount ?? 0), 0);
    expect(sum).toBeCloseTo(made * 1.25, 9);
  });
});

test('what of a job was spoiled is counted by its rows: the whole, or those told otherwise', () => {
  const job = jobCalled('demo-observers');
  const [first] = itemLabels(job);
  const count = (told: Parameters<typeof spoiledIn>[1]) =>
    spoiledIn(job, told).reduce((sum, each) => sum + each.count, 0);
  expect(count({ outcome: 'good', items: [] })).toBe(0);
  expect(count({ outcome: 'spoiled', items: [] })).toBe(4);
  const one = { variant: first ?? '', outcome: 'spoiled' as const, faults: [] };
  expect(count({ outcome: 'good', items: [one] })).toBe(1);
  expect(count({ outcome: 'spoiled', items: [{ ...one, outcome: 'usable' }] })).toBe(3);
});
