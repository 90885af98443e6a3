import { expectedLaid, expectedSheet, lookAt, ready, type Expected, type Look } from '@/core/look';
import type { Point } from '@/core/geometry';
import type { JobPlan } from '@/core/plan';
import { turnedOver } from '@/core/proof';
import { liesMirrored } from '@/core/sheet';
import { failure, success, type Result } from '@/core/result';
import { photographTable, practiceScene, practiceShot, type PracticeFault } from '@/devices';
import { inspectImage } from '@/files/image';
import { drawSheet, type SheetSources } from './sheetPng';
import { meantPiece } from './trial';

/** What is in the photo: printed sheets, one at a time, or the sheets of a large piece laid together. */
export type LookedAt =
  { readonly kind: 'sheet' } | { readonly kind: 'laid'; readonly pieceId: string };

/** How closely what must lie there is drawn: so many pixels on the longer side, no more than so many a millimetre. */
const LONGEST_PX = 2400;
const MOST_PX_PER_MM = 6;
/** A photo is looked at no larger than this, longest side, pixels. */
const PHOTO_PX = 4608;
/** Sheets of one job that a photo is held against at most. */
const MOST_SHEETS = 40;
/** How a camera writes its photos. */
const JPEG = { type: 'image/jpeg', quality: 0.88 } as const;

const finenessOf = (widthMm: number, heightMm: number): number =>
  Math.min(MOST_PX_PER_MM, LONGEST_PX / Math.max(widthMm, heightMm));

/** Everything that the photo may show, printed side up. */
async function expectedOf(
  plan: JobPlan,
  what: LookedAt,
  sources: SheetSources,
): Promise<Expected[]> {
  const later =
    plan.mirror.flippers.filter(({ who, flips }) => who !== 'file' && flips).length % 2 === 1;
  if (what.kind === 'laid') {
    const tiling = plan.tilings.find(({ pieceId }) => pieceId === what.pieceId);
    const piece = plan.pieces.find(({ id }) => id === what.pieceId);
    if (!tiling || !piece) throw new Error('That piece is no longer in the plan.');
    const picture = await meantPiece(piece, finenessOf(piece.widthMm, piece.heightMm), sources);
    const mirrored = liesMirrored(plan);
    return [expectedLaid(tiling, mirrored ? turnedOver(picture) : picture, mirrored)];
  }
  const all: Expected[] = [];
  for (const [nth, sheet] of plan.sheets.slice(0, MOST_SHEETS).entries()) {
    sources.onProgress({
      doing: 'Drawing what must lie there',
      share: (0.3 * nth) / plan.sheets.length,
    });
    const pxPerMm = finenessOf(sheet.widthMm, sheet.heightMm) / (plan.sheets.length > 4 ? 2 : 1);
    const canvas = await drawSheet(plan, sheet, sources, pxPerMm, false);
    const { width, height } = canvas;
    const data = canvas.getContext('2d')?.getImageData(0, 0, width, height).data;
    if (!data) throw new Error('This browser cannot draw pictures in the background.');
    const page = { width, height, data, pxPerMm };
    all.push(expectedSheet(sheet, later ? turnedOver(page) : page, later));
  }
  return all;
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
  /** Ids of the sheets, or of the piece, in the order `look.which` counts. */
  readonly of: readonly string[];
}

/**
 * Holds a photo against what the plan says must lie there.
 * @param corners of the paper or of all that is laid, shares of the photo each way, where a person pointed at them.
 */
export async function lookAtPhoto(
  plan: JobPlan,
  what: LookedAt,
  photo: Blob,
  corners: readonly Point[],
  sources: SheetSources,
): Promise<Result<PhotoLook>> {
  const pixels = await pixelsOf(photo);
  if (!pixels.ok) return pixels;
  const { width: widthPx, height: heightPx } = pixels.value;
  const expected = await expectedOf(plan, what, sources);
  sources.onProgress({ doing: 'Looking for the print in the photo', share: 0.4 });
  const things = expected.map(ready);
  sources.onProgress({ doing: 'Holding the photo against the plan', share: 0.6 });
  const look = lookAt(
    pixels.value,
    things,
    corners.map(({ x, y }) => ({ x: x * widthPx, y: y * heightPx })),
  );
  return success({ look, widthPx, heightPx, of: expected.map(({ id }) => id) });
}

/** A photo by the simulated camera, of what the plan says must lie there but for one fault. */
export async function practicePhoto(
  plan: JobPlan,
  what: LookedAt,
  of: { sheet: number; fault: PracticeFault; seed: number },
  sources: SheetSources,
): Promise<Blob> {
  const chosen =
    what.kind === 'laid' ? plan : { ...plan, sheets: plan.sheets.slice(of.sheet, of.sheet + 1) };
  const [expected] = await expectedOf(chosen, what, sources);
  if (!expected) throw new Error('There is no sheet to take a photo of.');
  sources.onProgress({ doing: 'Taking a photo by the simulated camera', share: 0.6 });
  const { width, height, data } = photographTable(
    practiceScene(expected, of.fault, of.seed),
    practiceShot(expected, of.seed),
  );
  const canvas = new OffscreenCanvas(width, height);
  canvas
    .getContext('2d')
    ?.putImageData(new ImageData(data as Uint8ClampedArray<ArrayBuffer>, width, height), 0, 0);
  return canvas.convertToBlob(JPEG);
}
