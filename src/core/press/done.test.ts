import { jobOn, mugJob, pressedBy, shelf, times } from '@tests/support/jobs';
import { jobFor } from '@tests/support/presses';
import { planJob } from '../plan';
import { whatWasDone } from '.';

test('what was really done: seconds by the clock, places pressed, steps passed over', () => {
  const job = mugJob();
  const { program } = planJob({ ...job, heat: { ...job.heat, machineId: 'oven' } }, shelf).press;
  const until = program.operations.findIndex(({ kind }) => kind === 'press') + 1;
  const lastsS = ({ kind }: { kind: string }) => (kind === 'press' ? 912 : null);
  const pressed = pressedBy(program, { until, lastsS });
  expect(whatWasDone(pressed, 'sublimation')).toMatchObject({
    pressedS: 912,
    presses: 1,
    pressesPlanned: 1,
  });
  const passedOver = pressedBy(program, { until });
  expect(whatWasDone(passedOver, 'sublimation')).toMatchObject({ pressedS: null, presses: 0 });
  expect(whatWasDone(passedOver, 'sublimation').skipped).toBeGreaterThan(0);
});

test('what was gone back to counts as it was done last', () => {
  const { program } = planJob(mugJob(), shelf).press;
  const press = program.operations.findIndex(({ kind }) => kind === 'press');
  const lastsS = ({ kind }: { kind: string }) => (kind === 'press' ? 60 : null);
  const once = pressedBy(program, { until: press + 1, lastsS });
  const operationId = program.operations[press]?.id ?? '';
  const last = once.events.at(-1)?.at ?? '';
  const later = (s: number) => new Date(Date.parse(last) + 1000 * s).toISOString();
  const again = [
    ...once.events,
    { kind: 'reopened' as const, operationId, at: later(1) },
    { kind: 'begun' as const, operationId, at: later(10) },
    { kind: 'ended' as const, operationId, at: later(430) },
  ];
  expect(whatWasDone({ program, events: again }, 'sublimation').pressedS).toBe(420);
});

test('seconds are of the transfer asked for, not of what else is pressed on the item', () => {
  const job = jobFor({
    ...{ on: 'tee', by: 'vinyl', with: 'plate-press', line: '' },
    also: ['sublimation'],
  });
  const { program } = planJob(job, shelf).press;
  const done = pressedBy(program, { lastsS: ({ countedS }) => countedS });
  expect(whatWasDone(done, 'sublimation').pressedS).toBe(60);
  expect(whatWasDone(done, 'vinyl').pressedS).toBe(15);
});

describe('a batch in several loads', () => {
  const job = mugJob();
  const three = planJob(times(job, 3), shelf).press.program;
  const of = (kind: string) => three.operations.filter((each) => each.kind === kind);

  test('warms up once, and every load is stacked, pressed, cooled and unwrapped', () => {
    expect(of('switch-on')).toHaveLength(1);
    expect(of('warm-up')).toHaveLength(1);
    for (const kind of ['stack', 'press', 'cool'])
      expect(of(kind).map(({ load }) => load)).toEqual(
        [1, 2, 3].map((number) => ({ number, of: 3 })),
      );
    expect(of('prepare').every(({ load }) => load === null)).toBe(true);
    // one after another: the second goes in when the first is out
    const kinds = three.operations.filter(({ load }) => load?.number === 2).map(({ kind }) => kind);
    expect(kinds).toEqual(['stack', 'press', 'cool', 'unwrap']);
  });

  test('every shirt of a batch is dried, freed of lint and laid before its press', () => {
    const tee = jobOn('tee');
    const { program: two } = planJob(times(tee, 2), shelf).press;
    const ofLoad = (number: number) =>
      two.operations.filter(({ load }) => load?.number === number).map(({ does }) => does);
    expect(ofLoad(2)).toEqual(ofLoad(1));
    expect(ofLoad(2).slice(0, 3)).toEqual(['press-dry', 'lint-off', 'lay-and-tape']);
  });

  test('the seconds pressed are those of one load, not of all', () => {
    const run = pressedBy(three, { lastsS: ({ kind }) => (kind === 'press' ? 420 : null) });
    expect(whatWasDone(run, 'sublimation')).toMatchObject({ pressedS: 420, presses: 3 });
  });

  test('more loads than anybody goes through one by one: the first stands for all', () => {
    const many = planJob(times(job, 200), shelf).press;
    expect(many.rounds).toEqual({ items: 200, loads: 200 });
    expect(many.program.operations.every(({ load }) => load === null)).toBe(true);
  });
});
