import { clearPngPicture, jpegPicture, pngPicture } from '@tests/support/pictures';
import sharp, { type Sharp } from 'sharp';
import { asStored, inspectImage, isOneColour, oneColourOf, oneColourPng, readPng } from '.';

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

describe('a picture as it is stored says nothing of which way up it is', () => {
  const turned = (picture: Sharp) =>
    picture.withMetadata({ orientation: 6, icc: 'p3', exif: { IFD0: { Copyright: 'odd' } } });
  test.each([
    ['JPEG', (picture: Sharp) => picture.jpeg()],
    ['PNG', (picture: Sharp) => picture.png()],
    ['lossy WebP', (picture: Sharp) => picture.webp()],
    ['lossless WebP', (picture: Sharp) => picture.ensureAlpha(0.5).webp({ lossless: true })],
  ])('a %s, the same pixels in the same colour space', async (_kind, encode) => {
    const bytes = new Uint8Array(await turned(encode(sharp(await pngPicture(120, 80)))).toBuffer());
    expect(inspectImage(bytes)).toMatchObject({ value: { orientation: 6 } });
    const stored = Buffer.concat(asStored(bytes));
    expect(inspectImage(stored)).toMatchObject({
      value: { orientation: 1, storedWidthPx: 120, storedHeightPx: 80 },
    });
    const found = await sharp(stored).metadata();
    expect(found).toMatchObject({ width: 120, height: 80 });
    expect([found.orientation ?? 1, found.exif, found.icc === undefined]).toEqual([
      ...[1, undefined, false],
    ]);
    const pixels = (file: Uint8Array) => sharp(file).raw().toBuffer();
    expect(await pixels(stored)).toEqual(await pixels(bytes));
  });

  test('one that says nothing is left as it is', async () => {
    const plain = new Uint8Array(await pngPicture(12, 8));
    expect(asStored(plain)).toEqual([plain]);
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

describe('lettering is one colour', () => {
  const [WIDTH, HEIGHT] = [60, 40];
  const ALL = { left: 0, top: 0, width: WIDTH, height: HEIGHT };
  const drawn = (colourAt: (i: number) => readonly number[]) => ({
    width: WIDTH,
    height: HEIGHT,
    data: Uint8ClampedArray.from({ length: 4 * WIDTH * HEIGHT }, (_, i) => {
      const alpha = Math.max(0, ((i >> 2) % 301) - 45);
      return i % 4 === 3 ? alpha : alpha === 0 ? 0 : (colourAt(i >> 2)[i % 4] ?? 0);
    }),
  });

  test('kept as a PNG a byte a pixel, sharp reads the same colour and opacity', async () => {
    const picture = oneColourOf(
      drawn(() => [27, 58, 122]),
      ALL,
    );
    if (!picture) throw new Error('it has one colour');
    const png = Buffer.concat(await oneColourPng(picture));
    const { data } = await sharp(png).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
    const pixels = Array.from({ length: WIDTH * HEIGHT }, (_, i) => [
      ...data.subarray(4 * i, 4 * i + 4),
    ]);
    expect(pixels).toEqual(Array.from(picture.opacity, (alpha) => [27, 58, 122, alpha]));
    const read = readPng(png);
    expect(read.ok && [isOneColour(read.value), read.value.transparent]).toEqual([true, true]);
  });

  test('a part of it is that part', () => {
    const picture = drawn(() => [27, 58, 122]);
    const part = oneColourOf(picture, { left: 1, top: 9, width: 30, height: 20 });
    const at = (x: number, y: number) => picture.data[4 * ((9 + y) * WIDTH + 1 + x) + 3];
    expect(part?.opacity[0]).toBe(at(0, 0));
    expect(part?.opacity.at(-1)).toBe(at(29, 19));
  });

  test('two colours are two, and a palette of any other kind is none', async () => {
    const two = drawn((i) => (i % 2 ? [27, 58, 122] : [27, 58, 130]));
    expect(oneColourOf(two, ALL)).toBeNull();
    // half opaque, before anything that is fully so
    const glow = drawn((i) => (i === 250 ? [200, 58, 122] : [27, 58, 122]));
    expect(oneColourOf(glow, ALL)).toBeNull();
    expect(
      oneColourOf({ width: WIDTH, data: new Uint8ClampedArray(two.data.length) }, ALL),
    ).toBeNull();
    const other = readPng(
      await sharp(await clearPngPicture(20, 10))
        .png({ palette: true })
        .toBuffer(),
    );
    expect(other.ok && isOneColour(other.value)).toBe(false);
  });
});
