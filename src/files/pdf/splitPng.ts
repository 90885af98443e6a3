import type { PngStructure } from '../image';
import { deflating } from '../deflate';
import { storing, type PackedPixels } from './pack';
import { rowSplitter } from './rowSplitter';

/** Undoes the deflate of a PNG's picture data, in order, in pieces of any size. */
export type Inflater = (idat: readonly Uint8Array[]) => ReadableStream<Uint8Array>;

/** A picture its own PNG could not bring under this share of its bytes is not compressed again. */
const HARDLY_SMALLER = 0.5;
/** Bytes handed to a packer at once. */
const BATCH = 1 << 22;

/** A PNG whose colours and opacity can be taken apart as they are: both in each pixel, row by row. */
export const canSplit = (png: PngStructure): boolean =>
  (png.colourType & 4) !== 0 && !png.interlaced && png.width > 0;

/** Collects rows and passes them on in batches. */
function batching(rowBytes: number, write: (bytes: Uint8Array<ArrayBuffer>) => Promise<void>) {
  const rows = Math.max(1, Math.floor(BATCH / rowBytes));
  let batch = new Uint8Array(rows * rowBytes);
  let filled = 0;
  return {
    next: () => batch.subarray(filled, filled + rowBytes),
    async took(): Promise<void> {
      filled += rowBytes;
      if (filled < batch.length) return;
      await write(batch);
      batch = new Uint8Array(rows * rowBytes);
      filled = 0;
    },
    flush: () => write(batch.subarray(0, filled)),
  };
}

/**
 * Takes a PNG's colours and opacity apart for a PDF, which wants them as two images, without
 * decoding: PNG filters work on each channel by itself (W3C PNG, 3rd edition, §9), so the filtered
 * bytes of three channels out of four are what filtering those three alone would have given. No
 * pixel is rounded, as drawing half-transparent ones would.
 * @throws Error when the data ends before the picture does.
 */
export async function splitPng(png: PngStructure, inflate: Inflater): Promise<PackedPixels> {
  const sampleBytes = png.bitDepth / 8;
  const colours = png.colourType === 6 ? 3 : 1;
  const [colourBytes, alphaBytes] = [colours * sampleBytes, sampleBytes];
  const { row, split } = rowSplitter(png.width, colourBytes, alphaBytes);
  const packed = png.idat.reduce((sum, { length }) => sum + length, 0);
  const colourPacker = packed > HARDLY_SMALLER * row.length * png.height ? storing() : deflating();
  const alphaPacker = deflating();
  const colourRows = batching(1 + png.width * colourBytes, colourPacker.write);
  const alphaRows = batching(1 + png.width * alphaBytes, alphaPacker.write);

  const reader = inflate(png.idat).getReader();
  let filled = 0;
  let done = 0;
  while (done < png.height) {
    const { value: chunk } = await reader.read();
    if (!chunk) throw new Error('The PNG ends in the middle of its picture. Bring it in again.');
    for (let at = 0; at < chunk.length && done < png.height;) {
      const part = chunk.subarray(at, at + row.length - filled);
      row.set(part, filled);
      at += part.length;
      filled += part.length;
      if (filled < row.length) break;
      split(colourRows.next(), alphaRows.next());
      await colourRows.took();
      await alphaRows.took();
      [filled, done] = [0, done + 1];
    }
  }
  await reader.cancel();
  await Promise.all([colourRows.flush(), alphaRows.flush()]);
  return {
    width: png.width,
    height: png.height,
    bits: png.bitDepth as 8 | 16,
    colours,
    filtered: true,
    rgb: await colourPacker.finish(),
    alpha: await alphaPacker.finish(),
  };
}
