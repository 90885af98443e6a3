/** Paper, film and ready-made sheets as they are bought, used and left over. Common practice, no source. */
import { artwork, factsWith, jobOn, shelf } from '@tests/support/jobs';
import { applyFix, type CheckCode } from './check';
import { regionBox } from './geometry';
import {
  productSchema,
  paperSchema,
  productFiguresSchema,
  type Job,
  type OwnFigures,
  type Paper,
  type Shelf,
} from './model';
import { planJob } from './plan';
import { planPlainProof } from './plainProof';
import { ownPaper, withTransfer } from './shelf';
import { inches } from './units';

const square = artwork({ storedWidthPx: 1500, storedHeightPx: 1500 });
const cut = artwork({
  transparentShare: 0.4,
  facts: factsWith({
    silhouette: [
      [
        [0, 0],
        [1, 0.2],
        [0.6, 1],
      ],
    ],
  }),
});
const sized = (job: Job, widthMm: number, heightMm = widthMm): Job => ({
  ...job,
  placements: job.placements.map((each) => ({
    ...each,
    sizing: { mode: 'exact', widthMm, heightMm, locked: true },
  })),
});
const paperOf = (id: string): Paper => {
  const found = shelf.papers.find((each) => each.id === id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};
const bought = (id: string, product: object, more: Partial<Paper> = {}): Paper => ({
  ...paperOf(id),
  ...more,
  product: productSchema.parse({ transfer: null, ...product }),
});
const withPaper = (...papers: Paper[]): Shelf => ({
  ...shelf,
  papers: [...shelf.papers.filter(({ id }) => !papers.some((each) => each.id === id)), ...papers],
});
const codes = (job: Job, on = shelf): CheckCode[] =>
  planJob(job, on).checks.map(({ code }) => code);
const onCloth = (transfer: Job['transfer'], blank = 'tee-navy') =>
  sized(withTransfer(jobOn(blank, cut), transfer, shelf), inches(6));

describe('film is a piece of its own', () => {
  test.each([
    ['film-white', 0],
    ['film-clear', 3],
  ] as const)('%s is cut %d mm beyond its print, from a sheet of its own', (kind, beyondMm) => {
    const plan = planJob(onCloth(kind), shelf);
    const [piece] = plan.pieces;
    const [film] = plan.film?.pieces ?? [];
    if (!piece || !film) throw new Error('no film');
    const [print, below] = [regionBox(piece.cut), regionBox(film.cut)];
    expect(below.width - print.width).toBeCloseTo(2 * beyondMm, 2);
    expect(below.height - print.height).toBeCloseTo(2 * beyondMm, 2);
    expect(film.arts).toEqual([]);
    expect(plan.film?.sheets).toHaveLength(1);
    // it is laid carrier up and cut carrier down
    expect(plan.film?.sheets[0]?.items[0]?.mirrored).toBe(true);
  });

  test('it is cut, laid, pressed and freed before the print is laid on it', () => {
    const { press } = planJob(onCloth('film-white'), shelf);
    const does = press.program.operations.map((each) => each.does);
    const order = [
      'trim-to-marks',
      'cut-film',
      'lint-off-or-peels',
      'lay-film',
      'press-film-on',
      'film-carrier-off',
      'lay-print-on-film',
      'check-stack',
      'press-flat',
    ];
    expect(order.map((task) => does.indexOf(task as (typeof does)[number]))).toEqual(
      order.map((task) => does.indexOf(task as (typeof does)[number])).sort((a, b) => a - b),
    );
    expect(order.every((task) => does.includes(task as (typeof does)[number]))).toBe(true);
    expect(press.program.operations.find((each) => each.does === 'press-film-on')?.countedS).toBe(
      8,
    );
    const film = press.supplies.find(({ is }) => is === 'film');
    expect(film?.count).toBe(1);
    expect(film?.atLeast?.widthMm).toBeCloseTo(inches(6), 1);
  });

  test('film smaller than the print is stopped; the larger one of the shelf is offered and takes it', () => {
    const small = { ...paperOf('film-letter'), id: 'small', widthMm: 100, heightMm: 150 };
    const job = onCloth('film-white');
    const on = withPaper(small);
    const stuck = { ...job, sheet: { ...job.sheet, filmId: 'small' } };
    const [stop] = planJob(stuck, on).checks;
    expect(stop).toMatchObject({ code: 'film-small', level: 'stop' });
    const [way] = stop?.fixes ?? [];
    expect(way && codes(applyFix(stuck, way, on), on)).not.toContain('film-small');
  });
});

describe('a product', () => {
  const figures = (part: object) => [
    productFiguresSchema.parse({ machineId: 'plate-press', ...part }),
  ];
  const light = () => {
    const job = onCloth('light-paper', 'tee');
    return { ...job, heat: { ...job.heat, machineId: 'plate-press' } };
  };
  const dwell = (job: Job, product: object) =>
    planJob(job, withPaper(bought('letter', product))).press.settings.dwellS;

  test('its maker’s table of times outranks ours, on the machine it is for and no other', () => {
    const times = [
      { widthMm: 100, heightMm: 100, dwellS: 30 },
      { widthMm: 220, heightMm: 280, dwellS: 70 },
    ];
    const product = { figures: figures({ times }) };
    expect(dwell(sized(light(), 90), product)).toBe(30);
    expect(dwell(sized(light(), 150), product)).toBe(70);
    const other = { ...light(), heat: { ...light().heat, machineId: 'hand-press' } };
    expect(dwell(sized(other, 90), product)).toBe(60);
  });

  test('temperature, pressure, pre-press and peel are taken; own figures for the blank outrank them', () => {
    const on = withPaper(
      bought('letter', {
        peel: 'hot',
        figures: figures({ temperatureC: 150, dwellS: 44, pressure: 'light', prePressS: 6 }),
      }),
    );
    const { press, tools } = planJob(light(), on);
    expect(press.settings).toMatchObject({ temperatureC: 150, dwellS: 44, pressure: 'light' });
    expect(tools.recipe.origin).toBe("maker's sheet");
    const dry = press.program.operations.find((each) => each.does === 'press-dry-and-flat');
    expect(dry?.countedS).toBe(6);
    const does = press.program.operations.map((each) => each.does);
    expect(does).toContain('peel-hot-for-matt');
    expect(does).not.toContain('cool-fully-for-gloss');
    const own = {
      ...{ id: 'own', blankId: 'tee', transfer: 'light-paper', machineId: 'plate-press' },
      ...{ temperatureC: 170, dwellS: 55, pressure: null, origin: 'own log' },
    } as OwnFigures;
    expect(planJob(light(), { ...on, figures: [own] }).press.settings).toMatchObject({
      temperatureC: 170,
      dwellS: 55,
    });
  });

  test('a film’s own seconds stand in its press', () => {
    const job = onCloth('film-clear', 'tee-navy');
    const product = {
      figures: [productFiguresSchema.parse({ machineId: job.heat.machineId, filmS: 11 })],
    };
    const { program } = planJob(job, withPaper(bought('film-letter', product))).press;
    expect(program.operations.find((each) => each.does === 'press-film-on')?.countedS).toBe(11);
  });
});

test('a paper that is peeled cold shortens no cup’s cool-down', () => {
  const mug = jobOn('mug-12oz', artwork());
  const cooling = (on: Shelf) =>
    planJob(mug, on).press.program.operations.filter(({ kind }) => kind === 'cool');
  for (const peel of ['hot', 'warm', 'cold'])
    expect(cooling(withPaper(bought('letter', { peel })))).toEqual(cooling(shelf));
});

test('a size out of the catalogue is copied to become one’s own; what is one’s own, or left over, stays itself', () => {
  const mine = ownPaper(paperOf('letter'), shelf.papers, 'mine');
  expect(mine).toMatchObject({ id: 'mine', name: 'My US letter', origin: 'own setting' });
  expect(ownPaper(paperOf('letter'), [...shelf.papers, mine], 'more').name).toBe('My US letter 2');
  const [own, left] = [bought('letter', {}), { ...paperOf('letter'), offcut: true }];
  expect([ownPaper(own, [], 'x'), ownPaper(left, [], 'x')]).toEqual([own, left]);
  const long = { ...paperOf('letter'), name: 'L'.repeat(120) };
  expect(paperSchema.safeParse(ownPaper(long, [], 'x')).success).toBe(true);
});

describe('the sheet that is taken', () => {
  const light = () => onCloth('light-paper', 'tee');

  test('made for another transfer it is stopped, and the right one is offered', () => {
    const dark = bought('a4', { transfer: 'dark-paper' });
    const on = withPaper(dark);
    const job = { ...light(), sheet: { ...light().sheet, paperId: 'a4' } };
    const stop = planJob(job, on).checks.find(({ code }) => code === 'wrong-sheet');
    expect(stop).toMatchObject({ level: 'stop', facts: { madeFor: 'dark-paper' } });
    const [way] = stop?.fixes ?? [];
    expect(way && codes(applyFix(job, way, on), on)).not.toContain('wrong-sheet');
    // taken for the transfer it is for, it is chosen before a plain size
    expect(withTransfer(jobOn('tee-navy', cut), 'dark-paper', on).sheet.paperId).toBe('a4');
  });

  test('more sheets than are left, and a maker who mirrors otherwise, are told', () => {
    expect(codes(light(), withPaper(bought('letter', { left: 0 })))).toContain('few-left');
    expect(codes(light(), withPaper(bought('letter', { left: 1 })))).not.toContain('few-left');
    expect(codes(light(), withPaper(bought('letter', { mirrored: false })))).toContain(
      'maker-mirrors',
    );
  });
});

test('opaque paper over several sheets is told of; made to fit one it is no more', () => {
  const large = sized(withTransfer(jobOn('tee-navy', square), 'dark-paper', shelf), inches(12));
  const { checks } = planJob(large, shelf);
  const found = checks.find(({ code }) => code === 'opaque-tiled');
  const way = found?.fixes.find(({ code }) => code === 'fit-on-sheets');
  if (!way) throw new Error('no way out');
  const mended = applyFix(large, way, shelf);
  expect(planJob(mended, shelf).sheets).toHaveLength(1);
  expect(codes(mended)).not.toContain('opaque-tiled');
});

test('a proof on plain paper is one print of every piece, as it looks, never mirrored', () => {
  const job = jobOn('mug-12oz', artwork());
  const plan = planJob(job, shelf);
  const { plan: proof } = planPlainProof(job, plan.pieces, plan.tools);
  expect(plan.sheets[0]?.items[0]?.mirrored).toBe(true);
  expect(proof.sheets.flatMap(({ items }) => items.map(({ mirrored }) => mirrored))).toEqual([
    false,
  ]);
  expect(proof.sheets[0]?.marks.foot?.label.proof).toBe(true);
});
