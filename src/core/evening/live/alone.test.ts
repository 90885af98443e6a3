import { mugJob, NOW, pressedBy, runOf, shelf, times } from '@tests/support/jobs';
import {
  FIRST_WISH,
  readDocument,
  type EveningRun,
  type Job,
  type KeptEvening,
  type Operation,
} from '../../model';
import { planJob } from '../../plan';
import { whatWasDone } from '../../press';
import { eveningOf, firstThings, onceMore } from '../ofJobs';
import {
  assembledOf,
  beginEvening,
  eveningOfRun,
  guideAt,
  hasRested,
  isOutdated,
  isReady,
  joined,
  machineCautions,
  pressingOf,
  stateOf,
  touched,
  type NewThing,
} from '.';

const after = (s: number) => new Date(NOW.getTime() + 1000 * s);
const inOven = (job: Job): Job => ({ ...job, heat: { ...job.heat, machineId: 'oven' } });
const thingsOf = (job: Job) => eveningOf([job], shelf, FIRST_WISH).things;
const asNew = (job: Job): NewThing[] =>
  thingsOf(job).map((thing) => ({ ...thing, jobName: job.name, called: '' }));
const setUp = { machines: shelf.machines, people: 1, standing: 4, before: [] };
const begun = (job: Job): EveningRun => beginEvening(asNew(job), setUp, null, NOW);
const kept = (run: EveningRun | null): KeptEvening => ({ jobIds: [], wish: FIRST_WISH, run });

test('a second heat is one of its things alone, and the job is not outdated by it', () => {
  const made = onceMore(
    times(mugJob(), 3),
    { how: 'under-its-paper', dwellS: 60 },
    shelf,
    FIRST_WISH,
  );
  if (typeof made === 'string') throw new Error(made);
  expect(made.things.map(({ program }) => program.conditions.again)).toEqual(['under-its-paper']);
  const things = made.things.map((thing) => ({ ...thing, jobName: 'Mug', called: '' }));
  const run = beginEvening(things, setUp, null, NOW);
  expect(isOutdated(run, thingsOf(mugJob()))).toBe(false);
  const stopped = { ...mugJob(), transfer: 'vinyl' as const };
  expect(onceMore(stopped, { how: 'what-lifts', dwellS: 15 }, shelf, FIRST_WISH)).toBe('stopped');
});

describe('a job pressed by itself', () => {
  test('as many of its things as an evening holds, the first of them', () => {
    const three = times(mugJob(), 3);
    expect(firstThings(three, 5)).toBe(three);
    const two = { ...three, items: [...three.items, { ...three.items[0], id: 'other' }] } as Job;
    expect(firstThings(two, 4).items.map(({ copies }) => copies)).toEqual([3, 1]);
    expect(firstThings(two, 3).items).toHaveLength(1);
  });

  test('how far it has come, step by step', () => {
    const run = begun(mugJob());
    const made = assembledOf(run);
    const first = stateOf(run, NOW);
    expect(first).toMatchObject({ done: 0, things: 1, finished: false });
    let [next, s] = [run, 0];
    for (; s < 7200 && !stateOf(next, after(s)).finished; s += 5)
      next = touched(made, next, 0, after(s));
    expect(stateOf(next, after(s))).toEqual({ ...first, done: first.of, finished: true });
  });

  test('a change of the job is noticed, hands that were timed meanwhile are none', () => {
    const run = begun(mugJob());
    expect(isOutdated(run, thingsOf(mugJob()))).toBe(false);
    expect(isOutdated(run, thingsOf(inOven(mugJob())))).toBe(true);
    expect(isOutdated(run, thingsOf(times(mugJob(), 2)))).toBe(true);
    const timed = run.programs.flatMap(({ operations }) =>
      operations.map(({ does }) => [does, { s: 999, times: 4, logs: 0 }] as const),
    );
    const { things } = eveningOf([mugJob()], shelf, FIRST_WISH, new Map(timed));
    expect(isOutdated(run, things)).toBe(false);
  });

  test('hot or cool sooner than thought, by lamp and by touch: it goes on', () => {
    const run = begun(mugJob());
    const made = assembledOf(run);
    let [next, s] = [run, 0];
    const on = () => guideAt(made, next, s);
    while (on().now[0]?.does !== 'wait') next = touched(made, next, 0, after((s += 5)));
    expect(on().progress.machines[0]?.readyS).toBeGreaterThan(s + 60);
    next = isReady(next, 'mug-press', after(s));
    expect(on().now[0]?.does).toMatch(/^(start|work)$/);
    while (on().clocks.length === 0) next = touched(made, next, 0, after((s += 5)));
    s = Math.ceil(on().clocks[0]?.bellS ?? 0) + 1;
    next = touched(made, next, 0, after(s));
    expect(on().now[0]?.does).toBe('wait');
    next = hasRested(next, 0, after(s));
    expect(on().now[0]?.does).toBe('work');
  });

  test('what an oven asks to take care of is told when it is switched on', () => {
    const run = begun(inOven(mugJob()));
    const made = assembledOf(run);
    const [act] = guideAt(made, run, 0).now;
    if (act?.does !== 'set') throw new Error(`not ${act?.does}`);
    expect(machineCautions(made, run, act)).toContain('no-food-in-that-oven');
  });
});

describe('a pressing that an older version kept', () => {
  const { program } = planJob(inOven(mugJob()), shelf).press;
  const thing = { jobId: 'job-1', itemId: 'item', copy: 0, jobName: 'Mug', called: '', program };
  const taken = (until: number, lastsS?: (operation: Operation) => number | null) =>
    eveningOfRun(
      {
        ...{ ...pressedBy(program, { until, lastsS }), jobId: 'job-1', before: null },
        startedAt: NOW.toISOString(),
      },
      thing,
      shelf.machines,
      NOW,
    );

  test('goes on where it stood: the oven is on, what was done is done, its clock runs', () => {
    const press = program.operations.findIndex(({ kind }) => kind === 'press');
    const run = taken(press, ({ countedS }) => countedS);
    const made = assembledOf(run);
    const at = Date.parse(run.events.at(-1)?.at ?? '') / 1000 - NOW.getTime() / 1000;
    const guide = guideAt(made, run, at + 1);
    expect(guide.progress.machines[0]?.setting).toBe(0);
    expect(guide.now[0]?.does).toBe('start');
  });

  test('all of it done, it is over, and its seconds are known', () => {
    const run = taken(program.operations.length, ({ countedS }) => countedS);
    expect(stateOf(run, after(7200)).finished).toBe(true);
    const pressing = pressingOf(assembledOf(run), run, 0);
    expect(pressing && whatWasDone(pressing, 'sublimation').pressedS).toBe(900);
  });

  test('the oldest told only how many steps it had gone through', () => {
    const read = readDocument('run', 3, {
      ...{ jobId: 'job-1', startedAt: NOW.toISOString() },
      ...{ stepIndex: 2, countdownFrom: null },
    });
    if (!read.ok) throw new Error(read.reason.code);
    const run = eveningOfRun(read.value, thing, shelf.machines, NOW);
    expect(run.events.map(({ kind }) => kind)).toEqual(['set', 'ended', 'ended']);
    expect(runOf('job-1').program).not.toBeNull();
  });
});

describe('two tabs at the same moment', () => {
  const base = begun(mugJob());
  const made = assembledOf(base);
  const mine = touched(made, base, 0, after(3));

  test('what both said is kept, once', () => {
    const theirs = { ...base, order: [...base.order].reverse(), told: [] };
    const both = joined(kept(base), kept(mine), kept(theirs));
    expect(both?.run?.events).toEqual(mine.events);
    expect(both?.run?.order).toEqual(theirs.order);
    expect(joined(kept(base), kept(mine), kept(mine))?.run?.events).toEqual(mine.events);
  });

  test('a step taken back stays taken back, whoever touched meanwhile', () => {
    const back = { ...mine, events: base.events };
    const theirs = touched(made, mine, 0, after(9));
    const both = joined(kept(mine), kept(back), kept(theirs));
    expect(both?.run?.events.some(({ at }) => at === after(3).toISOString())).toBe(false);
    expect(both?.run?.events.some(({ at }) => at === after(9).toISOString())).toBe(true);
  });

  test('how things came out: each tab’s own', () => {
    const told = { thing: 0, outcome: 'good' as const, faults: [], note: '' };
    const both = joined(
      kept(base),
      kept({ ...base, told: [told] }),
      kept({ ...base, told: [{ ...told, thing: 1 }] }),
    );
    expect(both?.run?.told.map(({ thing }) => thing)).toEqual([1, 0]);
  });

  test('an evening that was given up or begun anew stands as it is there', () => {
    expect(joined(kept(base), kept(mine), kept(null))).toBeNull();
    const anew = { ...base, startedAt: after(60).toISOString() };
    expect(joined(kept(base), kept(mine), kept(anew))).toBeNull();
  });
});
