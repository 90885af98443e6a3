import { goldenJobs } from '@tests/support/golden';
import { faultsIn } from '@tests/support/evenings';
import { planJob } from '../plan';
import { BUILT_IN_SHELF } from '../shelf';
import {
  assemble,
  assembledOf,
  beginEvening,
  changesOf,
  machinesUsed,
  partsOf,
  planEvening,
  timelineOf,
  type EveningThing,
  type WorkPart,
} from '.';

const shelf = BUILT_IN_SHELF;

/** The program of one thing of a demo job. */
function programOf(id: string) {
  const job = goldenJobs().find((each) => each.id === id);
  if (!job) throw new Error(`no ${id} in the demo`);
  const [row] = job.items;
  if (!row) throw new Error('a job has a row');
  return planJob({ ...job, items: [{ ...row, copies: 1 }] }, shelf).press.program;
}
const things = (id: string, count: number): EveningThing[] =>
  Array.from({ length: count }, (_, copy) => ({
    ...{ jobId: id, itemId: 'first', copy },
    program: programOf(id),
  }));
const evening = (all: readonly EveningThing[], people = 1) =>
  assemble({
    ...{ things: all, machines: shelf.machines, standing: 4 },
    people: Array.from({ length: people }, () => []),
  });
const secondsOf = (parts: readonly WorkPart[]) =>
  parts.reduce((sum, { waitS, restS, steps }) => sum + waitS + restS + timelineOf(steps).lastsS, 0);
const idsOf = ({ steps }: WorkPart) => steps.map(({ operation }) => operation);

describe('a program as blocks', () => {
  test('an oven mug: made ready, in the oven with both its ends by hand, sleeve off at once, cooled, unwrapped', () => {
    const { main } = partsOf(programOf('demo-moons'));
    expect(main.map(({ use }) => use !== null)).toEqual([false, true, false]);
    const [ready, oven, last] = main;
    expect(ready?.mayPause).toBe(true);
    // loaded by hand, then nobody's for its fifteen minutes, then opened and the sleeve taken off
    const line = timelineOf(oven?.steps ?? []);
    expect(line.hands).toHaveLength(2);
    const [load, open] = line.hands;
    expect((open?.fromS ?? 0) - (load?.toS ?? 0)).toBe(15 * 60);
    expect(oven && idsOf(oven)).toContain('unwrap-1');
    // free for the next one while the sleeve comes off
    expect(line.machineToS).toBeLessThan(line.lastsS);
    expect(last?.waitS).toBe(5 * 60);
  });

  test('a hand-held press takes the hands for all of its time', () => {
    const press = partsOf(programOf('demo-coaster')).main.find(({ use }) => use !== null);
    const { hands, lastsS } = timelineOf(press?.steps ?? []);
    expect(hands).toEqual([{ fromS: 0, toS: lastsS }]);
  });

  test('vinyl is weeded at any time before it is pressed: the work of the dye does not wait for it', () => {
    const { main, aside } = partsOf(programOf('demo-layers'));
    expect(aside.map(({ part }) => idsOf(part))).toEqual([['1.vinyl.prepare-1']]);
    expect(main.flatMap(idsOf)).not.toContain('1.vinyl.prepare-1');
    const heats = main.flatMap(({ use }) => (use ? [Math.round(use.heat ?? 0)] : []));
    expect(heats).toEqual([204, 204, 152, 152]);
  });

  test('everything a program does by hand or machine is in some block, once', () => {
    for (const { id } of goldenJobs()) {
      const program = programOf(id);
      const { main, aside } = partsOf(program);
      const planned = [...main, ...aside.map(({ part }) => part)];
      const ids = planned.flatMap(idsOf);
      expect(new Set(ids).size).toBe(ids.length);
      const left = program.operations.filter((each) => !ids.includes(each.id));
      // left out: what is done once for a machine, and rests
      for (const { kind, does } of left)
        expect(['switch-on', 'warm-up', 'cool', 'fit-attachment', 'attachment-off']).toContain(
          kind === 'prepare' ? does : kind,
        );
      expect(secondsOf(planned)).toBeGreaterThan(0);
    }
  });
});

test('coasters lie on the plate together, in even loads, laid and freed one by one', () => {
  const { loads, evening: plan } = evening(things('demo-coaster', 10));
  expect(loads.map(({ things: own }) => own.length)).toEqual([3, 3, 4]);
  const runs = plan.pieces.map(({ blocks }) => blocks.filter(({ use }) => use !== null));
  expect(runs.map(({ length }) => length)).toEqual([1, 1, 1]);
  const [three, , four] = runs.map(([run]) => run?.lastsS ?? 0);
  // one more is laid, and pressed with the others
  expect((four ?? 0) - (three ?? 0)).toBe(40);
});

test('heating is quick and cooling slow; the way there is the machine’s own', () => {
  const press = shelf.machines.find(({ id }) => id === 'plate-press');
  if (!press) throw new Error('no press');
  const [cold, cool, hot] = changesOf({ ...press, warmUpS: 900 }, [150, 200], null);
  expect(cold?.[1]).toEqual({ handsS: 15, thenS: 900 });
  const [up, down] = [cool?.[1]?.thenS ?? 0, hot?.[0]?.thenS ?? 0];
  expect(down).toBeGreaterThan(5 * up);
  expect(cool?.[0]?.thenS).toBe(0);
});

test.each([
  ['four oven mugs, two tees, a tumbler', { 'demo-moons': 4, 'demo-layers': 2, 'demo-tumbler': 1 }],
  ['five tees, dye then vinyl', { 'demo-layers': 5 }],
  ['a panel in sections and four oven mugs', { 'demo-chart': 1, 'demo-moons': 4 }],
  ['six pairs of socks', { 'demo-socks': 6 }],
])('%s: a plan that keeps every rule, and is never later than one after another', (_, wanted) => {
  const all = Object.entries(wanted).flatMap(([id, count]) => things(id, count));
  const { evening: plan } = evening(all);
  const { schedule, boundS } = planEvening(plan, { seed: 1, looks: 600 });
  expect(faultsIn(plan, schedule)).toEqual([]);
  expect(schedule.endS).toBeGreaterThanOrEqual(boundS);
  const alone = plan.pieces.reduce((sum, piece) => {
    const one = planEvening(
      { ...plan, pieces: [{ ...piece, blocks: piece.blocks.map((b) => ({ ...b, after: null })) }] },
      { seed: 1, looks: 1 },
    );
    return sum + one.schedule.endS;
  }, 0);
  expect(schedule.endS).toBeLessThan(alone);
});

test('two people are done sooner than one', () => {
  const end = (people: number) =>
    planEvening(evening(things('demo-socks', 4), people).evening, { seed: 1, looks: 400 }).schedule
      .endS;
  expect(end(2)).toBeLessThan(0.8 * end(1));
});

describe('parts that are put on one press', () => {
  const pressId = programOf('demo-tee').passes[0]?.machineId ?? '';
  const press = shelf.machines.find(({ id }) => id === pressId);
  const machines = shelf.machines.map((each) =>
    each.id === 'mug-attachment' ? { ...each, onPress: pressId } : each,
  );
  const comet = goldenJobs().find(({ id }) => id === 'demo-comet');
  /** The comet mug in the mug attachment. */
  function mugs(count: number): EveningThing[] {
    if (!comet) throw new Error('no comet in the demo');
    const { press: plan } = planJob(
      { ...comet, heat: { ...comet.heat, machineId: 'mug-attachment' } },
      shelf,
    );
    return Array.from({ length: count }, (_, copy) => ({
      ...{ jobId: comet.id, itemId: 'first', copy, program: plan.program },
    }));
  }
  const both = [...mugs(1), ...things('demo-tee', 1)];
  const input = { things: both, people: [[]], standing: 4 };

  test('they are one machine, and never two at work at once; between them it is off and cold', () => {
    const { evening: parted, machines: own } = assemble({ ...input, machines });
    const at = own.findIndex(({ fitted }) => fitted.some(({ id }) => id === 'mug-attachment'));
    const { fitted = [], machine, off = null } = own[at] ?? {};
    expect(machine).toBe(press);
    expect(fitted.map(({ id }) => id)).toContain(pressId);
    const { schedule, boundS } = planEvening(parted, { seed: 1, looks: 400 });
    expect(faultsIn(parted, schedule)).toEqual([]);
    expect(schedule.endS).toBeGreaterThanOrEqual(boundS);
    const sets = schedule.changes.filter((change) => change.machine === at);
    expect(sets.map(({ setting }) => setting)).toContain(off);
    for (const { from, setting } of sets)
      if (from !== null && from !== off && setting !== off)
        expect(fitted[from]?.id).toBe(fitted[setting]?.id);
    // with a press each it is sooner
    const apart = assemble({ ...input, machines: shelf.machines }).evening;
    expect(apart.machines.length).toBe(parted.machines.length + 1);
    expect(planEvening(apart, { seed: 1, looks: 400 }).schedule.endS).toBeLessThan(schedule.endS);
  });

  test('begun, an evening has its parts with it, not only the press they are put on', () => {
    const made = assemble({ ...input, machines });
    const called = both.map((thing) => ({ ...thing, jobName: thing.jobId, called: '' }));
    const setUp = { machines: machinesUsed(made.machines), people: 1, standing: 4, before: [] };
    const run = beginEvening(called, setUp, null, new Date(0));
    expect(assembledOf(run).evening).toEqual(made.evening);
  });

  test('a part alone is fitted before its press is switched on', () => {
    const { machines: own, evening: alone } = assemble({ ...input, things: mugs(1), machines });
    expect(own[0]?.machine).toBe(press);
    const [part] = own[0]?.fitted ?? [];
    const bare = part && changesOf(part, own[0]?.heats.slice(0, 1) ?? [], null)[0]?.[0];
    expect(bare?.handsS).toBeGreaterThan(0);
    expect(alone.machines[0]?.changes[0]?.[0]?.handsS).toBeGreaterThan(bare?.handsS ?? 0);
  });
});
