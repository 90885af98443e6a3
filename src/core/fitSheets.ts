import { facesOf } from './blank';
import { regionBox } from './geometry';
import { inkRegion, layOut, placedBox } from './layout';
import { planMirror } from './mirror';
import { plainItem, type Job, type Shelf, type Sizing } from './model';
import { planSheets } from './sheet';
import { toolsFor } from './shelf';
import { TRANSFERS } from './transfer';
import { TooMuchWork, within } from './work';

/** Halvings of the size: from a panel's to a tenth of a millimetre. */
const TRIES = 16;
/** Sizes found are told to this, mm. */
const STEP_MM = 0.1;
/** Work of one try at most, as a stage of a plan may take. */
const WORK = 20_000;

/** How many sheets one thing's print on a face takes; infinitely many where none can hold it. */
function sheetsOn(job: Job, faceId: string, shelf: Shelf): number {
  const { paper, printer } = toolsFor(job, shelf);
  const one = { ...job, items: [plainItem('one')] };
  const pieces = layOut(one, facesOf(job.blank)).filter(({ slots }) =>
    slots.some((slot) => slot.faceId === faceId),
  );
  const mirror = planMirror(TRANSFERS[job.transfer], printer, job.sheet.mirrorBy);
  const arts = new Map(job.arts.map((art) => [art.sha256, art]));
  const plan = planSheets(pieces, { job: one, arts, paper, printer, mirror });
  return plan.misfits.length > 0 || plan.tooMany !== null ? Infinity : plan.sheets.length;
}

/**
 * The size that makes a picture as large as so many sheets hold, in its own proportions and no larger than the
 * safe area of its face.
 * @param sheets at most, marks included; 1 or more.
 * @returns null where it cannot be: paper covers the whole face however small the picture is, it is repeated, or
 * there is too much on the face to try.
 */
export function sizeForSheets(
  job: Job,
  placementId: string,
  sheets: number,
  shelf: Shelf,
): Sizing | null {
  const placement = job.placements.find(({ id }) => id === placementId);
  const face = facesOf(job.blank).find(({ id }) => id === placement?.faceId);
  const art = job.arts.find(({ sha256 }) => sha256 === placement?.artSha256);
  if (!placement || !face || !art || placement.repeat) return null;
  const { width, height } = placedBox(placement, art, face, regionBox(inkRegion(face, job)));
  const most = Math.min(face.safe.width, (face.safe.height * width) / height);
  const sized = (widthMm: number): Sizing => {
    const whole = Math.floor(widthMm / STEP_MM) * STEP_MM;
    return { mode: 'exact', widthMm: whole, heightMm: (whole * height) / width, locked: true };
  };
  const holds = (widthMm: number): boolean => {
    const placements = job.placements.map((each) =>
      each === placement ? { ...each, sizing: sized(widthMm) } : each,
    );
    return within(WORK, () => sheetsOn({ ...job, placements }, face.id, shelf)) <= sheets;
  };
  try {
    if (holds(most)) return sized(most);
    let low = 0;
    let high = most;
    for (let i = 0; i < TRIES; i++) {
      const middle = (low + high) / 2;
      if (middle > 1 && holds(middle)) low = middle;
      else high = middle;
    }
    return low > 1 ? sized(low) : null;
  } catch (error) {
    if (error instanceof TooMuchWork) return null;
    throw error;
  }
}
