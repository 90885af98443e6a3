import { eveningCalled, SEVEN, thingsCalled } from '@tests/support/demoEvenings';
import { DEMO_RECORDS } from '@/demo/records';
import type { EveningRun, PressRecord } from '../model';
import { asTimed, assembledOf, learnedTimes, warmUpsOf, withWarmUps } from '.';

const at = (s: number) => new Date(SEVEN.getTime() + 1000 * s).toISOString();
const [thing] = thingsCalled({ 'demo-comet': 1 });
const [demo] = DEMO_RECORDS;
if (!thing || !demo) throw new Error('no demo');
const { program } = thing;
const wrap = program.operations.find(({ does }) => does === 'wrap-and-tape');
if (!wrap) throw new Error('a mug is wrapped');

/** A pressing in which wrapping took so long; begun by a touch, or not told. */
const wrapped = (s: number, more: Partial<PressRecord> = {}, told = true): PressRecord => ({
  ...{ ...demo, program },
  events: [
    told
      ? { at: at(100), kind: 'begun' as const, operationId: wrap.id }
      : { at: at(100), kind: 'ended' as const, operationId: 'something-before' },
    { at: at(100 + s), kind: 'ended' as const, operationId: wrap.id },
  ],
  ...more,
});

test('timed often, a person’s own time counts; the estimate counts like three timings', () => {
  expect(wrap.lasts.usualS).toBe(180);
  const once = learnedTimes([wrapped(90)]).get('wrap-and-tape');
  // three times 180 s and once 90 s, by the mean of logarithms
  expect(once).toEqual({ s: Math.round(180 * 0.5 ** (1 / 4)), times: 1 });
  const often = learnedTimes(Array.from({ length: 30 }, () => wrapped(90))).get('wrap-and-tape');
  expect(often?.s).toBeLessThan(98);
  expect(often?.s).toBeGreaterThanOrEqual(90);
  // the press screen tells only when a step is over
  expect(learnedTimes([wrapped(90, {}, false)]).get('wrap-and-tape')).toEqual(once);
});

test('a telephone call and a step ticked late teach nothing, nor do simulated machines', () => {
  expect(learnedTimes([wrapped(20 * 60), wrapped(5), wrapped(90, { simulated: true })]).size).toBe(
    0,
  );
});

test('what is learned is planned with: hand work only, never what a recipe counts', () => {
  const timed = asTimed(program, learnedTimes(Array.from({ length: 9 }, () => wrapped(90))));
  const changed = timed.operations.filter((each, i) => each !== program.operations[i]);
  expect(changed.map(({ does }) => does)).toEqual(['wrap-and-tape']);
  expect(timed.operations.filter(({ countedS }) => countedS !== null)).toEqual(
    program.operations.filter(({ countedS }) => countedS !== null),
  );
});

test('a machine’s warming up is learned from when its display arrived', () => {
  const run = eveningCalled({ 'demo-moons': 1 });
  const made = assembledOf(run);
  const [of] = made.machines;
  const heatC = of?.heats[0] ?? 0;
  const machineId = of?.machine.id ?? '';
  const told = (...events: EveningRun['events']): EveningRun => ({ ...run, events });
  const on = { kind: 'set' as const, at: at(0), person: 0, machineId, heatC };
  const reads = (s: number, c: number) => ({ kind: 'reads' as const, at: at(s), machineId, c });
  expect(warmUpsOf(made, told(on, reads(300, 120), reads(840, heatC - 1)))).toEqual([
    { machineId, warmUpS: 840 },
  ]);
  const machine = run.machines.filter(({ id }) => id === machineId);
  const learned = withWarmUps(
    machine.map((each) => ({ ...each, warmUpS: 900 })),
    [{ machineId, warmUpS: 840 }],
  );
  expect(learned.map(({ warmUpS }) => warmUpS)).toEqual([870]);
  expect(warmUpsOf(made, told(on, reads(300, 120)))).toEqual([]);
  expect(warmUpsOf(made, told(reads(300, heatC)))).toEqual([]);
});
