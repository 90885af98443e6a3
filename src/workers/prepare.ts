import {
  borderColour,
  dropBackground,
  replaceColour,
  rgbOf,
  straighten,
  uprightPixels,
  type Corners,
  type Raster,
} from '@/core/art';
import { correcting, letsOf, recolourPixels, type Rgb } from '@/core/colour';
import { inspectImage } from '@/files/image';
import { openPicture } from './openPicture';

/** One thing done to a picture before it is used. Colours are hex; corners in widths and heights, 0–1. */
export type Preparation =
  | { readonly kind: 'drop-background'; readonly tolerance: number }
  | {
      readonly kind: 'replace-colour';
      readonly from: string;
      readonly to: string;
      readonly tolerance: number;
    }
  | { readonly kind: 'straighten'; readonly corners: Corners }
  /** Turned so that a print that was measured comes out as the file means it. */
  | { readonly kind: 'own-colours'; readonly patches: readonly Rgb[] };

function prepared(raster: Raster, step: Preparation): Raster {
  switch (step.kind) {
    case 'drop-background':
      dropBackground(raster, borderColour(raster), step.tolerance);
      return raster;
    case 'replace-colour':
      replaceColour(raster, rgbOf(step.from), rgbOf(step.to), step.tolerance);
      return raster;
    case 'own-colours':
      recolourPixels(raster.data as Uint8ClampedArray, correcting(letsOf(step.patches)));
      return raster;
    case 'straighten': {
      const { width, height } = raster;
      const [a, b, c, d] = step.corners.map(({ x, y }) => ({ x: x * width, y: y * height }));
      return a && b && c && d ? straighten(raster, [a, b, c, d]) : raster;
    }
  }
}

/**
 * Prepares a picture and hands it back as PNG, upright; the original is left alone.
 * @param longestPx draws it no larger than this, for a look beforehand.
 */
export async function preparePicture(
  blob: Blob,
  step: Preparation,
  longestPx = Infinity,
): Promise<Blob> {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  const facts = inspectImage(bytes);
  if (!facts.ok) throw new Error(facts.reason);
  const { widthPx, heightPx } = uprightPixels(facts.value);
  const scale = Math.min(1, longestPx / Math.max(widthPx, heightPx));
  const width = Math.max(1, Math.round(widthPx * scale));
  const height = Math.max(1, Math.round(heightPx * scale));
  const brush = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
  if (!brush) throw new Error('This browser cannot draw pictures in the background.');
  const picture = await openPicture(bytes, facts.value, Math.max(width, height));
  // at full size every pixel stays what it is
  brush.imageSmoothingEnabled = scale < 1;
  brush.setTransform(...picture.into(width, height));
  brush.drawImage(picture.source, 0, 0, 1, 1);
  picture.close();
  const result = prepared(brush.getImageData(0, 0, width, height), step);
  const canvas = new OffscreenCanvas(result.width, result.height);
  const pixels = new ImageData(
    result.data as Uint8ClampedArray<ArrayBuffer>,
    result.width,
    result.height,
  );
  canvas.getContext('2d')?.putImageData(pixels, 0, 0);
  return canvas.convertToBlob({ type: 'image/png' });
}
