import fc from 'fast-check';
import { artwork, jobOn, shelf } from '@tests/support/jobs';
import { area, contains, intersection, mapBox, outset, type Box } from '../geometry';
import { plainItem, type Job } from '../model';
import { planJob, type JobPlan } from '../plan';

const picture = artwork({ storedWidthPx: 2000, storedHeightPx: 2000 });

/** So many prints of a square motif on totes, with so much paper round each. */
function motifs(
  count: number,
  sideMm: number,
  marginMm: number,
  sheet: Partial<Job['sheet']> = {},
) {
  const job = jobOn('tote', picture);
  return planJob(
    {
      ...job,
      cut: { ...job.cut, marginMm },
      sheet: { ...job.sheet, ...sheet },
      items: [{ ...plainItem('first'), copies: count }],
      placements: job.placements.map((each) => ({
        ...each,
        sizing: { mode: 'exact', widthMm: sideMm, heightMm: sideMm, locked: true },
      })),
    },
    shelf,
  );
}

/** Where ink lies on each sheet, page mm. */
const inkOn = ({ sheets, pieces }: JobPlan): Box[][] =>
  sheets.map(({ items }) =>
    items.flatMap(({ pieceId, matrix }) =>
      (pieces.find(({ id }) => id === pieceId)?.arts ?? []).map(({ box }) => mapBox(matrix, box)),
    ),
  );

describe('a border without ink takes no room', () => {
  test('it may lie where the printer does not reach: one sheet, not two taped together', () => {
    const [page] = motifs(1, 50, 3).sheets;
    const wide = page?.printable.width ?? 0;
    const plan = motifs(1, wide, 3);
    expect(plan.tilings).toEqual([]);
    expect(plan.sheets).toHaveLength(1);
    const [[ink] = []] = inkOn(plan);
    expect(contains(outset(plan.sheets[0]?.printable as Box, 1e-6), ink as Box)).toBe(true);
    // a cutter cuts the border too, so there it must be on the sheet
    expect(motifs(1, wide, 3, { cutterId: 'small-cutter' }).sheets.length).toBeGreaterThan(1);
  });

  test('neighbours share it: nine motifs where a cutter’s outlines take more', () => {
    const { sheets } = motifs(30, 58, 6);
    expect(sheets.length).toBeLessThan(
      motifs(30, 58, 6, { cutterId: 'small-cutter' }).sheets.length,
    );
  });

  test('ink never meets ink, and is never where nothing is printed', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 20, max: 205 }),
        fc.integer({ min: 0, max: 30 }),
        (count, sideMm, marginMm) => {
          const plan = motifs(count, sideMm, marginMm);
          plan.sheets.forEach(({ printable, items }, n) => {
            const inks = inkOn(plan)[n] ?? [];
            inks.forEach((ink, i) => {
              if (items[i]?.tile === null)
                expect(contains(outset(printable, 1e-6), ink)).toBe(true);
              inks
                .slice(i + 1)
                .forEach((other) => expect(area(intersection(outset(ink, 5.99), other))).toBe(0));
            });
          });
        },
      ),
      { numRuns: 40 },
    );
  });
});
