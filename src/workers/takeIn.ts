import { measureRaster, neighboursOf, uprightPixels } from '@/core/art';
import { pictureName, type Artwork } from '@/core/model';
import { failure, success, type Result } from '@/core/result';
import { inspectImage } from '@/files/image';
import { sha256Of } from '@/files/sha256';
import { openPicture, type OpenPicture } from './openPicture';
import type { OnProgress } from './progress';
import { drawUpright, pixelsOf, shrunk } from './shrink';
import { traceSilhouette } from './silhouette';

/** A picture ready to be kept: its facts, its bytes as they came, a small upright preview. */
export interface TakenIn {
  readonly art: Artwork;
  readonly blob: Blob;
  readonly preview: Blob;
}

/** Longest side of the preview, pixels: sharp on a large screen, light on memory. */
const PREVIEW_PX = 2048;
/** Longest side of what a silhouette is traced from, and of what the other facts are measured on. */
const TRACE_PX = 1024;
const FACTS_PX = 320;
/** Fine enough for the strokes of lettering to be areas. */
const AREAS_PX = 800;

function transparentShareOf(rgba: Uint8ClampedArray): number {
  let clear = 0;
  for (let i = 3; i < rgba.length; i += 4) if ((rgba[i] ?? 255) < 255) clear++;
  return clear / (rgba.length / 4);
}

/**
 * Reads, checks, decodes and measures a picture file.
 * @param made what it was drawn on here, still and upright: then it need not be decoded, and is its own preview unless it is far
 * too large for one.
 */
export async function takeInPicture(
  blob: Blob,
  name: string,
  onProgress: OnProgress,
  made: OffscreenCanvas | null = null,
): Promise<Result<TakenIn>> {
  onProgress({ doing: 'Reading the file', share: 0.05 });
  const bytes = new Uint8Array(await blob.arrayBuffer());
  const facts = inspectImage(bytes);
  if (!facts.ok) return failure(`“${pictureName(name)}”: ${facts.reason}`);
  const { mayBeClear, ...told } = facts.value;
  const { storedWidthPx, storedHeightPx, mime } = told;

  onProgress({ doing: 'Decoding the picture', share: 0.25 });
  const opening = made ?? openPicture(bytes, facts.value, PREVIEW_PX);
  // browsers hold the worker up while they begin these, so the decoder has begun before
  const sha256 = sha256Of(bytes);
  // what is kept is what was read, whatever becomes of the file
  const own = new Blob([bytes], { type: mime });
  let picture: OpenPicture | OffscreenCanvas;
  try {
    picture = await opening;
  } catch {
    return failure(
      `“${pictureName(name)}”: ${storedWidthPx} × ${storedHeightPx} pixels, but it cannot be decoded; the file is damaged. ` +
        'Save it again from the program it came from.',
    );
  }

  onProgress({ doing: 'Drawing a preview', share: 0.6 });
  const canvas =
    picture instanceof OffscreenCanvas
      ? shrunk(picture, PREVIEW_PX)
      : drawUpright(picture, uprightPixels(facts.value), PREVIEW_PX);
  // everything is measured on this, made smaller once
  const small = shrunk(canvas, TRACE_PX);
  const traced = mayBeClear ? pixelsOf(small, TRACE_PX) : null;
  const transparentShare = traced ? transparentShareOf(traced.data) : 0;
  const itself = made && Math.max(storedWidthPx, storedHeightPx) <= 2 * PREVIEW_PX;
  // packed beside the worker, which measures meanwhile
  const preview = itself
    ? own
    : canvas.convertToBlob(
        transparentShare > 0 ? { type: 'image/png' } : { type: 'image/jpeg', quality: 0.9 },
      );

  onProgress({ doing: 'Measuring what it holds', share: 0.85 });
  const measured = measureRaster(pixelsOf(small, FACTS_PX));
  const silhouette = traced && transparentShare > 0 ? traceSilhouette(traced) : [];
  const art: Artwork = {
    sha256: await sha256,
    name: pictureName(name),
    ...told,
    transparentShare,
    realMm: null,
    sourceNote: '',
    madeFrom: null,
    originally: null,
    text: null,
    facts: { ...measured, silhouette, neighbours: neighboursOf(pixelsOf(small, AREAS_PX)) },
    strokes: [],
    lost: [],
  };
  onProgress({ doing: 'Done', share: 1 });
  return success({ art, blob: own, preview: await preview });
}
