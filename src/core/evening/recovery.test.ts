import { SEVEN, thingsCalled } from '@tests/support/demoEvenings';
import { faultsIn } from '@tests/support/evenings';
import type { EveningRun, Machine } from '../model';
import { BUILT_IN_SHELF } from '../shelf';
import {
  assembledOf,
  beginEvening,
  guideAt,
  planEvening,
  progressOf,
  reads,
  takenUp,
  touched,
  warmUpsOf,
  type Act,
  type Assembled,
} from '.';

const at = (s: number) => new Date(SEVEN.getTime() + 1000 * s);
const begunWith = (id: string, count: number, known: Partial<Machine>): EveningRun =>
  beginEvening(
    thingsCalled({ [id]: count }),
    {
      machines: BUILT_IN_SHELF.machines.map((machine) => ({ ...machine, ...known })),
      ...{ people: 1, standing: 4, before: [] },
    },
    null,
    SEVEN,
  );
const mugs = (recoverS: number | null) => begunWith('demo-comet', 2, { recoverS, dropC: 20 });
const coasters = (recoverS: number | null) => begunWith('demo-coaster', 2, { recoverS, dropC: 20 });
const firstUse = (run: EveningRun) => {
  const made = assembledOf(run);
  const [use] = made.evening.pieces.flatMap(({ blocks }) =>
    blocks.flatMap((block) => (block.use ? [{ ...block.use, lastsS: block.lastsS }] : [])),
  );
  if (!use) throw new Error('a mug is pressed');
  return { made, use };
};
/** From closing on the first mug until that step is over, opening and all, s. */
const dwellIn = (run: EveningRun): number => {
  const steps = firstUse(run).made.loads[0]?.blocks.flatMap((block) => block.steps) ?? [];
  const press = steps.findLast(({ onMachine }) => onMachine);
  if (!press) throw new Error('a mug is pressed');
  return press.beforeS + press.aloneS + press.afterS;
};

test('a machine back sooner than its pressing lasts, or that nobody measured, holds nothing up', () => {
  const { use: plain } = firstUse(mugs(null));
  expect(firstUse(mugs(100)).use).toEqual(plain);
  // things that stand free in an oven wait for no other
  const oven = (recoverS: number | null) => firstUse(begunWith('demo-moons', 2, { recoverS })).use;
  expect(oven(3600)).toEqual(oven(null));
  // thin cloth hardly cools a plate
  const tee = (recoverS: number | null) => firstUse(begunWith('demo-tee', 2, { recoverS })).use;
  expect(tee(3600)).toEqual(tee(null));
});

test('after a pressing shorter than its recovery the machine waits for the rest, less what laying the next takes', () => {
  const dwellS = dwellIn(mugs(null));
  const recoverS = dwellS + 300;
  const { made, use } = firstUse(mugs(recoverS));
  const { use: plain } = firstUse(mugs(null));
  const layS = plain.toS - dwellS;
  expect(use.toS - plain.toS).toBe(300 - layS);
  const { schedule } = planEvening(made.evening, { seed: 1, looks: 500 });
  expect(faultsIn(made.evening, schedule)).toEqual([]);
  const closed = schedule.placed
    .filter(({ piece, block }) => made.evening.pieces[piece]?.blocks[block]?.use)
    .map(({ startS }) => startS + layS)
    .sort((a, b) => a - b);
  expect((closed[1] ?? 0) - (closed[0] ?? 0)).toBeGreaterThanOrEqual(recoverS);
});

const stepAt = ({ loads }: Assembled, act: Act) =>
  'step' in act ? loads[act.piece]?.blocks[act.block]?.steps[act.step] : undefined;

/** Does what is told, in its usual time and bells at once, until the first thing that was pressed is out. */
function firstOut(begun: EveningRun) {
  const made = assembledOf(begun);
  let run = begun;
  for (let s = 0; s < 2 * 3600; s += 5) {
    run = takenUp(made, run, 0, at(s));
    const guide = guideAt(made, run, s);
    const [act] = guide.now;
    if (!act || act.does === 'wait' || act.does === 'hold') continue;
    const state = 'piece' in act ? guide.progress.pieces[act.piece] : undefined;
    const step = stepAt(made, act);
    if (act.does === 'work' && s < (state?.begunS ?? s) + (step?.beforeS ?? 0)) continue;
    run = touched(made, run, 0, at(s));
    if (act.does === 'open' && step && step.backS > 0) return { made, run, s };
  }
  throw new Error('nothing was pressed');
}

test('pressed by it, the machine is told to be cooled until then, and hot once its display says so', () => {
  const dwellS = dwellIn(coasters(null));
  const { made, run, s } = firstOut(coasters(dwellS + 300));
  const [machine] = progressOf(made, run, s).machines;
  if (!machine || machine.setting === null) throw new Error('it is on');
  const heat = made.machines[0]?.heats[machine.setting] ?? 0;
  expect(machine.c).toBeCloseTo(heat - 20, 6);
  expect(machine.readyS).toBeGreaterThan(s + 200);
  expect(machine.readyS).toBeLessThanOrEqual(s + 300);
  // what is left of the evening waits for it
  const guide = guideAt(made, run, s);
  expect(guide.remaining.evening.machines[0]?.freeFromS).toBe(Math.ceil(machine.readyS - s));
  const id = made.machines[0]?.machine.id ?? '';
  const read = reads(run, id, heat, at(s + 20));
  expect(progressOf(made, read, s + 20).machines[0]?.readyS).toBe(s + 20);
  // that it was hot again tells nothing of how long it warms up
  expect(warmUpsOf(made, read)).toEqual(warmUpsOf(made, run));
  // opened late, it had the time to come back
  const events = run.events.map((event, i) =>
    i === run.events.length - 1 ? { ...event, at: at(s + 300).toISOString() } : event,
  );
  expect(progressOf(made, { ...run, events }, s + 300).machines[0]?.readyS).toBeLessThanOrEqual(
    s + 300,
  );
});
