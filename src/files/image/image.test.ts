import { clearPngPicture, jpegPicture, pngPicture } from '@tests/support/pictures';
import sharp, { type Sharp } from 'sharp';
import { inspectImage, readPng } from '.';

const reason = (bytes: Uint8Array): string => {
  const facts = inspectImage(bytes);
  return facts.ok ? 'taken in' : facts.reason;
};

/** A PNG that claims a size, with nothing behind it. */
function pngClaiming(width: number, height: number): Buffer {
  const chunk = (type: string, data: Buffer) => {
    const length = Buffer.alloc(4);
    length.writeUInt32BE(data.length);
    return Buffer.concat([length, Buffer.from(type), data, Buffer.alloc(4)]);
  };
  const header = Buffer.alloc(13);
  header.writeUInt32BE(width, 0);
  header.writeUInt32BE(height, 4);
  header.set([8, 2, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from('89504e470d0a1a0a', 'hex'),
    chunk('IHDR', header),
    chunk('IDAT', Buffer.from([0])),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

test('a PNG says its size and kind', async () => {
  expect(inspectImage(await pngPicture(120, 80))).toMatchObject({
    ok: true,
    value: { mime: 'image/png', storedWidthPx: 120, storedHeightPx: 80, orientation: 1 },
  });
  expect(readPng(await clearPngPicture(20, 10))).toMatchObject({
    value: { transparent: true, interlaced: false, colourType: 6 },
  });
});

test('what can have nothing see-through is known before it is decoded', async () => {
  const clear = await clearPngPicture(20, 10);
  const asked: readonly [Uint8Array, boolean][] = [
    [await pngPicture(20, 10), false],
    [clear, true],
    [await jpegPicture(20, 10, 1), false],
    [await sharp(clear).webp().toBuffer(), true],
    [
      await sharp(await pngPicture(20, 10))
        .webp()
        .toBuffer(),
      false,
    ],
  ];
  for (const [bytes, mayBeClear] of asked)
    expect(inspectImage(bytes)).toMatchObject({ value: { mayBeClear } });
});

test.each([1, 3, 6, 8])('a JPEG says its EXIF orientation %d', async (orientation) => {
  expect(inspectImage(await jpegPicture(120, 80, orientation))).toMatchObject({
    ok: true,
    value: { mime: 'image/jpeg', storedWidthPx: 120, storedHeightPx: 80, orientation },
  });
});

test.each([
  ['lossy', (picture: Sharp) => picture.webp({ quality: 80 })],
  ['lossless', (picture: Sharp) => picture.webp({ lossless: true })],
  ['see-through', (picture: Sharp) => picture.ensureAlpha(0.5).webp({ quality: 80 })],
])('a %s WebP says its size', async (_kind, encode) => {
  const webp = await encode(sharp(await pngPicture(301, 77))).toBuffer();
  expect(inspectImage(webp)).toMatchObject({
    ok: true,
    value: { mime: 'image/webp', storedWidthPx: 301, storedHeightPx: 77 },
  });
  expect(reason(webp.subarray(0, webp.length - 9))).toMatch(/WebP ends in the middle/);
});

describe('files that cannot be used are told apart', () => {
  test('0 bytes', () => expect(reason(new Uint8Array())).toMatch(/0 bytes/));

  test('a renamed text file', () => {
    expect(reason(Buffer.from('Hollow Ridge Star Party'))).toMatch(/not a PNG, JPEG or WebP/);
  });

  test('a PNG cut short anywhere', async () => {
    const whole = await pngPicture(64, 64);
    for (const share of [0.1, 0.5, 0.99]) {
      expect(reason(whole.subarray(0, Math.floor(whole.length * share)))).toMatch(
        /PNG ends in the middle/,
      );
    }
  });

  test('a JPEG cut short anywhere', async () => {
    const whole = await jpegPicture(64, 64);
    for (const share of [0.01, 0.5, 0.99]) {
      expect(reason(whole.subarray(0, Math.floor(whole.length * share)))).toMatch(
        /JPEG ends in the middle/,
      );
    }
  });

  test('20 000 × 20 000 pixels, before anything is decoded', () => {
    expect(reason(pngClaiming(20_000, 20_000))).toMatch(/400 megapixels.*up to 60/);
  });

  test('a PNG without a picture', () => expect(reason(pngClaiming(0, 10))).toMatch(/no picture/));
});
