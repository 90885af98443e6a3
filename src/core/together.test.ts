import { goldenJobs } from '@tests/support/golden';
import { artwork, covering, jobOn, mugJob, shelf, times } from '@tests/support/jobs';
import { area, intersection } from './geometry';
import { withPictureRows } from './job';
import type { Job } from './model';
import { planJob } from './plan';
import { withPass } from './shelf';
import { planTogether, type Together } from './together';
import { labelLines, pieceWords } from '@/words';
import { TRADE_UNITS } from '@/words/units';

const called = (job: Job, id: string, name: string): Job => ({ ...job, id, name });
const only = (groups: readonly Together[]): Together => {
  const [group, ...others] = groups;
  if (!group || others.length > 0) throw new Error(`${groups.length} groups`);
  return group;
};
const coaster = called(covering(jobOn('round-coaster')), 'coaster', 'Moon coaster');
const mug = called(mugJob(), 'mug', 'Comet mug');
const tote = called(
  jobOn('tote', artwork({ storedWidthPx: 900, storedHeightPx: 900 })),
  'tote',
  'Tote',
);
const small: Job = {
  ...tote,
  placements: tote.placements.map((each) => ({
    ...each,
    sizing: { mode: 'exact', widthMm: 90, heightMm: 90, locked: true },
  })),
};

describe('three jobs printed together', () => {
  const group = only(planTogether([coaster, mug, small], shelf));
  const alone = group.brought.reduce((sum, each) => sum + each.alone, 0);

  test('take fewer sheets than apart, and every piece is on one of them once', () => {
    expect(alone).toBe(3);
    expect(group.sheets.length).toBeLessThan(alone);
    const laid = group.sheets.flatMap(({ items }) => items.map(({ pieceId }) => pieceId));
    expect([...laid].sort()).toEqual(group.pieces.map(({ id }) => id).sort());
  });

  test('each piece names its job, on the label too', () => {
    expect(group.pieces.map(pieceWords)).toEqual([
      'Face · Moon coaster',
      'Wrap · Comet mug',
      'Front · Tote',
    ]);
    const foot = group.sheets[0]?.marks.foot;
    const [line] = foot ? labelLines(foot.label, TRADE_UNITS) : [];
    expect(line).toMatch(/^(Face|Wrap|Front) · .*print at 100 %/);
  });

  test('pieces keep their size and never lie on each other', () => {
    for (const { items } of group.sheets)
      items.forEach(({ box }, i) =>
        items.slice(i + 1).forEach((other) => expect(area(intersection(box, other.box))).toBe(0)),
      );
    const own = planJob(mug, shelf).pieces[0];
    expect(group.pieces.find(({ id }) => id.startsWith('mug/'))).toMatchObject({
      widthMm: own?.widthMm,
      heightMm: own?.heightMm,
    });
  });
});

test('other paper, printer or mirroring is another file', () => {
  const on = (sheet: Partial<Job['sheet']>): Job => ({ ...mug, sheet: { ...mug.sheet, ...sheet } });
  const legal = called(on({ paperId: 'legal' }), 'legal', 'Legal');
  const driver = called(on({ mirrorBy: 'driver', printerId: 'ordinary-inkjet' }), 'other', 'Other');
  const groups = planTogether([coaster, legal, driver], shelf);
  expect(groups.map(({ brought }) => brought.map(({ jobId }) => jobId))).toEqual([
    ['coaster'],
    ['legal'],
    ['other'],
  ]);
});

test('of a tee with vinyl only what a printer prints goes along; a panel keeps its own sheets', () => {
  const tee = called(jobOn('tee', artwork()), 'tee', 'Night-watch tee');
  const both = withPass(tee, 'v', 'vinyl', shelf);
  const panel = called(covering(jobOn('wall-panel', artwork())), 'panel', 'Star chart');
  const group = only(planTogether([both, panel, coaster], shelf));
  expect(group.brought.map(({ jobId, passId }) => `${jobId} ${passId}`)).toEqual([
    'tee first',
    'panel first',
    'coaster first',
  ]);
  const tiled = group.sheets.filter(({ items }) => items.some(({ tile }) => tile !== null));
  const apart = planJob(panel, shelf).sheets;
  expect(tiled.filter(({ id }) => id.startsWith('panel/'))).toHaveLength(apart.length);
});

test('never more sheets than apart, over the demo’s jobs and batches of them', () => {
  const jobs = goldenJobs();
  for (let i = 0; i < jobs.length; i++) {
    const some = [jobs[i], jobs[(i + 3) % jobs.length], jobs[(i + 7) % jobs.length]].flatMap(
      (job, n) => (job ? [times(job, n + 1)] : []),
    );
    for (const { sheets, brought } of planTogether(some, shelf))
      expect(sheets.length).toBeLessThanOrEqual(brought.reduce((sum, { alone }) => sum + alone, 0));
  }
});

test('more than one plan takes is still printed, each job on its own sheets', () => {
  const many = [coaster, called(coaster, 'other', 'Sun coaster')].map((job) => times(job, 600));
  const { sheets, brought, pieces } = only(planTogether(many, shelf));
  expect(sheets).toHaveLength(brought.reduce((sum, { alone }) => sum + alone, 0));
  expect(sheets.flatMap(({ items }) => items)).toHaveLength(1200);
  expect(pieces).toHaveLength(2);
});

test('what one of them may not be, none is: turned, or cut otherwise than straight', () => {
  const still: Job = {
    ...mug,
    sheet: { ...mug.sheet, gang: { ...mug.sheet.gang, turn: false } },
  };
  const { sheets } = only(planTogether([times(still, 3), times(coaster, 3)], shelf));
  expect(sheets.flatMap(({ items }) => items).some(({ turned }) => turned)).toBe(false);
});

test('rows of a table keep their names beside the job’s', () => {
  let n = 0;
  const designs = [1, 2].map((digit) =>
    artwork({ sha256: String(digit).repeat(64), name: `fern ${digit}.png` }),
  );
  const rows = withPictureRows(mug, 'p1', designs, () => `row-${++n}`);
  const group = only(planTogether([rows, coaster], shelf));
  expect(group.pieces.map(pieceWords)).toContain('Wrap · Comet mug, fern 2');
});
