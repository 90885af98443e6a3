/** What goes into a PDF from where it is kept, against a reader of its own (Poppler). */
import { randomBytes } from 'node:crypto';
import sharp from 'sharp';
import { readPng } from '@/files/image';
import { pngChunk } from '@/files/image/pngChunk';
import { jobWith, printToFile, renderWithPoppler } from '@tests/support/printed';

/** Noise, which no program packs: a stream of three quarters of a megabyte. */
const [WIDTH, HEIGHT] = [600, 425];
const noise = (): Promise<Buffer> =>
  sharp(randomBytes(WIDTH * HEIGHT * 3), { raw: { width: WIDTH, height: HEIGHT, channels: 3 } })
    .png()
    .toBuffer();

/** The same PNG with its stream in one chunk, as many programs write it; the library here writes chunks of 8 kB. */
function inOneChunk(bytes: Buffer): Buffer {
  const read = readPng(bytes);
  if (!read.ok) throw new Error(read.reason);
  const [signature, header] = [bytes.subarray(0, 8), bytes.subarray(8, 33)];
  const idat = pngChunk('IDAT', Buffer.concat(read.value.idat));
  return Buffer.concat([signature, header, idat, pngChunk('IEND', new Uint8Array())]);
}

test('a PNG in one long chunk is taken from where it is kept, and is on paper what it is in short ones', async () => {
  const short = await noise();
  const long = inOneChunk(short);
  const byBytes = await printToFile(await jobWith(short), short);
  const byStretch = await printToFile(await jobWith(long), long);
  expect(byBytes.parts.some((part) => part instanceof Blob)).toBe(false);
  expect(byStretch.parts.some((part) => part instanceof Blob)).toBe(true);
  const [pages, same] = await Promise.all(
    [byBytes, byStretch].map(async ({ path }) => (await renderWithPoppler(path, 150)).data),
  );
  expect(pages?.some((value) => value < 128)).toBe(true);
  expect(same?.equals(pages ?? Buffer.alloc(0))).toBe(true);
});
