import { expectedLaid, type Expected } from '@/core/look';
import { planJob } from '@/core/plan';
import { whiteRaster } from '@/core/proof';
import { artwork, jobOn, shelf } from './jobs';

/** Twelve sheets of the wall panel, mirrored on the table, bare of any picture, so many pixels a millimetre. */
export function bareSheets(pxPerMm: number): Expected {
  const job = jobOn('wall-panel', artwork());
  const placements = job.placements.map((each) => ({
    ...each,
    sizing: { mode: 'cover' as const },
  }));
  const { tilings, pieces } = planJob({ ...job, placements }, shelf);
  const [tiling, piece] = [tilings[0], pieces[0]];
  if (!tiling || !piece) throw new Error('not tiled');
  return expectedLaid(tiling, whiteRaster(piece.widthMm, piece.heightMm, pxPerMm), true);
}
