import {
  expectedLaid,
  expectedSheet,
  lookAt,
  ready,
  type Expected,
  type LevelPlan,
  type Look,
  type Ready,
} from '@/core/look';
import type { Point } from '@/core/geometry';
import type { JobPlan } from '@/core/plan';
import { turnedOver } from '@/core/proof';
import { liesMirrored, type Sheet } from '@/core/sheet';
import { failure, success, type Result } from '@/core/result';
import {
  levelScene,
  levelShot,
  photographTable,
  practiceScene,
  practiceShot,
  type LevelFault,
  type PracticeFault,
  type Shot,
  type TableScene,
} from '@/devices';
import { inspectImage } from '@/files/image';
import type { SheetsInput } from './printing';
import type { OnProgress } from './progress';
import { drawSheet, type SheetSources } from './sheetPng';
import { storedIn } from './stored';
import { meantPiece } from './trial';

/** What is in the photo: a printed sheet, or the sheets of a large piece laid together. */
export type LookedAt =
  | { readonly kind: 'sheet'; readonly sheetId: string }
  | { readonly kind: 'laid'; readonly pieceId: string };

/** What a photo is held against. */
export interface LookInput extends SheetsInput {
  readonly plan: JobPlan;
  readonly what: LookedAt;
}

/** How closely what must lie there is drawn: so many pixels on the longer side, no more than so many a millimetre. */
const LONGEST_PX = 2400;
const MOST_PX_PER_MM = 6;
/** Sheets that nobody spoke of are looked for by so many pixels on the longer side, so many at a time. */
const OTHERS_PX = 1200;
const AT_A_TIME = 6;
/** A photo is looked at no larger than this, longest side, pixels. */
const PHOTO_PX = 4608;
/** How a camera writes its photos. */
const JPEG = { type: 'image/jpeg', quality: 0.88 } as const;

const finenessOf = (widthMm: number, heightMm: number, longestPx = LONGEST_PX): number =>
  Math.min(MOST_PX_PER_MM, longestPx / Math.max(widthMm, heightMm));

/** A printed sheet as it must look, printed side up. */
async function sheetOf(
  plan: JobPlan,
  sheet: Sheet,
  sources: SheetSources,
  longestPx?: number,
): Promise<Expected> {
  const later =
    plan.mirror.flippers.filter(({ who, flips }) => who !== 'file' && flips).length % 2 === 1;
  const pxPerMm = finenessOf(sheet.widthMm, sheet.heightMm, longestPx);
  const canvas = await drawSheet(plan, sheet, sources, pxPerMm, false);
  const { width, height } = canvas;
  const data = canvas.getContext('2d')?.getImageData(0, 0, width, height).data;
  if (!data) throw new Error('This browser cannot draw pictures in the background.');
  const page = { width, height, data, pxPerMm };
  return expectedSheet(sheet, later ? turnedOver(page) : page, later);
}

/** What the photo must show, printed side up. */
async function expectedOf({ plan, what }: LookInput, sources: SheetSources): Promise<Expected> {
  sources.onProgress({ doing: 'Drawing what must lie there', share: 0 });
  if (what.kind === 'sheet') {
    const sheet = plan.sheets.find(({ id }) => id === what.sheetId);
    if (!sheet) throw new Error('That sheet is no longer in the plan.');
    return sheetOf(plan, sheet, sources);
  }
  const tiling = plan.tilings.find(({ pieceId }) => pieceId === what.pieceId);
  const piece = plan.pieces.find(({ id }) => id === what.pieceId);
  if (!tiling || !piece) throw new Error('That piece is no longer in the plan.');
  const picture = await meantPiece(piece, finenessOf(piece.widthMm, piece.heightMm), sources);
  const mirrored = liesMirrored(plan);
  return expectedLaid(tiling, mirrored ? turnedOver(picture) : picture, mirrored);
}

const sourcesOf = ({ job, units, blobs }: LookInput, onProgress: OnProgress): SheetSources => ({
  ...{ job, units, onProgress },
  blobOf: (sha256) => storedIn(blobs, sha256),
});

/** What was made ready last, and what for. */
let last: { readonly of: string; readonly is: Promise<Ready> } | null = null;

/** What must be in a photo, made ready to be looked for; what was made ready ahead is taken. */
export function readyOf(input: LookInput, onProgress: OnProgress): Promise<Ready> {
  const { job, plan, what } = input;
  const of = JSON.stringify([job, plan.tools, plan.mirror, what]);
  if (last?.of !== of)
    last = { of, is: expectedOf(input, sourcesOf(input, onProgress)).then(ready) };
  return last.is;
}

async function pixelsOf(photo: Blob): Promise<Result<ImageData>> {
  const facts = inspectImage(new Uint8Array(await photo.arrayBuffer()));
  if (!facts.ok) return facts;
  const bitmap = await createImageBitmap(photo).catch(() => null);
  if (!bitmap) return failure('The photo cannot be decoded; the file is damaged. Take it again.');
  const scale = Math.min(1, PHOTO_PX / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [Math.round(bitmap.width * scale), Math.round(bitmap.height * scale)];
  const brush = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
  if (!brush) return failure('This browser cannot draw pictures in the background.');
  brush.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  return success(brush.getImageData(0, 0, width, height));
}

/** A look at a photo, with the size of the photo it is told in and what it was held against. */
export interface PhotoLook {
  readonly look: Look;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Id of the sheet, or of the piece, that was asked for, and of the one it shows; null where it was not found. */
  readonly asked: string;
  readonly shown: string | null;
}

type LookAgainst = (things: readonly Ready[]) => Look;

/** Looks for any other sheet of the plan in the photo, some at a time. */
async function amongOthers(
  plan: JobPlan,
  asked: string,
  against: LookAgainst,
  sources: SheetSources,
): Promise<{ look: Look; shown: string } | null> {
  const others = plan.sheets.filter(({ id }) => id !== asked);
  for (let done = 0; done < others.length; done += AT_A_TIME) {
    sources.onProgress({
      doing: 'Looking for another sheet of this job in the photo',
      share: 0.5 + (0.5 * done) / others.length,
    });
    const things: Ready[] = [];
    for (const sheet of others.slice(done, done + AT_A_TIME))
      things.push(ready(await sheetOf(plan, sheet, sources, OTHERS_PX)));
    const look = against(things);
    const shown = look.which === null ? undefined : things[look.which]?.expected.id;
    if (shown) return { look, shown };
  }
  return null;
}

/**
 * Holds a photo against what the plan says must lie there; a photo that does not show the sheet it was taken for is
 * held against the others of the job.
 * @param corners of the paper or of all that is laid, shares of the photo each way, where a person pointed at them.
 */
export async function lookAtPhoto(
  input: LookInput,
  photo: Blob,
  corners: readonly Point[],
  onProgress: OnProgress,
): Promise<Result<PhotoLook>> {
  const pixels = await pixelsOf(photo);
  if (!pixels.ok) return pixels;
  const { width: widthPx, height: heightPx } = pixels.value;
  const places = corners.map(({ x, y }) => ({ x: x * widthPx, y: y * heightPx }));
  const against: LookAgainst = (things) => lookAt(pixels.value, things, places);
  const wanted = await readyOf(input, onProgress);
  onProgress({ doing: 'Holding the photo against the plan', share: 0.3 });
  const look = against([wanted]);
  const { id } = wanted.expected;
  const told = { widthPx, heightPx, asked: id };
  if (look.which !== null) return success({ ...told, look, shown: id });
  const { plan, what } = input;
  const other =
    what.kind === 'sheet'
      ? await amongOthers(plan, id, against, sourcesOf(input, onProgress))
      : null;
  return success({ ...told, look: other?.look ?? look, shown: other?.shown ?? null });
}

/** A photo by the simulated camera, of what the plan says must lie there but for one fault. */
export async function practicePhoto(
  input: LookInput,
  of: { fault: PracticeFault; seed: number },
  onProgress: OnProgress,
): Promise<Blob> {
  const { expected } = await readyOf(input, onProgress);
  onProgress({ doing: 'Taking a photo by the simulated camera', share: 0.6 });
  return photoOf(practiceScene(expected, of.fault, of.seed), practiceShot(expected, of.seed));
}

/** A photo by the simulated camera, of a print on its blank but for one fault. */
export const practiceOnBlank = (
  plan: LevelPlan,
  of: { fault: LevelFault; seed: number },
): Promise<Blob> => photoOf(levelScene(plan, of.fault), levelShot(plan, of.seed));

function photoOf(scene: TableScene, shot: Shot): Promise<Blob> {
  const { width, height, data } = photographTable(scene, shot);
  const canvas = new OffscreenCanvas(width, height);
  canvas
    .getContext('2d')
    ?.putImageData(new ImageData(data as Uint8ClampedArray<ArrayBuffer>, width, height), 0, 0);
  return canvas.convertToBlob(JPEG);
}
