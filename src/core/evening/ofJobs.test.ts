import { goldenJobs } from '@tests/support/golden';
import { BUILT_IN_SHELF } from '../shelf';
import { faultsIn } from '@tests/support/evenings';
import { MOST_THINGS, type EveningWish } from '../model';
import {
  breaksOf,
  eveningOf,
  fairLooks,
  gathered,
  oneAfterAnother,
  pieceOf,
  planned,
  plannedAgain,
  reasonsOf,
  thoroughly,
} from '.';

const shelf = BUILT_IN_SHELF;
const alone = {
  ...{ people: 1, standing: 4, first: null },
  beginsAt: 19 * 60,
  endsBy: null,
  breaks: [],
  before: [],
};
const jobsCalled = (...ids: readonly string[]) => goldenJobs().filter(({ id }) => ids.includes(id));

test('what a finding stops is left out, and everything else is planned', () => {
  const { assembled, left } = eveningOf(jobsCalled('demo-navy', 'demo-comet'), shelf, alone);
  expect(left).toEqual([{ jobId: 'demo-navy', why: 'stopped' }]);
  expect(assembled.loads.map(({ things }) => things[0]?.jobId)).toEqual(['demo-comet']);
});

test('every copy of every row is a thing; more than an evening holds is refused whole', () => {
  const [mugs] = jobsCalled('demo-observers');
  if (!mugs) throw new Error('no mugs for the observers');
  expect(eveningOf([mugs], shelf, alone).assembled.loads).toHaveLength(4);
  const many = { ...mugs, items: mugs.items.map((item) => ({ ...item, copies: 40 })) };
  expect(4 * 40).toBeGreaterThan(MOST_THINGS);
  expect(eveningOf([many], shelf, alone).left).toEqual([{ jobId: mugs.id, why: 'too-many' }]);
});

test('blanks are counted by name, and none stands among what is laid ready besides', () => {
  const jobs = jobsCalled('demo-comet', 'demo-moons', 'demo-observers', 'demo-socks');
  const { blanks, supplies } = eveningOf(jobs, shelf, alone);
  const counts = Object.fromEntries(blanks.map(({ name, count }) => [name, count]));
  expect(Object.values(counts).reduce((sum, count) => sum + count, 0)).toBe(1 + 1 + 4 + 1);
  expect(counts['Straight mug, 12 oz']).toBe(6);
  const said = supplies.map(({ is }) => is);
  expect(said).not.toContain('cup');
  expect(said).not.toContain('sock-on-insert');
  expect(said).toContain('heat-gloves');
});

test('planned, it is shorter than one after another and no shorter than can be', () => {
  const jobs = jobsCalled('demo-comet', 'demo-moons', 'demo-tumbler', 'demo-coaster');
  const { evening } = eveningOf(jobs, shelf, alone).assembled;
  const { schedule, boundS, inTurnS } = planned(evening, 400);
  expect(inTurnS).toBe(oneAfterAnother(evening));
  expect(schedule.endS).toBeLessThan(inTurnS);
  expect(schedule.endS).toBeGreaterThanOrEqual(boundS);
  expect(planned({ ...evening, pieces: [] }, 400).schedule.endS).toBe(0);
});

test('looked for longer, a plan is never worse, nor shorter than can be; all looks are counted', () => {
  const jobs = jobsCalled('demo-moons', 'demo-layers', 'demo-tumbler', 'demo-coaster');
  const { evening } = eveningOf(jobs, shelf, alone).assembled;
  const known = planned(evening, 60);
  const again = [1, 2, 3].reduce((best, nth) => plannedAgain(evening, best, null, nth), known);
  expect(again.schedule.endS).toBeLessThanOrEqual(known.schedule.endS);
  expect(again.schedule.endS).toBeGreaterThanOrEqual(again.boundS);
  expect(again.looks).toBeGreaterThan(known.looks);
  expect(again.inTurnS).toBe(known.inTurnS);
});

test('breaks are by the clock on the wall: begun later, they are sooner; what overlaps is one', () => {
  const breaks = [
    { at: 20 * 60, lastsMin: 15 },
    { at: 20 * 60 + 10, lastsMin: 20 },
  ];
  expect(breaksOf({ beginsAt: 19 * 60, breaks })).toEqual([{ fromS: 3600, toS: 3600 + 1800 }]);
  expect(breaksOf({ beginsAt: 19 * 60 + 30, breaks })).toEqual([{ fromS: 1800, toS: 3600 }]);
});

test('the larger the evening, the fewer plans are looked at', () => {
  const looks = (...ids: string[]) =>
    fairLooks(eveningOf(jobsCalled(...ids), shelf, alone).assembled.evening);
  expect(looks('demo-tee')).toBeLessThan(looks('demo-comet'));
});

test('what is used up is added, what serves again is one, as large as the largest needs', () => {
  const paper = (count: number, widthMm: number) => ({
    is: 'cover-paper' as const,
    ...{ count, atLeast: { widthMm, heightMm: 200 }, lengthMm: null },
  });
  const pad = (widthMm: number) => ({
    is: 'soft-pad' as const,
    ...{ count: null, atLeast: { widthMm, heightMm: 100 }, lengthMm: null },
  });
  const tape = { is: 'tape' as const, count: null, atLeast: null, lengthMm: null };
  expect(
    gathered([
      [pad(150), tape, paper(2, 240)],
      [pad(300), tape, paper(3, 240), paper(1, 400)],
    ]),
  ).toEqual([paper(5, 240), paper(1, 400), pad(300), tape]);
});

test('what is wished first has its place first, and its price is told', () => {
  const jobs = jobsCalled('demo-comet', 'demo-moons', 'demo-tumbler', 'demo-coaster');
  const { assembled } = eveningOf(jobs, shelf, alone);
  const { evening } = assembled;
  const free = planned(evening, 300);
  for (const jobId of ['demo-coaster', 'demo-tumbler']) {
    const piece = pieceOf(assembled, { jobId, itemId: 'first', copy: 0 });
    expect(piece).not.toBeNull();
    const { schedule, priceS } = planned(evening, 300, piece);
    expect(faultsIn(evening, schedule)).toEqual([]);
    expect(priceS).toBe(Math.max(0, schedule.endS - free.schedule.endS));
    const own = schedule.placed.filter((each) => each.piece === piece);
    const ends = (of: typeof schedule) =>
      Math.max(...of.placed.filter((each) => each.piece === piece).map(({ endS }) => endS));
    // nothing of another piece stands in its way: it is done no later than by the free plan
    expect(ends(schedule)).toBeLessThanOrEqual(ends(free.schedule));
    expect(own).toHaveLength(evening.pieces[piece ?? 0]?.blocks.length ?? 0);
  }
  expect(pieceOf(assembled, { jobId: 'demo-tee', itemId: 'first', copy: 0 })).toBeNull();
});

test('the order has its reasons: what is done while a press cools really is done then', () => {
  const jobs = jobsCalled('demo-moons', 'demo-layers', 'demo-tumbler', 'demo-coaster');
  const { assembled } = eveningOf(jobs, shelf, alone);
  const plan = planned(assembled.evening, 2000);
  const { schedule } = plan;
  const reasons = reasonsOf(assembled, plan);
  const cooling = reasons.find((each) => each.code === 'meanwhile' && each.toC < each.fromC);
  if (cooling?.code !== 'meanwhile') throw new Error('the press of the tee cools for its vinyl');
  const change = schedule.changes.find(
    ({ machine, from, toS, readyS }) =>
      machine === cooling.machine && from !== null && readyS - toS === cooling.takesS,
  );
  expect(change).toBeDefined();
  for (const other of cooling.others)
    expect(
      schedule.placed.some(({ piece, block, startS }) => {
        const use = assembled.evening.pieces[piece]?.blocks[block]?.use;
        const [from, to] = [change?.toS ?? 0, change?.readyS ?? 0];
        return use?.machine === other && startS + use.fromS < to && startS + use.toS > from;
      }),
    ).toBe(true);
  expect(cooling.handsS).toBeGreaterThan(0);
  const nothing = { placed: [], changes: [], endS: 0 };
  expect(reasonsOf(assembled, { schedule: nothing, order: new Int32Array(0) })).toEqual([]);
});

test('moved by hand, a piece goes into its machine before another, and the price is told; a circle is not followed', () => {
  const jobs = jobsCalled('demo-comet', 'demo-moons', 'demo-tumbler');
  const thing = (jobId: string) => ({ jobId, itemId: 'first', copy: 0 });
  const before: EveningWish['before'] = [
    [thing('demo-tumbler'), thing('demo-moons')],
    [thing('demo-moons'), thing('demo-comet')],
    [thing('demo-comet'), thing('demo-tumbler')],
  ];
  const { assembled } = eveningOf(jobs, shelf, { ...alone, before });
  const { evening } = assembled;
  const plan = thoroughly(evening, planned(evening, 600), null);
  expect(faultsIn(evening, plan.schedule)).toEqual([]);
  const starts = ['demo-tumbler', 'demo-moons', 'demo-comet'].map((jobId) => {
    const piece = pieceOf(assembled, thing(jobId)) ?? -1;
    const pressed = plan.schedule.placed.find(
      (each) => each.piece === piece && evening.pieces[piece]?.blocks[each.block]?.use,
    );
    return pressed?.startS ?? NaN;
  });
  expect(starts).toEqual([...starts].sort((a, b) => a - b));
  const free = eveningOf(jobs, shelf, alone).assembled.evening;
  const { schedule } = thoroughly(free, planned(free, 600), null);
  expect(plan.schedule.endS).toBeGreaterThanOrEqual(schedule.endS);
  expect(plan.priceS).toBeGreaterThanOrEqual(0);
});

test('of a small evening every order is tried; a large one is as it was', () => {
  const { evening } = eveningOf(jobsCalled('demo-comet', 'demo-moons'), shelf, alone).assembled;
  const plan = planned(evening, 1);
  const least = thoroughly(evening, plan, null);
  expect(least.allTried).toBe(true);
  expect(least.schedule.endS).toBeLessThanOrEqual(planned(evening, 3000).schedule.endS);
  expect(least.schedule.endS).toBeGreaterThanOrEqual(least.boundS);
  const large = eveningOf(jobsCalled('demo-tee', 'demo-moons', 'demo-layers'), shelf, alone);
  const known = planned(large.assembled.evening, 10);
  expect(thoroughly(large.assembled.evening, known, null).schedule).toBe(known.schedule);
});
