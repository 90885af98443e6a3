import fc from 'fast-check';
import { artwork, covering, factsWith, jobOn, shelf } from '@tests/support/jobs';
import { planJob } from '../plan';
import { withBestSeams, withSeamAt, withSheet } from '.';

/** A wall panel of 24 × 36 in over letter sheets, its picture busy in the middle. */
const SIDE = 16;
const busyMiddle = factsWith({
  detail: {
    columns: SIDE,
    rows: SIDE,
    cells: Array.from({ length: SIDE * SIDE }, (_, i) => {
      const [x, y] = [i % SIDE, Math.floor(i / SIDE)];
      return Math.round(255 / (1 + (x - SIDE / 2) ** 2 + (y - SIDE / 2) ** 2));
    }),
  },
});
const panel = covering(
  jobOn('wall-panel', artwork({ storedWidthPx: 5400, storedHeightPx: 7200, facts: busyMiddle })),
);
const tilingOf = (job: typeof panel) => {
  const [tiling] = planJob(job, shelf).tilings;
  if (!tiling) throw new Error('not tiled');
  return tiling;
};
const best = tilingOf(panel);

describe('a seam moved by hand', () => {
  const axes = fc.constantFrom('down' as const, 'across' as const);
  const places = (axis: 'down' | 'across', { downAtMm, acrossAtMm } = best) =>
    axis === 'down' ? downAtMm : acrossAtMm;

  test('goes where it is put as far as its sheets hold, the others stay, and it never gets cheaper', () => {
    fc.assert(
      fc.property(
        axes,
        fc.nat(9),
        fc.double({ min: -50, max: 999, noNaN: true }),
        (axis, n, to) => {
          const nth = n % places(axis).length;
          const moved = tilingOf(withSeamAt(panel, best, axis, nth, to));
          const limit = (axis === 'down' ? best.downLimits : best.acrossLimits)[nth];
          if (!limit) throw new Error('no limit');
          expect(moved.byHand).toBe(true);
          expect(places(axis, moved)[nth]).toBeCloseTo(
            Math.min(limit.to, Math.max(limit.from, to)),
            6,
          );
          const others = (all: readonly number[]) => all.filter((_, i) => i !== nth);
          expect(others(places(axis, moved))).toEqual(others(places(axis)));
          const crossing = axis === 'down' ? 'across' : 'down';
          expect(places(crossing, moved)).toEqual(places(crossing));
          expect(moved.cost).toBeGreaterThanOrEqual(best.cost - 1e-6);
          expect(moved.bestCost).toBeCloseTo(best.bestCost, 6);
        },
      ),
      { numRuns: 40 },
    );
  });

  test('its limits are true: at either end every sheet still holds its part', () => {
    for (const [nth, { from, to }] of best.downLimits.entries()) {
      for (const end of [from, to]) {
        const { tiles, byHand } = tilingOf(withSeamAt(panel, best, 'down', nth, end));
        expect(byHand).toBe(true);
        expect(tiles).toHaveLength(best.tiles.length);
      }
    }
  });
});

test('two moved one after the other are both kept; the best places come back on request', () => {
  const one = withSeamAt(panel, best, 'down', 0, (best.downLimits[0]?.from ?? 0) + 3);
  const two = withSeamAt(one, tilingOf(one), 'across', 0, (best.acrossLimits[0]?.to ?? 0) - 2);
  expect(tilingOf(two).downAtMm[0]).toBeCloseTo((best.downLimits[0]?.from ?? 0) + 3, 6);
  expect(tilingOf(two).acrossAtMm[0]).toBeCloseTo((best.acrossLimits[0]?.to ?? 0) - 2, 6);
  expect(two.sheet.seams).toHaveLength(1);
  expect(tilingOf(withBestSeams(two, best.pieceId))).toEqual(best);
});

test('seams of another piece are left as they are', () => {
  const foreign = { pieceId: 'another', downAtMm: [10], acrossAtMm: [] };
  const job = withSheet(panel, { seams: [foreign] });
  expect(withSeamAt(job, best, 'down', 0, 100).sheet.seams).toContainEqual(foreign);
  expect(withBestSeams(withSeamAt(job, best, 'down', 0, 100), best.pieceId).sheet.seams).toEqual([
    foreign,
  ]);
});
