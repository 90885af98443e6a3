import { artwork, blankOf, jobOn, shelf, times } from '@tests/support/jobs';
import { jobFor, type Row } from '@tests/support/presses';
import { planJob } from '../plan';
import { celsiusToF, fahrenheitToC } from '../units';
import { worksOn } from '.';

const planOf = (row: Row) => planJob(jobFor(row), shelf);

test('several processes: the hotter first, the press reset in between; vinyl leaves dye alone', () => {
  const job = jobFor({
    on: 'tee',
    by: 'vinyl',
    with: 'plate-press',
    also: ['sublimation'],
    line: '',
  });
  const { passes, program } = planJob(job, shelf).press;
  expect(passes.map(({ transfer }) => transfer)).toEqual(['sublimation', 'vinyl']);
  const { operations } = program;
  expect(new Set(operations.map(({ id }) => id)).size).toBe(operations.length);
  const presses = operations.filter(({ kind, layUp }) => kind === 'press' && layUp !== null);
  expect(
    presses.map(({ pass, temperatureC, countedS }) => [
      passes[pass]?.transfer,
      Math.round(celsiusToF(temperatureC ?? 0)),
      countedS,
    ]),
  ).toEqual([
    ['sublimation', 400, 60],
    ['vinyl', 305, 15],
  ]);
  expect(operations.filter(({ kind }) => kind === 'warm-up')[1]).toMatchObject({
    does: 'reset-heat',
    countedS: null,
    temperatureC: passes[1]?.settings.temperatureC,
  });
  expect(passes.some(({ fadesDye }) => fadesDye)).toBe(false);
});

test('passes go by what they are really set to: own figures turn the order round', () => {
  const job = jobFor({
    on: 'tee',
    by: 'vinyl',
    with: 'plate-press',
    also: ['sublimation'],
    heat: {
      own: { temperatureC: fahrenheitToC(410), dwellS: null, pressure: null },
    },
    line: '',
  });
  const { passes, program } = planJob(job, shelf).press;
  expect(passes.map(({ transfer }) => transfer)).toEqual(['vinyl', 'sublimation']);
  // what the program says is what every press of it is set to
  for (const { kind, pass, layUp, temperatureC } of program.operations)
    if (kind === 'press' && layUp !== null)
      expect(temperatureC).toBe(program.passes[pass]?.settings.temperatureC);
});

test('every built-in blank can be pressed by some built-in machine', () => {
  for (const { id } of shelf.blanks) {
    const { checks } = planJob(jobOn(blankOf(id).id, artwork()), shelf);
    expect(checks.map((check) => check.id)).not.toContain('no-recipe');
  }
});

test('a batch: what lies on the plate at once goes together, the rest in rounds', () => {
  const of = (row: Row, copies: number) => {
    const job = jobFor(row);
    return planJob(times(job, copies), shelf).press;
  };
  const coaster: Row = { on: 'round-coaster', with: 'plate-press', artIn: [4, 4], line: '' };
  expect(of(coaster, 1).rounds).toBeNull();
  // 14 in are evenly hot: three coasters of 4 in a row, with room between
  expect(of(coaster, 9)).toMatchObject({
    atOnce: { across: 3, down: 3 },
    rounds: { items: 9, loads: 1 },
  });
  expect(of(coaster, 10).rounds).toEqual({ items: 10, loads: 2 });
  expect(of({ on: 'tumbler-20oz', with: 'oven', line: '' }, 6).rounds).toEqual({
    ...{ items: 6, loads: null },
  });
  expect(of({ on: 'mug-12oz', with: 'mug-press', line: '' }, 3).rounds?.loads).toBe(3);
});

test('a cap attachment presses caps, by dye or by what sticks, and nothing else', () => {
  const cap = shelf.machines.find(({ id }) => id === 'cap-attachment');
  const hat = blankOf('cap');
  const asked = [
    [hat, 'sublimation'],
    [hat, 'vinyl'],
    [blankOf('tee'), 'sublimation'],
    [blankOf('medallion'), 'sublimation'],
  ] as const;
  expect(asked.map(([blank, by]) => cap && worksOn(cap, blank, by))).toEqual([
    ...[true, true, false, false],
  ]);
});

test('the machine’s own warm-up is counted; an oven’s pre-heating stands in its recipe', () => {
  const warmUp = (row: Row) =>
    planOf(row).press.program.operations.find(({ kind }) => kind === 'warm-up');
  expect(warmUp({ on: 'tee', with: 'hand-press', line: '' })?.countedS).toBe(240);
  expect(warmUp({ on: 'mug-12oz', with: 'oven', line: '' })?.countedS).toBe(900);
  expect(warmUp({ on: 'mug-12oz', with: 'mug-press', line: '' })?.countedS).toBeNull();
});
