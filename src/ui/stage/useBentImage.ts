'use client';

import { useEffect, useState } from 'react';
import type { Piece, Pixels } from '@/core/layout';
import { bentPreviewTask } from '@/workers';
import { letGoUrl } from '../files';

/** Dots per mm of a bent preview: enough for the stage. */
const PREVIEW_DOTS_PER_MM = 3;
/** Longest side pictures are read at for it, pixels. */
const SOURCE_PX = 900;

async function pixelsOfPreview(url: string): Promise<Pixels> {
  const image = new Image();
  image.src = url;
  await image.decode();
  const scale = Math.min(1, SOURCE_PX / Math.max(image.naturalWidth, image.naturalHeight));
  const width = Math.max(1, Math.round(image.naturalWidth * scale));
  const height = Math.max(1, Math.round(image.naturalHeight * scale));
  const brush = new OffscreenCanvas(width, height).getContext('2d');
  brush?.drawImage(image, 0, 0, width, height);
  const data =
    brush?.getImageData(0, 0, width, height).data ?? new Uint8ClampedArray(width * height * 4);
  return { width, height, data, orientation: 1 };
}

/** The small pictures a bent piece is drawn from, by SHA-256. */
async function sourcesOf(piece: Piece, previews: ReadonlyMap<string, string>) {
  const pixels = new Map<string, Pixels>();
  for (const { artSha256 } of piece.arts) {
    const url = previews.get(artSha256);
    if (url && !pixels.has(artSha256)) pixels.set(artSha256, await pixelsOfPreview(url));
  }
  return pixels;
}

/** A bent piece's pictures as one image of its whole room; null while drawn, and for flat pieces. */
export function useBentImage(
  piece: Piece | undefined,
  previews: ReadonlyMap<string, string>,
): string | null {
  const [url, setUrl] = useState<string | null>(null);
  useEffect(() => {
    if (!piece?.bend) return;
    let gone = false;
    let made: string | null = null;
    let stop: () => void = () => undefined;
    sourcesOf(piece, previews)
      .then((pixels) => {
        if (gone) return null;
        const task = bentPreviewTask(piece, pixels, PREVIEW_DOTS_PER_MM);
        stop = task.cancel;
        return task.result;
      })
      .then((blob) => {
        if (gone || !blob) return;
        made = URL.createObjectURL(blob);
        setUrl(made);
      })
      .catch(() => !gone && setUrl(null)); // its previews were let go of meanwhile: the edge is drawn without them
    return () => {
      gone = true;
      stop();
      if (made) letGoUrl(made);
    };
  }, [piece, previews]);
  return piece?.bend ? url : null;
}
