import { cornersOf } from './geometry';
import type { Job } from './model';

/** Corners of an outline that weigh as much as one picture on a plain face. */
const CORNERS = 60;
/** A repeated motif and one cut along its edge weigh as much as so many pictures (own choice). */
const REPEATED = 6;
const CUT_OUT = 2;

/**
 * How heavy a job is to plan, in pictures on a plain face: told from its figures alone, before
 * anything is worked out.
 */
export function planWeight(job: Job): number {
  const { form } = job.blank;
  const corners = form.kind === 'outline' ? cornersOf(form.rings) : 0;
  const weights = [job, ...job.further].map(({ placements, cut }) => {
    const pictures = placements.reduce(
      (sum, { repeat }) => sum + (repeat ? REPEATED : 1) * (cut.line === 'contour' ? CUT_OUT : 1),
      0,
    );
    return 1 + pictures + corners / CORNERS;
  });
  return job.items.length * weights.reduce((sum, each) => sum + each, 0);
}

/** From here on a plan takes more than a frame of an ordinary computer, its first on a page several. */
export const HEAVY_FROM = 30;
