import { DOTS_PER_MM, dotsOf, warpRows, type Piece, type Pixels } from '@/core/layout';
import type { Artwork } from '@/core/model';
import { deflating } from '@/files/deflate';
import type { PackedPixels } from '@/files/pdf';
import { bitmapAsStored } from './bitmap';

/** Rows read back at a time; bounds memory to a few megabytes beside the decoded picture. */
const STRIP_ROWS = 128;

/** Splits RGBA rows into colour and transparency, each packed as it comes. */
function packer(width: number, height: number) {
  const [rgb, alpha] = [deflating(), deflating()];
  return {
    async add(rgba: Uint8ClampedArray): Promise<void> {
      const colours = new Uint8Array((rgba.length / 4) * 3);
      const opacity = new Uint8Array(rgba.length / 4);
      for (let from = 0, to = 0, i = 0; from < rgba.length; from += 4, to += 3, i++) {
        colours[to] = rgba[from] ?? 0;
        colours[to + 1] = rgba[from + 1] ?? 0;
        colours[to + 2] = rgba[from + 2] ?? 0;
        opacity[i] = rgba[from + 3] ?? 0;
      }
      await Promise.all([rgb.write(colours), alpha.write(opacity)]);
    },
    finish: async (): Promise<PackedPixels> => ({
      ...{ width, height, bits: 8, colours: 3, filtered: false },
      rgb: await rgb.finish(),
      alpha: await alpha.finish(),
    }),
  };
}

/** Packs pixels that are at hand for a PDF. */
export async function packPixels(
  width: number,
  height: number,
  rgba: Uint8ClampedArray,
): Promise<PackedPixels> {
  const pack = packer(width, height);
  await pack.add(rgba);
  return pack.finish();
}

/** Decodes with the browser's own decoder and hands the rows out in strips, as stored. */
async function eachStrip(
  stored: Blob,
  art: Artwork,
  start: (
    width: number,
    height: number,
  ) => (rgba: Uint8ClampedArray, firstRow: number) => void | Promise<void>,
): Promise<void> {
  const told = stored.slice(0, stored.size, art.mime);
  const bitmap = await bitmapAsStored(told, art, { premultiplyAlpha: 'none' });
  const { width, height } = bitmap;
  const strip = new OffscreenCanvas(width, STRIP_ROWS);
  const context = strip.getContext('2d', { willReadFrequently: true });
  if (!context) throw new Error('This browser cannot draw pictures in the background.');
  const take = start(width, height);
  for (let top = 0; top < height; top += STRIP_ROWS) {
    const rows = Math.min(STRIP_ROWS, height - top);
    context.clearRect(0, 0, width, STRIP_ROWS);
    context.drawImage(bitmap, 0, top, width, rows, 0, 0, width, rows);
    await take(context.getImageData(0, 0, width, rows).data, top);
  }
  bitmap.close();
}

/** Decodes a picture as stored and packs it for a PDF, strip by strip. */
export async function decodePixels(stored: Blob, art: Artwork): Promise<PackedPixels> {
  let pack: ReturnType<typeof packer> | null = null;
  await eachStrip(stored, art, (width, height) => {
    const packing = packer(width, height);
    pack = packing;
    return (rgba) => packing.add(rgba);
  });
  if (!pack) throw new Error('The picture has no pixels.');
  return (pack as ReturnType<typeof packer>).finish();
}

/** Decodes a whole picture as stored, for warping. */
export async function decodeWhole(stored: Blob, art: Artwork): Promise<Pixels> {
  const whole = { width: 0, height: 0, data: new Uint8ClampedArray() };
  await eachStrip(stored, art, (width, height) => {
    Object.assign(whole, { width, height, data: new Uint8ClampedArray(width * height * 4) });
    return (rgba, firstRow) => whole.data.set(rgba, firstRow * width * 4);
  });
  return { ...whole, orientation: art.orientation };
}

/** Draws a bent piece at print resolution and packs it, strip by strip. */
export async function packBentPiece(
  piece: Piece,
  pixelsOf: ReadonlyMap<string, Pixels>,
  onProgress: (share: number) => void,
): Promise<PackedPixels> {
  const { width, height } = dotsOf(piece, DOTS_PER_MM);
  const packing = packer(width, height);
  for (let top = 0; top < height; top += STRIP_ROWS) {
    const rows = Math.min(STRIP_ROWS, height - top);
    await packing.add(warpRows(piece, pixelsOf, DOTS_PER_MM, top, rows));
    onProgress((top + rows) / height);
  }
  return packing.finish();
}
