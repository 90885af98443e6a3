import { measureRaster, neighboursOf, uprightPixels } from '@/core/art';
import { pictureName, type Artwork } from '@/core/model';
import { failure, success, type Result } from '@/core/result';
import { inspectImage, type ImageFacts } from '@/files/image';
import { sha256Of } from '@/files/sha256';
import { openPicture, type OpenPicture } from './openPicture';
import type { OnProgress } from './progress';
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

/** The whole picture upright, no larger than it has to be for the screen; it is closed then. */
function drawUpright(picture: OpenPicture, facts: ImageFacts): OffscreenCanvas {
  const { widthPx, heightPx } = uprightPixels(facts);
  const scale = Math.min(1, PREVIEW_PX / Math.max(widthPx, heightPx));
  const width = Math.max(1, Math.round(widthPx * scale));
  const height = Math.max(1, Math.round(heightPx * scale));
  const canvas = new OffscreenCanvas(width, height);
  // its pixels are read back at once, to be measured
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) throw new Error('This browser cannot draw pictures in the background.');
  context.imageSmoothingQuality = 'high';
  context.setTransform(...picture.into(width, height));
  context.drawImage(picture.source, 0, 0, 1, 1);
  picture.close();
  return canvas;
}

/** A drawing made smaller; itself where it is small enough. */
function shrunk(canvas: OffscreenCanvas, longestPx: number): OffscreenCanvas {
  const scale = longestPx / Math.max(canvas.width, canvas.height);
  if (scale >= 1) return canvas;
  const width = Math.max(1, Math.round(canvas.width * scale));
  const height = Math.max(1, Math.round(canvas.height * scale));
  const small = new OffscreenCanvas(width, height);
  const brush = small.getContext('2d', { willReadFrequently: true });
  if (!brush) throw new Error('This browser cannot draw pictures in the background.');
  brush.imageSmoothingQuality = 'high';
  brush.drawImage(canvas, 0, 0, width, height);
  return small;
}

/** The pixels of a drawing, made smaller where it is larger. */
function pixelsOf(canvas: OffscreenCanvas, longestPx: number): ImageData {
  const small = shrunk(canvas, longestPx);
  const brush = small.getContext('2d');
  if (!brush) throw new Error('This browser cannot draw pictures in the background.');
  return brush.getImageData(0, 0, small.width, small.height);
}

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
      : drawUpright(picture, facts.value);
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
    text: null,
    facts: { ...measured, silhouette, neighbours: neighboursOf(pixelsOf(small, AREAS_PX)) },
    strokes: [],
  };
  onProgress({ doing: 'Done', share: 1 });
  return success({ art, blob: own, preview: await preview });
}
