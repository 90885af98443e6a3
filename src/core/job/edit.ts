import { proportion } from '../layout';
import type { Artwork, Blank, Job, Placement, Sizing } from '../model';
import { inches } from '../units';

/** Enough to cover a shaky cut at the wrap's edges (from memory). */
const USUAL_BLEED_MM = inches(1 / 16);

/** A job with nothing decided but its blank. */
export function newJob(id: string, name: string, blank: Blank, now: Date): Job {
  return {
    id,
    name,
    createdAt: now.toISOString(),
    transfer: 'sublimation',
    blank,
    arts: [],
    placements: [],
    bleedMm: USUAL_BLEED_MM,
    sheet: { paperId: 'letter', printerId: 'sublimation-inkjet', mirrorBy: 'file' },
    heat: {
      machineId: 'mug-press',
      own: { temperatureC: null, dwellS: null, pressure: null },
      coolSchool: 'B',
    },
  };
}

/** Puts a picture on the job's first face, whole and opposite the handle. */
export function withArt(job: Job, art: Artwork, placementId: string): Job {
  const placement: Placement = {
    id: placementId,
    artSha256: art.sha256,
    faceId: 'wrap',
    sizing: { mode: 'fit' },
    at: { datum: 'opposite-handle', dxMm: 0, dyMm: 0 },
  };
  return {
    ...job,
    arts: [...job.arts.filter(({ sha256 }) => sha256 !== art.sha256), art],
    placements: [...job.placements, placement],
  };
}

/** A locked size keeps its width and takes the new picture's proportions. */
const sameWidth = (sizing: Sizing, art: Artwork): Sizing =>
  sizing.mode === 'exact' && sizing.locked
    ? { ...sizing, heightMm: sizing.widthMm / proportion(art) }
    : sizing;

/** Swaps a placement's picture for another, keeping where it sits; unused art is dropped. */
export function replaceArt(job: Job, placementId: string, art: Artwork): Job {
  const placements = job.placements.map((each) =>
    each.id === placementId
      ? { ...each, artSha256: art.sha256, sizing: sameWidth(each.sizing, art) }
      : each,
  );
  return keepUsedArt({
    ...job,
    placements,
    arts: [...job.arts.filter((a) => a.sha256 !== art.sha256), art],
  });
}

/**
 * One picture for both holders: the placement goes to the right-handed holder's side and a twin of it,
 * as large and as high, to the left-handed one's.
 */
export function onBothSides(job: Job, placementId: string, twinId: string): Job {
  const placement = job.placements.find(({ id }) => id === placementId);
  if (!placement) return job;
  const at = (datum: string) => ({ datum, dxMm: 0, dyMm: placement.at.dyMm });
  return {
    ...job,
    placements: [
      ...job.placements.map((each) =>
        each.id === placementId ? { ...each, at: at('right-holder') } : each,
      ),
      { ...placement, id: twinId, at: at('left-holder') },
    ],
  };
}

/** Takes a picture off the job. */
export const withoutPlacement = (job: Job, placementId: string): Job =>
  keepUsedArt({ ...job, placements: job.placements.filter(({ id }) => id !== placementId) });

function keepUsedArt(job: Job): Job {
  const used = new Set(job.placements.map(({ artSha256 }) => artSha256));
  return { ...job, arts: job.arts.filter(({ sha256 }) => used.has(sha256)) };
}
