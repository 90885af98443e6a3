import { likeliest, lookAt, ready, type Look, type Photographed, type Ready } from '@/core/look';
import type { Point } from '@/core/geometry';
import type { Sheet } from '@/core/sheet';
import { sheetOf, sourcesOf, type LookInput } from './mustLie';
import type { OnProgress } from './progress';

/** Sheets that nobody spoke of are sketched by so many pixels on the longer side; the likeliest are looked for by more. */
const SKETCH_PX = 400;
const OTHERS_PX = 1200;
const LIKELIEST = 2;
/** A picture is sketched from no more than this on its longer side, though it may go over many sheets, pixels. */
const PICTURE_PX = 2400;

/** A picture made smaller, as it is stored: decoding a large one for each of its sheets takes seconds. */
async function reduced(blob: Blob): Promise<Blob> {
  const bitmap = await createImageBitmap(blob, { imageOrientation: 'none' });
  const scale = PICTURE_PX / Math.max(bitmap.width, bitmap.height);
  if (scale >= 1) {
    bitmap.close();
    return blob;
  }
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(bitmap.width * scale)),
    Math.max(1, Math.round(bitmap.height * scale)),
  );
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return canvas.convertToBlob();
}

/** Those of some sheets that a photo most likely shows. */
async function likelySheets(
  input: LookInput,
  sheets: readonly Sheet[],
  photo: Photographed,
  corners: readonly Point[],
  onProgress: OnProgress,
): Promise<Sheet[]> {
  // bent pictures are read pixel by pixel, by the size they have
  const bent = new Set(
    input.plan.pieces.flatMap(({ bend, arts }) => (bend ? arts.map((art) => art.artSha256) : [])),
  );
  const blobs = new Map<string, Blob>();
  for (const [sha256, blob] of input.blobs)
    blobs.set(sha256, bent.has(sha256) ? blob : await reduced(blob));
  const sources = sourcesOf({ ...input, blobs }, onProgress);
  const sketches: Ready[] = [];
  for (const sheet of sheets) {
    onProgress({
      doing: 'Looking for another sheet of this job in the photo',
      share: 0.5 + (0.3 * sketches.length) / sheets.length,
    });
    sketches.push(ready(await sheetOf(input.plan, sheet, sources, SKETCH_PX)));
  }
  return likeliest(photo, sketches, LIKELIEST, corners).flatMap((which) => sheets[which] ?? []);
}

/**
 * Looks for any other sheet of the plan in the photo.
 * @param asked id of the sheet the photo was taken for. @param corners of the paper, pixels, where a person pointed at them.
 */
export async function amongOthers(
  input: LookInput,
  asked: string,
  photo: Photographed,
  corners: readonly Point[],
  onProgress: OnProgress,
): Promise<{ look: Look; shown: string } | null> {
  const others = input.plan.sheets.filter(({ id }) => id !== asked);
  if (others.length === 0) return null;
  const things: Ready[] = [];
  for (const sheet of await likelySheets(input, others, photo, corners, onProgress))
    things.push(ready(await sheetOf(input.plan, sheet, sourcesOf(input, onProgress), OTHERS_PX)));
  onProgress({ doing: 'Holding the photo against the likeliest', share: 0.9 });
  const look = lookAt(photo, things, corners);
  const shown = look.which === null ? undefined : things[look.which]?.expected.id;
  return shown ? { look, shown } : null;
}
