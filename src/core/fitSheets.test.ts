import { artwork, jobOn, shelf } from '@tests/support/jobs';
import type { Job } from './model';
import { planJob } from './plan';
import { sizeForSheets } from './fitSheets';
import { inches } from './units';

const square = artwork({ storedWidthPx: 4000, storedHeightPx: 4000 });
const withSize = (job: Job, widthIn: number): Job => ({
  ...job,
  placements: job.placements.map((each) => ({
    ...each,
    sizing: { mode: 'exact', widthMm: inches(widthIn), heightMm: inches(widthIn), locked: true },
  })),
});
const sized = (job: Job, sheets: number) => {
  const sizing = sizeForSheets(job, 'p1', sheets, shelf);
  if (!sizing) return null;
  const placements = job.placements.map((each) => ({ ...each, sizing }));
  return { sizing, plan: planJob({ ...job, placements }, shelf) };
};

describe('paper only round the art', () => {
  test('a motif of 4 × 4 in on a tote is one sheet, not four with empty ones', () => {
    const { sheets, pieces } = planJob(withSize(jobOn('tote', square), 4), shelf);
    expect(sheets).toHaveLength(1);
    expect(pieces[0]?.widthMm).toBeCloseTo(inches(4) + 6, 6);
  });

  test('what covers cloth still has its paper to the bleed', () => {
    const job = jobOn('pillow', square);
    const placements = job.placements.map((each) => ({
      ...each,
      sizing: { mode: 'cover' as const },
    }));
    const [piece] = planJob({ ...job, placements }, shelf).pieces;
    expect(piece?.widthMm).toBeCloseTo(inches(15.5) + 2 * job.bleedMm, 6);
  });

  test('sheets of a hard blank that would stay empty are not printed, and that is said', () => {
    const hard = jobOn('garden-panel', square, { widthMm: 400, heightMm: 600 });
    const { substrate } = jobOn('round-coaster').blank;
    const job = withSize({ ...hard, blank: { ...hard.blank, substrate } }, 4);
    const { sheets, checks, tilings } = planJob(job, shelf);
    const [tiling] = tilings;
    expect(sheets).toHaveLength(tiling?.tiles.length ?? 0);
    expect(tiling?.bare).toBeGreaterThan(0);
    expect((tiling?.bare ?? 0) + sheets.length).toBe((tiling?.rows ?? 0) * (tiling?.columns ?? 0));
    expect(checks.find(({ code }) => code === 'sheets-bare')).toMatchObject({
      level: 'note',
      facts: { bare: tiling?.bare },
    });
  });
});

describe('art as large as some sheets hold', () => {
  const tee = jobOn('tee', square);

  test.each([1, 2, 4])('%i of letter: no larger would do', (sheets) => {
    const found = sized(tee, sheets);
    expect(found?.plan.sheets.length).toBeLessThanOrEqual(sheets);
    const width = found?.sizing.mode === 'exact' ? found.sizing.widthMm : 0;
    const larger = planJob(withSize(tee, (width + 3) / 25.4), shelf);
    expect(larger.sheets.length).toBeGreaterThan(sheets);
  });

  test('9 × 7.75 in on one sheet, 10 × 14 in on two, as crafters make them (common practice)', () => {
    for (const [acrossIn, downIn, sheets] of [
      [9, 7.75, 1],
      [10, 14, 2],
    ] as const) {
      const picture = artwork({ storedWidthPx: 400 * acrossIn, storedHeightPx: 400 * downIn });
      const found = sized(jobOn('tee', picture), sheets);
      expect(found?.sizing.mode === 'exact' && found.sizing.widthMm).toBeGreaterThan(
        inches(acrossIn) - 0.2,
      );
    }
  });

  test('it stays in its proportions and within the safe area', () => {
    const wide = artwork({ storedWidthPx: 4000, storedHeightPx: 1000 });
    const found = sized(jobOn('socks-m', wide), 9);
    const sizing = found?.sizing.mode === 'exact' ? found.sizing : null;
    expect((sizing?.widthMm ?? 0) / (sizing?.heightMm ?? 1)).toBeCloseTo(4, 6);
    expect(sizing?.widthMm).toBeLessThanOrEqual(found?.plan.faces[0]?.safe.width ?? 0);
  });

  test('where paper covers the face whatever is on it, no size helps', () => {
    const { substrate } = jobOn('round-coaster').blank;
    const hard = jobOn('wall-panel', square);
    const full = { ...hard, blank: { ...hard.blank, substrate } };
    const repeat = {
      ...({ pattern: 'grid', atEdge: 'cut' } as const),
      ...{ stepXMm: 50, stepYMm: 50 },
    };
    const placements = full.placements.map((each) => ({ ...each, repeat }));
    expect(sizeForSheets({ ...full, placements }, 'p1', 1, shelf)).toBeNull();
    expect(sizeForSheets(full, 'nobody', 1, shelf)).toBeNull();
  });
});
