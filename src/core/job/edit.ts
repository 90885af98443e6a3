import { facesOf } from '../blank';
import type { Face } from '../form';
import { sizeForSheets } from '../fitSheets';
import { regionBox } from '../geometry';
import { inkRegion, placedBox, placedProportion } from '../layout';
import type { Artwork, Job, Placement, Shelf, Sizing } from '../model';

/** How large and where art goes on a face before anything is decided. */
export function startOn(face: Face, art: Artwork): Pick<Placement, 'sizing' | 'at'> {
  const datum = face.datums.find(({ id }) => id === face.home);
  const ratio = placedProportion(art, 0);
  const at = { datum: face.home, dxMm: 0, dyMm: 0 };
  if (!datum?.usual && !art.realMm) return { sizing: { mode: 'fit' }, at };
  const widthMm = art.realMm?.widthMm ?? datum?.usual?.widthMm ?? face.safe.width;
  const heightMm = art.realMm?.heightMm ?? widthMm / ratio;
  const drop = datum?.usual?.dropMm ?? null;
  const dyMm = drop === null ? 0 : drop + heightMm / 2;
  return { sizing: { mode: 'exact', widthMm, heightMm, locked: true }, at: { ...at, dyMm } };
}

/** Puts a picture on a face of the job (its first one unless told otherwise), whole and where it usually goes. */
export function withArt(job: Job, art: Artwork, placementId: string, faceId?: string): Job {
  const faces = facesOf(job.blank);
  const face = faces.find(({ id }) => id === faceId) ?? faces[0];
  if (!face) return job;
  const placement: Placement = {
    id: placementId,
    artSha256: art.sha256,
    faceId: face.id,
    ...startOn(face, art),
    turns: 0,
    repeat: null,
  };
  return {
    ...job,
    arts: [...job.arts.filter(({ sha256 }) => sha256 !== art.sha256), art],
    placements: [...job.placements, placement],
  };
}

/**
 * Puts a picture on a face as it usually goes there, but where the blank leaves its size open no larger than one
 * sheet of the job's paper holds.
 */
export function withFirstSize(
  job: Job,
  art: Artwork,
  placementId: string,
  shelf: Shelf,
  faceId?: string,
): Job {
  const placed = withArt(job, art, placementId, faceId);
  const own = placed.placements.find(({ id }) => id === placementId);
  const face = facesOf(job.blank).find(({ id }) => id === own?.faceId);
  const usual = face?.datums.find(({ id }) => id === face.home)?.usual;
  const alone = !job.placements.some((each) => each.faceId === own?.faceId);
  if (!own || !usual || art.realMm || !alone || own.sizing.mode !== 'exact') return placed;
  const sizing = sizeForSheets(placed, placementId, 1, shelf);
  if (sizing?.mode !== 'exact' || sizing.widthMm >= own.sizing.widthMm) return placed;
  const sized = hangBelow({ ...own, sizing }, own.at.datum, sizing.heightMm, usual.dropMm ?? 0);
  return {
    ...placed,
    placements: placed.placements.map((each) => (each === own ? sized : each)),
  };
}

/** Copies everything on one face to all other faces, each where it sits. */
export function onEveryFace(job: Job, faceId: string, newId: () => string): Job {
  const own = job.placements.filter((each) => each.faceId === faceId);
  const others = facesOf(job.blank).filter(({ id }) => id !== faceId);
  return {
    ...job,
    placements: [
      ...own,
      ...others.flatMap((face) => own.map((each) => ({ ...each, id: newId(), faceId: face.id }))),
    ],
  };
}

/** Hangs a placement below a datum point: `dropMm` from the point to the art's upper edge. */
export const hangBelow = (
  placement: Placement,
  datumId: string,
  heightMm: number,
  dropMm: number,
): Placement => ({
  ...placement,
  at: { datum: datumId, dxMm: 0, dyMm: dropMm + heightMm / 2 },
});

/** A locked size keeps its width and takes the new picture's proportions. */
const sameWidth = (sizing: Sizing, art: Artwork): Sizing =>
  sizing.mode === 'exact' && sizing.locked
    ? { ...sizing, heightMm: sizing.widthMm / placedProportion(art, 0) }
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

/** Swaps one artwork for another wherever it is used, keeping place and width. */
export function replaceEverywhere(job: Job, sha256: string, art: Artwork): Job {
  const users = job.placements.filter(({ artSha256 }) => artSha256 === sha256);
  return users.reduce((at, { id }) => replaceArt(at, id, art), job);
}

/** Room between two copies of a picture, and between them and the edge, mm (own choice). */
const TWIN_ROOM_MM = 3;

/**
 * One picture for both holders: the placement goes to the right-handed holder's side and a twin of it,
 * as large and as high, to the left-handed one's; made smaller where the two would meet.
 */
export function onBothSides(job: Job, placementId: string, twinId: string): Job {
  const placement = job.placements.find(({ id }) => id === placementId);
  const face = facesOf(job.blank).find(({ id }) => id === placement?.faceId);
  const art = job.arts.find(({ sha256 }) => sha256 === placement?.artSha256);
  const side = face?.datums.find(({ id }) => id === 'right-holder');
  if (!placement || !face || !art || !side) return job;
  const box = placedBox(placement, art, face, regionBox(inkRegion(face, job)));
  const half = Math.min(side.x - face.widthMm / 2, face.widthMm - side.x) - TWIN_ROOM_MM;
  const by = Math.min(1, (2 * half) / box.width, face.safe.height / box.height);
  const sizing: Sizing = {
    mode: 'exact',
    widthMm: Math.max(1, box.width * by),
    heightMm: Math.max(1, box.height * by),
    locked: placement.sizing.mode !== 'exact' || placement.sizing.locked,
  };
  const twin = (datum: string): Pick<Placement, 'sizing' | 'at'> => ({
    sizing,
    at: { datum, dxMm: 0, dyMm: by < 1 ? 0 : placement.at.dyMm },
  });
  return {
    ...job,
    placements: [
      ...job.placements.map((each) =>
        each.id === placementId ? { ...each, ...twin('right-holder') } : each,
      ),
      { ...placement, id: twinId, ...twin('left-holder') },
    ],
  };
}

/** Lays a placement one higher (1) or lower (−1) among those on its face. */
export function inOtherOrder(job: Job, placementId: string, by: 1 | -1): Job {
  const placements = [...job.placements];
  const at = placements.findIndex(({ id }) => id === placementId);
  const own = placements[at];
  if (!own) return job;
  let to = at + by;
  while (placements[to] && placements[to]?.faceId !== own.faceId) to += by;
  const other = placements[to];
  if (!other) return job;
  placements[at] = other;
  placements[to] = own;
  return { ...job, placements };
}

/** Takes a picture off the job. */
export const withoutPlacement = (job: Job, placementId: string): Job =>
  keepUsedArt({ ...job, placements: job.placements.filter(({ id }) => id !== placementId) });

/** Leaves out the pictures that no pass of the job shows, and what items say of places that are no more. */
export function keepUsedArt(job: Job): Job {
  const placements = [job, ...job.further].flatMap((pass) => pass.placements);
  const ids = new Set(placements.map(({ id }) => id));
  const there = ({ placementId }: { placementId: string }) => ids.has(placementId);
  const items = job.items.every(({ pictures }) => pictures.every(there))
    ? job.items
    : job.items.map((item) => ({ ...item, pictures: item.pictures.filter(there) }));
  const shown = [...placements, ...items.flatMap(({ pictures }) => pictures)];
  const used = new Set(shown.map(({ artSha256 }) => artSha256));
  return { ...job, items, arts: job.arts.filter(({ sha256 }) => used.has(sha256)) };
}
