import type { Artwork } from '@/core/model';
import type { DeflatedPixels } from '@/files/pdf';

/** Rows read back at a time; bounds memory to a few megabytes beside the decoded picture. */
const STRIP_ROWS = 128;

/** Compresses what is written to it, as a zlib stream. */
function deflater() {
  const stream = new CompressionStream('deflate');
  const writer = stream.writable.getWriter();
  const result = new Response(stream.readable).arrayBuffer();
  return {
    write: (bytes: Uint8Array<ArrayBuffer>) => writer.write(bytes),
    finish: async () => {
      await writer.close();
      return new Uint8Array(await result);
    },
  };
}

/**
 * Decodes a picture as stored with the browser's own decoder and compresses colour and
 * transparency apart, strip by strip.
 */
export async function decodePixels(bytes: Uint8Array, art: Artwork): Promise<DeflatedPixels> {
  const blob = new Blob([bytes as Uint8Array<ArrayBuffer>], { type: art.mime });
  const bitmap = await createImageBitmap(blob, {
    imageOrientation: 'none',
    premultiplyAlpha: 'none',
  });
  const { width, height } = bitmap;
  const strip = new OffscreenCanvas(width, STRIP_ROWS);
  const context = strip.getContext('2d', { willReadFrequently: true });
  if (!context) throw new Error('This browser cannot draw pictures in the background.');
  const [rgb, alpha] = [deflater(), deflater()];
  for (let top = 0; top < height; top += STRIP_ROWS) {
    const rows = Math.min(STRIP_ROWS, height - top);
    context.clearRect(0, 0, width, STRIP_ROWS);
    context.drawImage(bitmap, 0, top, width, rows, 0, 0, width, rows);
    const { data } = context.getImageData(0, 0, width, rows);
    const colours = new Uint8Array(width * rows * 3);
    const opacity = new Uint8Array(width * rows);
    for (let from = 0, to = 0, i = 0; from < data.length; from += 4, to += 3, i++) {
      colours[to] = data[from] ?? 0;
      colours[to + 1] = data[from + 1] ?? 0;
      colours[to + 2] = data[from + 2] ?? 0;
      opacity[i] = data[from + 3] ?? 0;
    }
    await Promise.all([rgb.write(colours), alpha.write(opacity)]);
  }
  bitmap.close();
  return { width, height, rgb: await rgb.finish(), alpha: await alpha.finish() };
}
