import { artwork, jobOn, shelf, times } from '@tests/support/jobs';
import { jobFor } from '@tests/support/presses';
import { worded } from '@tests/support/worded';
import { CAUTIONS, LAYER_MATERIALS, LAYER_NOTES, onPass, TASKS, type Machine } from '@/core/model';
import { planJob } from '@/core/plan';
import { displaySetting, RECIPES, rowsOnPlate, TOOLS_OF_HAND, type Task } from '@/core/press';
import { CARE } from '@/core/traits';
import { fahrenheitToC } from '@/core/units';
import { TRADE_UNITS, type UnitStyle } from './units';
import {
  areaLine,
  CARE_WORDS,
  complaints,
  HAND_TOOL_WORDS,
  CAUTION_WORDS,
  displayLine,
  MATERIAL_WORDS,
  namesFaultWords,
  NOTE_WORDS,
  pressCard,
  RECIPE_WORDS,
  cardSteps,
  outlineFaultWords,
  operationWords,
  passHeatLine,
  roundsLine,
  supplyWords,
  rowsLine,
  TASK_WORDS,
  taskWords,
  tooLargeWords,
} from '.';

const METRIC: UnitStyle = { ...TRADE_UNITS, length: 'mm', temperature: '°C' };

describe('codes and words', () => {
  test('every code has words, and every word is of a code', () => {
    const pairs: readonly (readonly [readonly string[], object])[] = [
      [TASKS, TASK_WORDS],
      [LAYER_MATERIALS, MATERIAL_WORDS],
      [LAYER_NOTES, NOTE_WORDS],
      [CAUTIONS, CAUTION_WORDS],
      [RECIPES.map(({ id }) => id), RECIPE_WORDS],
      [CARE, CARE_WORDS],
      [TOOLS_OF_HAND, HAND_TOOL_WORDS],
    ];
    for (const [codes, words] of pairs)
      expect(Object.keys(words).sort()).toEqual([...codes].sort());
  });

  test('no task is never done', () => {
    const tasks = (task: Task | null) => (task ? [task.does] : []);
    const used = new Set(
      RECIPES.flatMap((recipe) => [
        ...[...recipe.preparation, ...recipe.ready, recipe.warmUp, recipe.unwrap].flatMap(tasks),
        ...[recipe.cool.A, recipe.cool.B, recipe.turn, recipe.hotOff].flatMap(tasks),
        recipe.switchOn,
        ...[recipe.before, recipe.after].flatMap((press) =>
          press ? [press.task.does, press.then.does] : [],
        ),
        ...(recipe.before ? [recipe.before.lay.does, recipe.before.next.does] : []),
        recipe.pressing,
      ]),
    );
    const always = ['look-at-print', 'reset-heat', 'check-stack', 'turn-over-and-stack'];
    // by the machine, tested at `core/press/handwork.test.ts`
    const byMachine = ['fit-attachment', 'attachment-off', 'press-both-socks'];
    // by what the print comes as, tested at `core/press/handwork.test.ts`
    const byPrint = ['fold-over-light', 'mask-on', 'mask-off'];
    // by what a garment is, tested at `core/blank/surface.test.ts`
    const byGarment = ['crease-centre', 'bundle-up', 'unroll-and-iron'];
    const secondHeat = ['see-that-paper-holds', 'cover-what-lifts'];
    const known = [...used, ...always, ...byPrint, ...byGarment, ...byMachine, ...secondHeat];
    expect(TASKS.filter((task) => !known.includes(task))).toEqual([]);
  });

  test('only a blank with a handle is spoken to of one', () => {
    for (const task of TASKS)
      expect(JSON.stringify(taskWords(task, false))).not.toMatch(/handle\b/);
    expect(taskWords('wrap-and-tape', true).detail).toMatch(/handle side/);
  });
});

test('who works in millimetres and °C meets no inch and no °F on the press card', () => {
  for (const id of ['mug-12oz', 'tumbler-20oz', 'wall-panel', 'medallion', 'tee', 'tote']) {
    const job = jobOn(id, artwork());
    const { press, tools } = planJob(job, shelf);
    const metric: Machine = { ...tools.machine, displayUnit: '°C' };
    const machines = shelf.machines.map((m) => (m.id === metric.id ? metric : m));
    const again = planJob(job, { ...shelf, machines });
    const said = [
      ...worded(again.press.program, METRIC).flatMap(({ title, detail }) => [title, detail]),
      ...pressCard({
        ...{ job, press: again.press, units: METRIC, recipe: tools.recipe },
        ...{ machine: tools.machine.name, pageHeightMm: 260 },
      }).texts.map(({ text }) => text),
    ].join(' ');
    expect(said.replaceAll(tools.machine.name, '')).not.toMatch(/°F|\d in\b/);
    expect(press.program.operations.length).toBeGreaterThan(4);
  }
});

test('a card tells one load of a batch, and which of how many', () => {
  const job = jobOn('mug-12oz', artwork());
  const { program } = planJob(times(job, 3), shelf).press;
  const told = cardSteps(program, METRIC).map(({ title }) => title);
  expect(told.filter((title) => /load 1 of 3$/.test(title))).toEqual([
    'Check the stack, load 1 of 3',
    'Press, load 1 of 3',
  ]);
  expect(told.length).toBeLessThan(program.operations.length);
  const detail = (does: string, of: typeof program) => {
    const found = of.operations.find((each) => each.does === does);
    return found && operationWords(found, of, METRIC).detail;
  };
  expect(detail('clean-cup', program)).toMatch(/So with every one of the batch\.$/);
  expect(detail('clean-cup', planJob(job, shelf).press.program)).not.toMatch(/batch/);
});

describe('lines', () => {
  const press = (part: Partial<Machine>): Machine => {
    const machine = shelf.machines.find(({ id }) => id === 'plate-press');
    if (!machine) throw new Error('no plate press on the shelf');
    return { ...machine, ...part };
  };

  test('why a display is set otherwise', () => {
    const line = (machine: Machine, f: number) =>
      displayLine(displaySetting(machine, fahrenheitToC(f)), TRADE_UNITS);
    expect(line(press({ displayOffsetC: -5 / 1.8 }), 390)).toBe(
      'Set 395 °F. Its plate is 5 °F cooler than it shows.',
    );
    expect(line(press({ displayStep: 25 }), 329)).toMatch(
      /steps by 25: the plate is 4 °F cooler than 329 °F/,
    );
    expect(line(press({}), 400)).toBeNull();
  });

  test('how many lie on the plate, how often it is loaded, and what the time goes by', () => {
    const plate = { widthMm: 355, heightMm: 355 };
    expect(rowsLine(rowsOnPlate({ widthMm: 76, heightMm: 203 }, plate), 'mm')).toBe(
      '4 of these lie on the plate at once: 4 across and 1 down, 10 mm apart.',
    );
    expect(rowsLine(rowsOnPlate({ widthMm: 300, heightMm: 300 }, plate), 'mm')).toBeNull();
    expect(roundsLine({ items: 9, loads: 1 })).toMatch(/^All 9/);
    expect(roundsLine({ items: 10, loads: 2 })).toMatch(/10 to make in 2 rounds/);
    expect(roundsLine({ items: 6, loads: null })).toMatch(/6 to make: as many/);
    expect(areaLine({ dwellS: 60, rule: 'small', share: 0.1 }, 'mm')).toBe(
      'Up to 102 × 102 mm: 60 s.',
    );
  });

  test('the press is set anew from what it really was', () => {
    const job = jobFor({
      on: 'tee',
      by: 'vinyl',
      with: 'plate-press',
      also: ['sublimation'],
      line: '',
    });
    const { program } = planJob(job, shelf).press;
    expect(passHeatLine(program, 1, TRADE_UNITS)).toMatch(/^Reset from 400 °F to 305 °F/);
    const titles = worded(program).map(({ title }) => title);
    expect(titles).toEqual(
      expect.arrayContaining(['Sublimation print: press', 'Heat-transfer vinyl: press']),
    );
    const apart = onPass(job, 'sublimation', (seen) => ({
      ...seen,
      heat: { ...seen.heat, machineId: 'hand-press' },
    }));
    const second = worded(planJob(apart, shelf).press.program).filter(
      ({ kind }) => kind === 'switch-on',
    )[1];
    expect(second?.title).toBe('Heat-transfer vinyl: switch it on');
    expect(second?.detail).toMatch(/It is “Clamshell press”/);
    // a press in the middle of the evening is never told to go from a figure to the same
    expect(titles[0]).toBe('Switch it on');
  });
});

test('what is laid ready is told with how many and how large, in the person’s unit', () => {
  const one = { atLeast: null, lengthMm: null };
  const cover = { is: 'cover-paper', count: 3, atLeast: { widthMm: 250, heightMm: 126 } } as const;
  expect(supplyWords({ ...one, ...cover }, TRADE_UNITS)).toBe(
    '3 × clean paper, 10 × 5 in or larger',
  );
  expect(supplyWords({ ...one, is: 'shrink-sleeve', count: 1, lengthMm: 120 }, METRIC)).toBe(
    '1 × shrink sleeve, cut 120 mm long',
  );
  expect(supplyWords({ ...one, is: 'lint-roller', count: null }, METRIC)).toBe('Lint roller');
});

describe('why something cannot be taken in', () => {
  test('names, pictures and outlines are told with the figure and what to do', () => {
    expect(namesFaultWords({ code: 'none' })).toMatch(/One name a line/);
    expect(namesFaultWords({ code: 'too-many', names: 201, most: 200 })).toMatch(/201.*200.*Split/);
    expect(namesFaultWords({ code: 'too-long', name: 'x'.repeat(130), most: 120 })).toMatch(/130/);
    expect(tooLargeWords(20_000, 20_000)).toMatch(/400 megapixels.*up to 60 megapixels/);
    const tooLong = { code: 'too-long', longestMm: 6000, mostMm: 3000 } as const;
    expect(outlineFaultWords(tooLong)).toMatch(/6000 mm.*3000 mm.*another unit/);
  });

  test('at most three complaints of a schema, each where it stands', () => {
    const issues = ['a', 'b', 'c', 'd'].map((key) => ({
      ...({ code: 'invalid_type', expected: 'number' } as const),
      ...{ path: [0, key], message: 'received undefined', input: undefined },
    }));
    expect(complaints(issues, 'blanks')).toBe(
      'blanks.0.a is missing; blanks.0.b is missing; blanks.0.c is missing; and 1 more',
    );
  });
});
