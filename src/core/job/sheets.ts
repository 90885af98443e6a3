import type { Job, Paper, SheetChoices } from '../model';
import type { Tiling } from '../sheet';

/** A job with some choices of its sheets changed. */
export const withSheet = (job: Job, part: Partial<SheetChoices>): Job => ({
  ...job,
  sheet: { ...job.sheet, ...part },
});

/** A job on such a paper or sheet; with such film below, where it is film. */
export const withPaper = (job: Job, { is, id }: Pick<Paper, 'is' | 'id'>): Job =>
  withSheet(job, is === 'film' ? { filmId: id } : { paperId: id });

/**
 * A seam moved by hand as far as its sheets can hold; the others of its piece stay where they are now.
 * @param axis `down` moves an upright seam (mm from the left), `across` a level one (mm from the top).
 */
export function withSeamAt(
  job: Job,
  tiling: Tiling,
  axis: 'down' | 'across',
  nth: number,
  atMm: number,
): Job {
  const limit = (axis === 'down' ? tiling.downLimits : tiling.acrossLimits)[nth];
  const to = limit ? Math.min(limit.to, Math.max(limit.from, atMm)) : atMm;
  const moved = (places: readonly number[]) => places.map((at, i) => (i === nth ? to : at));
  const seams = {
    pieceId: tiling.pieceId,
    downAtMm: axis === 'down' ? moved(tiling.downAtMm) : [...tiling.downAtMm],
    acrossAtMm: axis === 'across' ? moved(tiling.acrossAtMm) : [...tiling.acrossAtMm],
  };
  const others = job.sheet.seams.filter(({ pieceId }) => pieceId !== tiling.pieceId);
  return withSheet(job, { seams: [...others, seams] });
}

/** A job whose seams on a piece go back to the best places. */
export const withBestSeams = (job: Job, pieceId: string): Job =>
  withSheet(job, { seams: job.sheet.seams.filter((each) => each.pieceId !== pieceId) });
