import { artwork, blankOf, jobOn, shelf } from '@tests/support/jobs';
import { jobFor, type Row } from '@tests/support/presses';
import { planJob } from '../plan';
import { celsiusToF } from '../units';
import { worksOn } from '.';

const planOf = (row: Row) => planJob(jobFor(row), shelf);

test('several processes: the hotter first, the press reset in between; vinyl leaves dye alone', () => {
  const job = jobFor({
    on: 'tee',
    by: 'vinyl',
    with: 'plate-press',
    heat: { also: ['sublimation'] },
    line: '',
  });
  const { processes } = planJob(job, shelf).press;
  expect(processes.map(({ transfer }) => transfer)).toEqual(['sublimation', 'vinyl']);
  expect(processes[1]?.says).toMatch(/400 °F to 305 °F/);
  const { steps } = planJob(job, shelf).press;
  expect(new Set(steps.map(({ id }) => id)).size).toBe(steps.length);
  const presses = steps.filter(({ kind }) => kind === 'press');
  expect(
    presses.map(({ title, temperatureC, durationS }) => [
      title,
      Math.round(celsiusToF(temperatureC ?? 0)),
      durationS,
    ]),
  ).toEqual([
    ['Sublimation print: press', 400, 60],
    ['Heat-transfer vinyl: press', 305, 15],
  ]);
  const reset = steps.filter(({ kind }) => kind === 'heat-up')[1];
  expect(reset?.detail).toMatch(/^Reset from 400 °F to 305 °F/);
  expect(reset?.durationS).toBeNull();
  expect(processes.some(({ fadesDye }) => fadesDye)).toBe(false);
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
    return planJob({ ...job, sheet: { ...job.sheet, copies } }, shelf).press;
  };
  const coaster: Row = { on: 'round-coaster', with: 'plate-press', artIn: [4, 4], line: '' };
  expect(of(coaster, 1).rounds).toBeNull();
  // 14 in are evenly hot: three coasters of 4 in a row, with room between
  expect(of(coaster, 9)).toMatchObject({
    atOnce: { across: 3, down: 3 },
    rounds: expect.stringMatching(/^All 9/) as string,
  });
  expect(of(coaster, 10).rounds).toMatch(/10 to make in 2 rounds/);
  expect(of({ on: 'tumbler-20oz', with: 'oven', line: '' }, 6).rounds).toMatch(
    /6 to make: as many/,
  );
  expect(of({ on: 'mug-12oz', with: 'mug-press', line: '' }, 3).rounds).toMatch(/in 3 rounds/);
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
  const heatUp = (row: Row) => planOf(row).press.steps.find(({ kind }) => kind === 'heat-up');
  expect(heatUp({ on: 'tee', with: 'hand-press', line: '' })?.durationS).toBe(240);
  expect(heatUp({ on: 'mug-12oz', with: 'oven', line: '' })?.durationS).toBe(900);
  expect(heatUp({ on: 'mug-12oz', with: 'mug-press', line: '' })?.durationS).toBeNull();
});
