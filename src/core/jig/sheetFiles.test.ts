import { jobOn, mugJob, shelf, times } from '@tests/support/jobs';
import { regionBox } from '../geometry';
import type { Cutter, Job } from '../model';
import { planJob } from '../plan';
import { sheetCutFile } from '.';

const onCutter = (job: Job, copies = 1): Job => ({
  ...times(job, copies),
  sheet: { ...job.sheet, cutterId: 'small-cutter' },
});

const cutter = (part: Partial<Cutter> = {}): Cutter => {
  const [first] = shelf.cutters;
  if (!first) throw new Error('no cutter');
  return { ...first, ...part };
};

describe('the cut file of a sheet', () => {
  const plan = planJob(onCutter(jobOn('round-coaster'), 2), shelf);
  const [sheet] = plan.sheets;
  if (!sheet) throw new Error('no sheet');

  test('is the paper in true size, with every piece’s line where its print lies', () => {
    const file = sheetCutFile(sheet, plan.pieces, 0, null);
    expect([file?.widthMm, file?.heightMm]).toEqual([sheet.widthMm, sheet.heightMm]);
    const cuts = file?.lines.filter(({ purpose }) => purpose === 'cut') ?? [];
    expect(cuts).toHaveLength(2);
    cuts.forEach(({ points }, i) => {
      const box = regionBox([points]);
      expect(box.x).toBeCloseTo(sheet.items[i]?.box.x ?? 0, 3);
      expect(box.width).toBeCloseTo(sheet.items[i]?.box.width ?? 0, 3);
    });
  });

  test('bears the corners that are printed, three angles of two lines', () => {
    expect(sheet.marks.corners).toHaveLength(6);
    const file = sheetCutFile(sheet, plan.pieces, 0, null);
    expect(file?.lines.filter(({ purpose }) => purpose === 'mark')).toHaveLength(6);
    const byHand = planJob(jobOn('round-coaster'), shelf).sheets[0];
    expect(byHand?.marks.corners).toEqual([]);
  });

  test('takes the cutter’s measured offset off, and follows a page that is flipped later', () => {
    const left = (flips: number, by: Cutter | null) =>
      regionBox([sheetCutFile(sheet, plan.pieces, flips, by)?.lines[0]?.points ?? []]).x;
    expect(left(0, cutter({ cutOffMm: { x: 0.4, y: 0 } }))).toBeCloseTo(left(0, null) - 0.4, 6);
    const box = sheet.items[0]?.box;
    const mirrored = sheet.widthMm - (box?.x ?? 0) - (box?.width ?? 0);
    expect(left(1, null)).toBeCloseTo(mirrored, 3);
  });

  test('a tile is trimmed by hand: it has none', () => {
    const tiled = planJob(jobOn('wall-panel'), shelf);
    const [first] = tiled.sheets;
    expect(first && sheetCutFile(first, tiled.pieces, 0, null)).toBeNull();
  });
});

test('a mug’s cut file is its wrap', () => {
  const plan = planJob(onCutter(mugJob()), shelf);
  const [sheet] = plan.sheets;
  const file = sheet && sheetCutFile(sheet, plan.pieces, 0, cutter());
  expect(file).toMatchObject({ kind: 'sheet-cut', of: { id: 'wrap-1' }, offsetTaken: false });
});
