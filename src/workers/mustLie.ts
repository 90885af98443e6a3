import { expectedLaid, expectedSheet, readyAhead, type Expected, type Ready } from '@/core/look';
import type { JobPlan } from '@/core/plan';
import { turnedOver } from '@/core/proof';
import { liesMirrored, type Sheet } from '@/core/sheet';
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
const finenessOf = (widthMm: number, heightMm: number, longestPx = LONGEST_PX): number =>
  Math.min(MOST_PX_PER_MM, longestPx / Math.max(widthMm, heightMm));

/** A printed sheet as it must look, printed side up. */
export async function sheetOf(
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

/** Where the pictures of what is looked for come from. */
export const sourcesOf = (
  { job, units, blobs }: LookInput,
  onProgress: OnProgress,
): SheetSources => ({
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
    last = { of, is: expectedOf(input, sourcesOf(input, onProgress)).then(readyAhead) };
  return last.is;
}
