/**
 * The usual figures of the trade, one worked example a row. Common practice, no published source;
 * rows marked “from memory” say so in their origin or their note.
 */
import { artwork, jobOn, mugJob, shelf } from '@tests/support/jobs';
import { jobFor, type Row } from '@tests/support/presses';
import { worded } from '@tests/support/worded';
import type { Job, Machine, TransferKind } from '@/core/model';
import { planJob } from '@/core/plan';
import { dwellByArea, RECIPES } from '@/core/press';
import { withTransfer } from '@/core/shelf';
import { celsiusToF, fahrenheitToC, inches } from '@/core/units';
import { TRADE_UNITS } from '../units';
import { areaLine, MATERIAL_WORDS, settingsLine, wearWords } from '..';

const planOf = (row: Row) => planJob(jobFor(row), shelf);

const ROWS: readonly (readonly [string, Row])[] = [
  ['polyester tee', { on: 'tee', with: 'plate-press', line: '400 °F · 60 s · medium' }],
  ['fabric panel', { on: 'wall-panel', with: 'hand-press', line: '380 °F · 60 s · light' }],
  [
    'sequin pillow',
    {
      on: 'wall-panel',
      with: 'plate-press',
      made: { texture: 'sequin' },
      line: '395 °F · 60 s · medium',
    },
  ],
  ['socks on inserts', { on: 'socks-m', with: 'plate-press', line: '400 °F · 40 s · medium' }],
  [
    'thin ceramic disc',
    { on: 'medallion', with: 'plate-press', line: '360 °F · 4 min 10 s · light' },
  ],
  [
    'pens on a coaster, school A',
    { on: 'round-coaster', by: 'dye-pens', with: 'plate-press', line: '300 °F · 60 s' },
  ],
  [
    'pens on a coaster, school B (from memory)',
    {
      ...{ on: 'round-coaster', by: 'dye-pens', with: 'plate-press' },
      heat: { figureSchool: 'B' },
      line: '400 °F · 4 min',
    },
  ],
  ['mug in an oven', { on: 'mug-12oz', with: 'oven', line: '400 °F · 15 min' }],
  ['steel tumbler in an oven', { on: 'tumbler-20oz', with: 'oven', line: '370 °F · 5 min' }],
  ['tumbler press', { on: 'tumbler-20oz', with: 'tumbler-press', line: '400 °F · 60 s' }],
  ['mug press', { on: 'mug-12oz', with: 'mug-press', line: 'fixed heat · 7 min' }],
  [
    'vinyl over finished dye',
    { on: 'tee', by: 'vinyl', with: 'plate-press', line: '305 °F · 15 s · medium' },
  ],
  [
    'white film, dark cotton',
    { on: 'tee-navy', by: 'film-white', with: 'plate-press', line: '390 °F · 50 s · medium' },
  ],
  [
    'clear film, light cotton',
    { on: 'tee', by: 'film-clear', with: 'plate-press', line: '395 °F · 50 s · medium' },
  ],
  [
    'dark-fabric paper: 165 °C is 329 °F',
    { on: 'tee-navy', by: 'dark-paper', with: 'plate-press', line: '329 °F · 25 s · firm' },
  ],
  [
    'light-fabric paper, 4 × 4 in',
    {
      ...{ on: 'tee', by: 'light-paper', with: 'plate-press', artIn: [4, 4] },
      line: '320 °F · 60 s · firm',
    },
  ],
  [
    'light-fabric paper, 8 × 8 in',
    {
      ...{ on: 'tee', by: 'light-paper', with: 'plate-press', artIn: [8, 8] },
      line: '320 °F · 90 s · firm',
    },
  ],
  [
    'light-fabric paper, iron, half a page',
    {
      ...{ on: 'tee', by: 'light-paper', with: 'iron', artIn: [8.5, 5.5] },
      line: 'hottest cotton · 90 s · firm',
    },
  ],
];

test.each(ROWS)('%s', (_, row) => {
  const plan = planOf(row);
  expect(settingsLine(plan.press.settings, TRADE_UNITS)).toBe(row.line);
  expect(plan.checks.filter(({ id }) => id === 'no-recipe')).toEqual([]);
});

test('the iron: full page 180 s, half 90, quarter 45, never under 15; in between in proportion', () => {
  const page = inches(8.5) * inches(11);
  const of = (share: number) => dwellByArea('iron', share * page).dwellS;
  expect([1, 0.5, 0.25, 0.01].map(of)).toEqual([180, 90, 45, 15]);
  expect(of(0.75)).toBe(135);
  expect(areaLine(dwellByArea('iron', page / 3), 'in')).toMatch(/33 % of a full page/);
  expect(of(1000)).toBe(7200); // two hours: nothing is pressed longer
  expect(areaLine(dwellByArea('iron', 1000 * page), 'in')).toMatch(/in parts/);
});

test('white film: 8 s, carrier off, then the print; clear film asks its maker for the time', () => {
  const titles = (row: Row) =>
    worded(planOf(row).press.program).map(({ title, countedS }) => [title, countedS]);
  const white = titles({ on: 'tee-navy', by: 'film-white', with: 'plate-press', line: '' });
  const at = white.findIndex(([title]) => title === 'Press the film on');
  expect(white.slice(at, at + 2)).toEqual([
    ['Press the film on', 8],
    ['Take the film’s carrier off', null],
  ]);
  const clear = titles({ on: 'tee', by: 'film-clear', with: 'plate-press', line: '' });
  expect(clear).toContainEqual(['Press the film on', null]);
});

test('a tumbler press turns it half round between two equal presses', () => {
  const steps = worded(
    planOf({ on: 'tumbler-20oz', with: 'tumbler-press', line: '' }).press.program,
  );
  const from = steps.findIndex(({ kind }) => kind === 'press');
  expect(steps.slice(from, from + 3).map(({ title, countedS }) => [title, countedS])).toEqual([
    ['Press', 60],
    ['Turn it half round', null],
    ['Press again', 60],
  ]);
});

test('a panel larger than the plate is pressed section by section, the paper untouched', () => {
  const panel = planOf({ on: 'wall-panel', with: 'hand-press', artIn: [24, 36], line: '' });
  const steps = worded(panel.press.program);
  const presses = steps.filter(({ kind }) => kind === 'press');
  expect(presses).toHaveLength(12);
  expect(presses[11]).toMatchObject({ title: 'Press section 12 of 12', countedS: 60 });
  expect(steps.filter(({ kind }) => kind === 'stack')).toHaveLength(1);
});

test('250 s on a timer that ends at 99 s is 99 + 99 + 52, the press kept shut', () => {
  const machines = shelf.machines.map((each): Machine =>
    each.id === 'plate-press' ? { ...each, timerMaxS: 99 } : each,
  );
  const job = jobFor({ on: 'medallion', with: 'plate-press', line: '' });
  const plan = planJob(job, { ...shelf, machines });
  const runs = worded(plan.press.program).filter(({ kind }) => kind === 'press');
  expect(runs.map(({ countedS }) => countedS)).toEqual([99, 99, 52]);
  expect(runs[1]?.detail).toMatch(/Do not open/);
});

test('two sides of cloth are pressed in turn with fresh paper; of a thin hard blank together', () => {
  const both = (id: string) => {
    const job = jobOn(id, artwork());
    const [front] = job.placements;
    const back = front && { ...front, id: 'p2', faceId: 'back' };
    return planJob({ ...job, placements: back ? [front, back] : [] }, shelf).press;
  };
  expect(worded(both('socks-m').program).filter(({ kind }) => kind === 'stack').length).toBe(1);
  const medallion = both('medallion');
  expect(medallion.sides).toHaveLength(2);
  expect(worded(medallion.program).filter(({ kind }) => kind === 'stack')).toHaveLength(1);
  expect(medallion.program.layUps[0]?.map(({ role }) => role)).toEqual([
    ...['heat', 'protect', 'print', 'blank', 'print', 'protect'],
  ]);
  const tee = both('tee');
  expect(tee.sides).toHaveLength(2);
  expect(worded(tee.program).filter(({ kind }) => kind === 'stack')).toHaveLength(2);
  // for side two all of it again: turned over, freed of lint, laid and taped; what was dried is dry
  const steps = worded(tee.program);
  const second = steps.slice(
    steps.findIndex(({ does }) => does === 'turn-over-and-stack'),
    steps.findIndex(({ id }) => id === 'stack-2'),
  );
  expect(second.map(({ does }) => does)).toEqual([
    ...(['turn-over-and-stack', 'lint-off', 'lay-and-tape'] as const),
  ]);
  expect(second[0]?.detail).toMatch(/Fresh paper.*heated again/);
});

test('own figures for this blank and transfer outrank ours, and say where they come from', () => {
  const figures = [
    {
      ...{ id: 'own-1', blankId: 'medallion', transfer: 'sublimation' as const },
      ...{ machineId: 'plate-press' },
      ...{ temperatureC: fahrenheitToC(385), dwellS: 180, pressure: null },
      origin: "maker's sheet" as const,
    },
  ];
  const plan = planJob(jobFor({ on: 'medallion', with: 'plate-press', line: '' }), {
    ...shelf,
    figures,
  });
  expect(settingsLine(plan.press.settings, TRADE_UNITS)).toBe('385 °F · 3 min · light');
  expect(plan.tools.recipe.origin).toBe("maker's sheet");
  const elsewhere = planJob(jobFor({ on: 'medallion', with: 'hand-press', line: '' }), {
    ...shelf,
    figures,
  });
  expect(settingsLine(elsewhere.press.settings, TRADE_UNITS)).toBe('360 °F · 4 min 10 s · light');
  const other = planJob(jobFor({ on: 'round-coaster', with: 'plate-press', line: '' }), {
    ...shelf,
    figures,
  });
  expect(celsiusToF(other.press.settings.temperatureC ?? 0)).toBeCloseTo(360, 6);
});

test('every layer that protects says how it comes out, but film, which stays', () => {
  const protecting = RECIPES.flatMap(({ layers }) => layers.filter((l) => l.role === 'protect'));
  const silent = protecting
    .filter((layer) => wearWords(layer) === null)
    .map(({ is }) => MATERIAL_WORDS[is]);
  expect([...new Set(silent)]).toEqual(['Film']);
  // common practice: uncoated paper, card and sleeves catch dye and are spent after one pressing
  const spent = protecting
    .filter(({ lasts }) => lasts === 'once')
    .map(({ is }) => MATERIAL_WORDS[is]);
  expect([...new Set(spent)].sort()).toEqual([
    'Card',
    'Clean paper',
    'Clean paper sleeve',
    'Shrink sleeve',
  ]);
});

describe('the order of the work (common practice)', () => {
  const stepsOf = (job: Job) => worded(planJob(job, shelf).press.program);
  const at = (job: Job, title: RegExp) => stepsOf(job).findIndex((step) => title.test(step.title));
  const onNavy = (kind: TransferKind) => withTransfer(jobOn('tee-navy', artwork()), kind, shelf);

  test.each(['sublimation', 'vinyl', 'film-white', 'dark-paper', 'light-paper'] as const)(
    '%s on a tee: a pre-press is made when the press is hot, lint comes off after it',
    (kind) => {
      const job = kind === 'sublimation' ? jobOn('tee', artwork()) : onNavy(kind);
      const [warm, dry, lint] = [/warm up|Heat the iron/, /Press it dry/, /Lint off/].map((title) =>
        at(job, title),
      ) as [number, number, number];
      expect(warm).toBeGreaterThanOrEqual(0);
      expect(dry).toBeGreaterThan(warm);
      expect(lint).toBeGreaterThan(dry);
    },
  );

  test('opaque paper: pre-press first, then the backing off', () => {
    const job = onNavy('dark-paper');
    expect(at(job, /backing off/)).toBeGreaterThan(at(job, /Press it dry/));
  });

  test('a sleeve comes off hot, before the cool-down; the paper after it', () => {
    const job: Job = { ...mugJob(), heat: { ...mugJob().heat, machineId: 'oven' } };
    const [sleeve, cool, paper] = [/sleeve off, hot/, /^Cool/, /^Unwrap/].map((title) =>
      at(job, title),
    ) as [number, number, number];
    expect([sleeve < cool, cool < paper]).toEqual([true, true]);
  });

  test('an iron never goes on the bare film', () => {
    const job = { ...jobOn('tote', artwork()), heat: { ...mugJob().heat, machineId: 'iron' } };
    const second = stepsOf(withTransfer(job, 'light-paper', shelf)).find(({ title }) =>
      /second pass/.test(title),
    );
    expect(second?.detail).toMatch(/back over the picture/);
  });

  test('a tumbler without a handle is spoken to of none', () => {
    const job: Job = { ...jobOn('tumbler-20oz', artwork()) };
    for (const machineId of ['oven', 'tumbler-press'])
      expect(JSON.stringify(stepsOf({ ...job, heat: { ...job.heat, machineId } }))).not.toMatch(
        /handle|[{}]handle/,
      );
  });
});
