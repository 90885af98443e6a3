import { artwork, jobOn, shelf } from '@tests/support/jobs';
import type { Job } from '../model';
import { planJob } from '../plan';
import { TRADE_UNITS } from '@/words/units';
import { sheetTexts } from '@/words';

test('the label of a piece says where it lies on its blank; of several that differ, nothing', () => {
  const square = artwork({ storedWidthPx: 1000, storedHeightPx: 1000 });
  const mat = jobOn('mouse-mat', square);
  const placed: Job = {
    ...mat,
    placements: mat.placements.map((each) => ({
      ...each,
      sizing: { mode: 'exact', widthMm: 100, heightMm: 100, locked: true },
    })),
  };
  const [sheet] = planJob(placed, shelf).sheets;
  const label = sheet?.marks.foot?.label;
  if (label?.kind !== 'pieces') throw new Error('no label');
  // 9.25 × 7.75 in, the picture in its middle with 3 mm of paper round it
  const [lies] = label.lies;
  expect(lies?.from.map(({ mm }) => Math.round(mm))).toEqual([64, 64, 45, 45]);
  const texts = sheet ? sheetTexts(sheet, TRADE_UNITS).label : [];
  expect(texts[0]).toMatch(/lies .* from the left edge and .* from the top edge ·/);
});
