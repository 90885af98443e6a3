import { jobOn, mugJob, NOW, shelf, times } from '@tests/support/jobs';
import { jobFor } from '@tests/support/presses';
import { readDocument, runSchema } from '../model';
import { planJob } from '../plan';
import {
  atHand,
  begin,
  doneCount,
  end,
  frozen,
  goBack,
  outdated,
  phaseOf,
  startRun,
  whatWasDone,
} from '.';

const programOn = (machineId: string) => {
  const job = mugJob();
  return planJob({ ...job, heat: { ...job.heat, machineId } }, shelf).press.program;
};
const after = (seconds: number) => new Date(NOW.getTime() + seconds * 1000);

const program = programOn('oven');
const { operations } = program;
const upTo = (kind: string) => {
  const stop = operations.findIndex((each) => each.kind === kind);
  return operations.slice(0, stop).reduce((run) => end(run, NOW), startRun('job-1', program, NOW));
};

test('from by hand to the end', () => {
  const byHand = { kind: 'by-hand', window: null };
  expect(phaseOf(startRun('job-1', program, NOW), NOW)).toEqual(byHand);
  const pressing = upTo('press');
  expect(phaseOf(pressing, NOW)).toEqual({ kind: 'ready', durationS: 900 });
  const counting = begin(pressing, NOW);
  expect(phaseOf(counting, after(300))).toMatchObject({ kind: 'counting', leftS: 600 });
  expect(phaseOf(counting, after(912))).toMatchObject({ kind: 'over', overS: 12 });
  expect(phaseOf(end(counting, after(912)), after(912))).toMatchObject({ kind: 'by-hand' });
  const done = operations.reduce((run) => end(run, NOW), startRun('job-1', program, NOW));
  expect(phaseOf(done, NOW)).toEqual({ kind: 'finished' });
  expect(doneCount(done)).toBe(operations.length);
});

test('the oven warms up while hands prepare: its clock runs from when it was switched on', () => {
  const [first] = operations;
  expect(first?.kind).toBe('switch-on');
  const on = end(startRun('job-1', program, NOW), NOW);
  const prepared = operations
    .filter(({ kind }) => kind === 'prepare')
    .reduce((run) => end(run, after(400)), on);
  expect(atHand(prepared)?.kind).toBe('warm-up');
  expect(phaseOf(prepared, after(400))).toMatchObject({ kind: 'counting', leftS: 500 });
});

test('a step back clears the clock; the first step stays', () => {
  const counting = begin(upTo('press'), NOW);
  const back = goBack(counting, NOW);
  expect(atHand(back)?.kind).toBe('stack');
  expect(phaseOf(end(back, NOW), NOW)).toMatchObject({ kind: 'ready' });
  const start = startRun('job-1', program, NOW);
  expect(atHand(goBack(start, NOW))).toEqual(operations[0]);
});

test('what is frozen stays as it was begun, and a change of the job is noticed', () => {
  const run = startRun('job-1', program, NOW);
  const stored = runSchema.parse(JSON.parse(JSON.stringify(run)));
  expect(outdated(frozen(stored, program), programOn('oven'))).toBe(false);
  const other = programOn('mug-attachment');
  expect(outdated(run, other)).toBe(true);
  expect(frozen(stored, other).program).toEqual(stored.program);
});

test('what was really done: seconds by the clock, places pressed, steps passed over', () => {
  const pressed = end(begin(upTo('press'), NOW), after(912));
  expect(whatWasDone(pressed, 'sublimation')).toMatchObject({
    pressedS: 912,
    presses: 1,
    pressesPlanned: 1,
  });
  const passedOver = end(upTo('press'), NOW);
  expect(whatWasDone(passedOver, 'sublimation')).toMatchObject({ pressedS: null, presses: 0 });
  expect(whatWasDone(passedOver, 'sublimation').skipped).toBeGreaterThan(0);
});

test('a run that an older version began goes on where it stood', () => {
  const read = readDocument('run', 3, {
    ...{ jobId: 'job-1', startedAt: NOW.toISOString() },
    ...{ stepIndex: 2, countdownFrom: null },
  });
  if (!read.ok) throw new Error(read.reason.code);
  const run = frozen(read.value, program);
  expect(atHand(run)).toEqual(operations[3]);
  expect(runSchema.safeParse(run).success).toBe(true);
});

test('seconds are of the transfer asked for, not of what else is pressed on the item', () => {
  const job = jobFor({
    ...{ on: 'tee', by: 'vinyl', with: 'plate-press', line: '' },
    also: ['sublimation'],
  });
  const { program } = planJob(job, shelf).press;
  const done = program.operations.reduce(
    ({ run, atS }, { countedS }) => {
      const begun = countedS === null ? run : begin(run, after(atS));
      return { run: end(begun, after(atS + (countedS ?? 0))), atS: atS + (countedS ?? 0) };
    },
    { run: startRun('job-1', program, NOW), atS: 0 },
  ).run;
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
    const run = three.operations.reduce(
      (at, { kind }) => (kind === 'press' ? end(begin(at, NOW), after(420)) : end(at, NOW)),
      startRun('job-1', three, NOW),
    );
    expect(whatWasDone(run, 'sublimation')).toMatchObject({ pressedS: 420, presses: 3 });
  });

  test('more loads than anybody goes through one by one: the first stands for all', () => {
    const many = planJob(times(job, 200), shelf).press;
    expect(many.rounds).toEqual({ items: 200, loads: 200 });
    expect(many.program.operations.every(({ load }) => load === null)).toBe(true);
  });
});
