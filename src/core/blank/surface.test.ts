/** What blanks are besides their size: finish, bundle, humps. Common practice and facts of the trade, no source. */
import { artwork, factsWith, jobOn, shelf } from '@tests/support/jobs';
import { applyFix } from '../check';
import { withArt } from '../job';
import type { Job, Substrate } from '../model';
import { planJob } from '../plan';
import { worksOn } from '../press';
import { inches } from '../units';
import { facesOf } from '.';

const palette = (colour: string) => factsWith({ palette: [{ colour, share: 1 }] });
const on = (blank: string, substrate: Partial<Substrate>, art = artwork()): Job => {
  const job = jobOn(blank, art);
  return { ...job, blank: { ...job.blank, substrate: { ...job.blank.substrate, ...substrate } } };
};
const codes = (job: Job) => planJob(job, shelf).checks.map(({ code }) => code);

test('pale dye on glitter cannot be read; dark dye, and what covers, can', () => {
  const pale = artwork({ facts: palette('#f4d6e0') });
  const dark = artwork({ facts: palette('#1f2a44') });
  expect(codes(on('round-coaster', { finish: 'glitter' }, pale))).toContain('on-glitter');
  expect(codes(on('round-coaster', { finish: 'glitter' }, dark))).not.toContain('on-glitter');
  expect(codes(on('round-coaster', { finish: 'glossy' }, pale))).not.toContain('on-glitter');
  const vinyl: Job = { ...on('tee', { finish: 'glitter' }, pale), transfer: 'vinyl' };
  expect(codes(vinyl)).not.toContain('on-glitter');
});

test('dye on clear glass is told of', () => {
  expect(codes(on('round-coaster', { finish: 'clear', material: 'glass' }))).toContain('on-clear');
});

test('a hump above the base shortens the wall from below, as one below the rim from above', () => {
  const { blank } = jobOn('mug-12oz', artwork());
  if (blank.form.kind !== 'straight-wrap') throw new Error('no mug');
  const wall = (part: object) =>
    facesOf({ ...blank, form: { ...blank.form, ...part } as typeof blank.form })[0]?.heightMm ?? 0;
  expect(wall({})).toBeCloseTo(inches(3.79), 6);
  expect(wall({ baseHumpMm: 8 })).toBeCloseTo(inches(3.79) - 8, 6);
  expect(wall({ baseHumpMm: 8, humpMm: 5 })).toBeCloseTo(inches(3.79) - 13, 6);
});

describe('a swirled or folded garment', () => {
  const bundle = { widthMm: 200, heightMm: 180 };
  const art = artwork({ storedWidthPx: 3000, storedHeightPx: 2700 });
  const start = jobOn('tee', art);
  const blank = {
    ...start.blank,
    form: { ...start.blank.form, bundle } as typeof start.blank.form,
  };
  const job = withArt({ ...start, blank, placements: [], arts: [] }, art, 'p1');

  test('has one face, the bundle, and needs a print that is larger', () => {
    expect(facesOf(blank)).toMatchObject([{ id: 'front', ...bundle }]);
    const found = planJob(job, shelf).checks.find(({ code }) => code === 'bundle-short');
    const [way] = found?.fixes ?? [];
    if (!way) throw new Error('no way out');
    const mended = applyFix(job, way, shelf);
    const { pieces, checks } = planJob(mended, shelf);
    expect(checks.map(({ code }) => code)).not.toContain('bundle-short');
    expect(pieces[0]?.widthMm).toBeCloseTo(240, 3);
    expect(pieces[0]?.heightMm).toBeCloseTo(220, 3);
  });

  test('is swirled up before the print is laid, and unrolled and ironed at the end', () => {
    const does = planJob(job, shelf).press.program.operations.map((each) => each.does);
    expect(does).not.toContain('crease-centre');
    expect(does.indexOf('bundle-up')).toBeGreaterThan(0);
    expect(does.indexOf('bundle-up')).toBeLessThan(does.indexOf('lay-and-tape'));
    expect(does.at(-1)).toBe('unroll-and-iron');
  });
});

test('a tumbler press has no figures for thick ceramic: a minute a side is told of steel', () => {
  const press = shelf.machines.find(({ id }) => id === 'tumbler-press');
  if (!press) throw new Error('no press');
  const { blank: mug } = jobOn('mug-12oz', artwork());
  const { blank: steel } = jobOn('tumbler-20oz', artwork());
  expect(worksOn(press, steel, 'sublimation')).toBe(true);
  expect(worksOn(press, mug, 'sublimation')).toBe(false);
  const stuck = { ...jobOn('mug-12oz', artwork()) };
  const { checks } = planJob(
    { ...stuck, heat: { ...stuck.heat, machineId: 'tumbler-press' } },
    shelf,
  );
  const stop = checks.find(({ code }) => code === 'no-recipe');
  expect(stop?.fixes.length).toBeGreaterThan(0);
});
