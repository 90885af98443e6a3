/** The density written into a PNG, read by sharp; its checksum by zlib (ISO/IEC 15948). */
import { crc32 } from 'node:zlib';
import sharp from 'sharp';
import { withDensity } from '@/files/image';
import { pngPicture } from '../support/pictures';

test.each([72, 150, 300, 600])('a PNG says %s ppi and keeps its pixels', async (ppi) => {
  const png = await pngPicture(40, 30);
  const out = Buffer.from(withDensity(new Uint8Array(png), ppi));
  const { density, width } = await sharp(out).metadata();
  expect([density, width]).toEqual([ppi, 40]);
  expect(await sharp(out).raw().toBuffer()).toEqual(await sharp(png).raw().toBuffer());
  const at = out.indexOf('pHYs');
  expect(out.readUInt32BE(at + 13)).toBe(crc32(out.subarray(at, at + 13)));
});
