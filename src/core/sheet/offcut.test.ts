/** What is left of sheets that are only cut. Common practice, no source. */
import { artwork, factsWith, jobOn, shelf } from '@tests/support/jobs';
import { applyFix, type CheckCode } from '../check';
import { regionArea, regionBox } from '../geometry';
import type { Job, Paper, Shelf } from '../model';
import { planJob } from '../plan';
import { withTransfer } from '../shelf';
import { offcutOf } from '.';

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
const withPaper = (...papers: Paper[]): Shelf => ({
  ...shelf,
  papers: [...shelf.papers, ...papers],
});
const codes = (job: Job, on: Shelf): CheckCode[] => planJob(job, on).checks.map(({ code }) => code);
const vinyl = (widthMm: number, part: Partial<Job['sheet']> = {}): Job => {
  const job = withTransfer(jobOn('tee', cut), 'vinyl', shelf);
  const placements = job.placements.map((each) => ({
    ...each,
    sizing: { mode: 'exact' as const, widthMm, heightMm: widthMm, locked: true },
  }));
  return {
    ...{ ...job, placements },
    cut: { ...job.cut, line: 'contour' },
    sheet: { ...job.sheet, ...part },
  };
};
const plan = planJob(vinyl(100), shelf);
const [sheet] = plan.sheets;
const left = sheet && offcutOf(sheet, plan.pieces, plan.tools.paper);
if (!left) throw new Error('nothing left');
const rest: Paper = { ...plan.tools.paper, id: 'rest', ...left, offcut: true };

test('is kept with the true outline of what came out, and no marks take room on it', () => {
  const area = left.gone.map((ring) => regionArea([ring.map(([x, y]) => ({ x, y }))]));
  // a triangle of corners (0, 0), (1, 0.2), (0.6, 1): 44 % of its box
  expect(area[0]).toBeCloseTo(0.44 * 100 * 100, -1);
  expect(sheet.marks).toMatchObject({ cutGuides: [], foot: null });
});

test('is offered first when a piece fits what is there, and nothing lies where it is gone', () => {
  const on = withPaper(rest);
  const note = planJob(vinyl(80), on).checks.find(({ code }) => code === 'offcut-waits');
  const [way] = note?.fixes ?? [];
  if (!way) throw new Error('not offered');
  const used = planJob(applyFix(vinyl(80), way, on), on);
  const [again] = used.sheets;
  const [box] = again?.items.map((item) => item.box) ?? [];
  const [hole] = again?.gone ?? [];
  if (!box || !hole) throw new Error('not laid');
  const apart =
    box.x >= hole.x + hole.width ||
    hole.x >= box.x + box.width ||
    box.y >= hole.y + hole.height ||
    hole.y >= box.y + box.height;
  expect(apart).toBe(true);
  expect(codes(vinyl(290), on)).not.toContain('offcut-waits');
  // a second thing is cut from what the first left, so that both are gone of it
  const less = again && offcutOf(again, used.pieces, used.tools.paper);
  expect(less?.gone).toHaveLength(2);
});

test('an offcut is there once: more sheets of it than that are told', () => {
  const job = {
    ...vinyl(140, { paperId: 'rest' }),
    items: [{ ...vinyl(1).items[0], copies: 6 }],
  };
  expect(codes(job as Job, withPaper(rest))).toContain('few-left');
});

test('however often it is cut from, what is gone stays gone', () => {
  // sixteen squares out of its lower edge already, as many as are kept apart
  const full: Paper = {
    ...rest,
    gone: Array.from({ length: 16 }, (_, i): [number, number][] => [
      [18 * i, 290],
      [18 * i + 10, 290],
      [18 * i + 10, 300],
      [18 * i, 300],
    ]),
  };
  const once = planJob(vinyl(60, { paperId: 'rest' }), withPaper(full));
  const [cutFrom] = once.sheets;
  const less = cutFrom && offcutOf(cutFrom, once.pieces, once.tools.paper);
  if (!less || !cutFrom) throw new Error('nothing left');
  expect(less.gone).toHaveLength(16);
  const boxes = less.gone.map((ring) => regionBox([ring.map(([x, y]) => ({ x, y }))]));
  const lost = [...full.gone.map(([first]) => first ?? [0, 0]), [0, 0]].slice(0, 16);
  for (const [x = 0, y = 0] of lost)
    expect(boxes.some((b) => b.x <= x && b.y <= y && b.x + b.width >= x + 9)).toBe(true);
});
