import fc from 'fast-check';
import { artwork, factsWith, jobOn, shelf } from '@tests/support/jobs';
import { area, contains, intersection, mapBox, right } from '../../geometry';
import { withBestSeams, withSeamAt } from '../../job';
import type { Artwork, Job, SheetChoices } from '../../model';
import { planJob } from '../../plan';
import { inches } from '../../units';
import { bestSeams, costOf, layingSteps, seamsHold, sheetsFor } from '.';

/** A panel of such a size in inches, its picture over all of it, on letter with the usual overlap. */
function panel(widthIn: number, heightIn: number, art: Artwork = artwork()): Job {
  const measured = { widthMm: inches(widthIn), heightMm: inches(heightIn), cornerRadiusMm: 0 };
  const job = jobOn('wall-panel', art, measured);
  const [placement] = job.placements;
  if (!placement) throw new Error('no picture');
  return { ...job, bleedMm: 0, placements: [{ ...placement, sizing: { mode: 'cover' } }] };
}

const withChoices = (job: Job, part: Partial<SheetChoices>): Job => ({
  ...job,
  sheet: { ...job.sheet, ...part },
});

const tilingOf = (job: Job) => {
  const [tiling] = planJob(job, shelf).tilings;
  if (!tiling) throw new Error('not tiled');
  return tiling;
};

describe('sheets needed, US letter with 1/8 in margins and 1/4 in overlap (common practice)', () => {
  test.each([
    [12, 18, 4],
    [10, 14, 2],
    [10, 9.375, 2],
    [24, 36, 12],
  ])('%s × %s in takes %s', (width, height, sheets) => {
    expect(planJob(panel(width, height), shelf).sheets).toHaveLength(sheets);
  });

  test('10 × 14 in lies sideways, since upright it takes four', () => {
    expect(planJob(panel(10, 14), shelf).sheets[0]?.orientation).toBe('landscape');
  });
});

/** Every way of placing seams, tried one by one. */
function bruteForce(reach: Parameters<typeof bestSeams>[0], count: number, costs: number[]) {
  let best = Infinity;
  const tryFrom = (from: number, at: number[]): void => {
    if (at.length === count - 1) {
      if (seamsHold(reach, at)) best = Math.min(best, costOf({ stepMm: 1, costs }, at));
      return;
    }
    for (let next = from + 1; next < costs.length; next++) tryFrom(next, [...at, next]);
  };
  tryFrom(0, []);
  return best;
}

test('the cheapest seams are those that trying every place finds', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 12, max: 26 }),
      fc.integer({ min: 7, max: 15 }),
      fc.integer({ min: 0, max: 2 }),
      fc.integer({ min: 0, max: 2 }),
      fc.array(fc.integer({ min: 0, max: 9 }), { minLength: 27, maxLength: 27 }),
      (lengthMm, sheetMm, beforeMm, afterMm, weights) => {
        const reach = { lengthMm, sheetMm, beforeMm, afterMm };
        const count = sheetsFor(reach);
        fc.pre(count > 1 && count < 6);
        const costs = weights.slice(0, lengthMm + 1);
        const found = bestSeams(reach, count, { stepMm: 1, costs }, 0);
        const tried = bruteForce(reach, count, costs);
        expect(found?.cost ?? Infinity).toBe(tried);
        if (found) expect(seamsHold(reach, found.atMm)).toBe(true);
      },
    ),
  );
});

test('a seam lies in the middle of a quiet stretch, not on its rim', () => {
  const busy = (from: number, to: number) =>
    Array.from({ length: 101 }, (_, at) => (at >= from && at <= to ? 5 : 0));
  const seam = (costs: number[]) =>
    bestSeams({ lengthMm: 100, sheetMm: 90, beforeMm: 0, afterMm: 0 }, 2, { stepMm: 1, costs }, 5)
      ?.atMm[0] ?? NaN;
  const beside = seam(busy(38, 62));
  expect(Math.min(Math.abs(beside - 19), Math.abs(beside - 81))).toBeLessThanOrEqual(1);
  expect(seam(busy(0, 30))).toBeCloseTo(65, -0.5);
  expect(seam(busy(101, 101))).toBe(50);
});

test('no fewer sheets would do, and no strip is a sliver', () => {
  const tiling = tilingOf(panel(24, 36));
  for (const { shown } of tiling.tiles) {
    expect(shown.width).toBeGreaterThanOrEqual(inches(1));
    expect(shown.height).toBeGreaterThanOrEqual(inches(1));
  }
  const reach = { lengthMm: 500, sheetMm: 200, beforeMm: 3, afterMm: 3 };
  expect(sheetsFor(reach)).toBe(3);
  // two sheets show at most 2 × 200 − 6
  expect(sheetsFor({ ...reach, lengthMm: 394 })).toBe(2);
  expect(sheetsFor({ ...reach, lengthMm: 394.1 })).toBe(3);
  expect(sheetsFor({ ...reach, lengthMm: 300, sheetMm: 6 })).toBe(Infinity);
});

test('a length that only just fits its sheets is cut up all the same', () => {
  // 5 × 8.25 in less 4 overlaps of 1/4 in is 40.25 in
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 0.9, noNaN: true }),
      fc.integer({ min: 2, max: 7 }),
      (spare, count) => {
        const sheetMm = 201.37;
        const lengthMm = count * sheetMm - (count - 1) * 6.35 - spare;
        const job = panel(lengthMm / 25.4, 5);
        const sides = { top: 3.175, right: 7.265, bottom: 3.175, left: 7.265 };
        const [printer, ...others] = shelf.printers;
        if (!printer) throw new Error('no printer');
        const tight = { ...shelf, printers: [{ ...printer, marginsMm: sides }, ...others] };
        const { misfits, tilings } = planJob(job, tight);
        expect(misfits).toEqual([]);
        expect(tilings).toHaveLength(lengthMm > 260 ? 1 : tilings.length);
      },
    ),
    { numRuns: 40 },
  );
});

/** A picture with nothing but a busy stripe at its upright middle. */
const striped = artwork({
  storedWidthPx: 2000,
  storedHeightPx: 2000,
  facts: factsWith({
    detail: { columns: 10, rows: 1, cells: [0, 0, 0, 0, 255, 255, 0, 0, 0, 0] },
  }),
});

test('seams go round detail, and round what must stay whole', () => {
  const job = withChoices(panel(12, 10, striped), { paperId: 'letter' });
  const tiling = tilingOf(job);
  const [seam] = tiling.downAtMm;
  expect(tiling.columns).toBe(2);
  // the busy fifth in the middle, 4.8 to 7.2 in, is left whole
  expect(seam !== undefined && (seam <= inches(4.8) || seam >= inches(7.2))).toBe(true);
  expect(tiling.cost).toBeLessThan(tiling.evenCost);

  const kept = { id: 'k1', faceId: 'front', xMm: 0, yMm: 20, widthMm: 180, heightMm: 50 };
  const round = tilingOf(withChoices(job, { keepWhole: [kept] }));
  expect(round.downAtMm[0]).toBeGreaterThanOrEqual(180);
});

test('a part wider than any sheet cannot stay whole, and that is said', () => {
  const kept = { id: 'k1', faceId: 'front', xMm: 1, yMm: 1, widthMm: 300, heightMm: 20 };
  const { checks } = planJob(withChoices(panel(12, 10), { keepWhole: [kept] }), shelf);
  expect(checks.map(({ id }) => id)).toContain('seam-through-front-1');
});

test('a seam moved by hand stops where its sheets can hold no more', () => {
  const job = panel(12, 10);
  const tiling = tilingOf(job);
  const far = withSeamAt(job, tiling, 'down', 0, inches(11.9));
  const moved = tilingOf(far);
  expect(moved.byHand).toBe(true);
  expect(moved.downAtMm[0]).toBeCloseTo(tiling.downLimits[0]?.to ?? 0, 6);
  expect(moved.downAtMm[0]).toBeLessThan(inches(8.25));
  expect(tilingOf(withBestSeams(far, 'front-1')).downAtMm).toEqual(tiling.downAtMm);
});

test('seams set by hand are used when sheets can hold them, else told and replaced', () => {
  const by = (at: number) =>
    withChoices(panel(12, 10), {
      seams: [{ pieceId: 'front-1', downAtMm: [at], acrossAtMm: [] }],
    });
  expect(tilingOf(by(inches(7.5)))).toMatchObject({ byHand: true, downAtMm: [inches(7.5)] });
  const tooFar = planJob(by(inches(11)), shelf);
  expect(tooFar.tilings[0]?.byHand).toBe(false);
  expect(tooFar.checks.map(({ id }) => id)).toContain('seams-moved-front-1');
});

describe.each(['one', 'both'] as const)('tiles, trimming %s of each pair', (trim) => {
  const job = withChoices(panel(24, 36), { tile: { overlapMm: 6, trim } });
  const plan = planJob(job, shelf);
  const { tiles } = tilingOf(job);

  test('show the whole piece once, and print the overlap twice', () => {
    const shown = tiles.reduce((sum, tile) => sum + area(tile.shown), 0);
    expect(shown).toBeCloseTo(inches(24) * inches(36), 4);
    for (const a of tiles)
      for (const b of tiles.filter((each) => each.row === a.row && each.column === a.column + 1))
        expect(intersection(a.printed, b.printed).width).toBeCloseTo(6, 6);
  });

  test('lie on paper where the printer reaches, mirrored, and nothing of theirs is lost', () => {
    for (const { printable, items } of plan.sheets) {
      const [item] = items;
      expect(item && right(item.box) <= right(printable) + 1e-6).toBe(true);
      expect(item?.matrix[0]).toBe(-1);
    }
  });

  test('the laying plan cuts exactly one of each pair, and the later sheet lies on top', () => {
    const order = new Map(tiles.map(({ name }, i) => [name, i]));
    const opposite = { left: 'right', right: 'left', top: 'bottom', bottom: 'top' } as const;
    for (const tile of tiles) {
      for (const side of ['left', 'right', 'top', 'bottom'] as const) {
        const met = tiles.find(({ name }) => name === tile.meets[side]);
        if (!met) expect(tile.edges[side]).toBe('outer');
        else if (trim === 'both') expect(tile.edges[side]).toBe('ink');
        else {
          const later = (order.get(tile.name) ?? 0) > (order.get(met.name) ?? 0);
          expect(tile.edges[side]).toBe(later ? 'cut' : 'under');
          expect(met.edges[opposite[side]]).toBe(later ? 'under' : 'cut');
        }
      }
    }
    const [first, second] = layingSteps(tilingOf(job), true);
    expect(first?.over).toEqual([]);
    // printed side up the second lies to the right of the first
    expect(second?.over).toEqual([{ tile: 'A1', side: 'left' }]);
  });
});

test('every line that is cut is shown: by ticks, or on the strip that is cut off', () => {
  const { sheets } = planJob(panel(24, 36), shelf);
  for (const { items, marks } of sheets) {
    const [item] = items;
    const cuts = Object.values(item?.tile?.edges ?? {}).filter((edge) => edge === 'cut').length;
    const lines = marks.cutGuides.flatMap((guide) => (guide.kind === 'line' ? [] : guide.lines));
    const upright = new Set(
      lines.map(({ from, to }) => (from.x === to.x ? `x${from.x}` : `y${from.y}`)),
    );
    expect(upright.size).toBeGreaterThanOrEqual(cuts);
    for (const guide of marks.cutGuides.filter(({ kind }) => kind === 'strip')) {
      if (guide.kind !== 'strip' || !item?.tile) continue;
      const shown = mapBox(item.matrix, item.tile.shown);
      for (const { from, to } of guide.lines) {
        const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2, width: 0, height: 0 };
        expect(contains(shown, middle)).toBe(false);
        expect(contains(item.box, middle)).toBe(true);
      }
    }
  }
});

test('a sheet whose part holds no ink is not printed', () => {
  const round = jobOn('round-coaster', artwork(), { diameterMm: 420, holeMm: 0 });
  const plan = planJob(withChoices(round, { tile: { overlapMm: 6, trim: 'one' } }), shelf);
  const [tiling] = plan.tilings;
  expect(plan.sheets.length).toBe(tiling?.tiles.length);
  expect(plan.sheets.length).toBeLessThanOrEqual((tiling?.rows ?? 0) * (tiling?.columns ?? 0));
});
