'use client';

import { useEffect, useState } from 'react';
import { dotsOf, warpRows, type Piece, type Pixels } from '@/core/layout';

/** Dots per mm of a bent preview: enough for the stage, quick enough for the main thread. */
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

async function drawBent(piece: Piece, previews: ReadonlyMap<string, string>): Promise<string> {
  const pixels = new Map<string, Pixels>();
  for (const { artSha256 } of piece.arts) {
    const url = previews.get(artSha256);
    if (url && !pixels.has(artSha256)) pixels.set(artSha256, await pixelsOfPreview(url));
  }
  const { width, height } = dotsOf(piece, PREVIEW_DOTS_PER_MM);
  const rows = warpRows(piece, pixels, PREVIEW_DOTS_PER_MM, 0, height);
  const canvas = new OffscreenCanvas(width, height);
  canvas
    .getContext('2d')
    ?.putImageData(new ImageData(rows as Uint8ClampedArray<ArrayBuffer>, width, height), 0, 0);
  return URL.createObjectURL(await canvas.convertToBlob());
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
    drawBent(piece, previews)
      .then((drawn) => {
        if (gone) return URL.revokeObjectURL(drawn);
        made = drawn;
        setUrl(drawn);
      })
      .catch(() => setUrl(null)); // its previews were let go of meanwhile: the edge is drawn without them
    return () => {
      gone = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [piece, previews]);
  return piece?.bend ? url : null;
}
