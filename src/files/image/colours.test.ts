import sharp from 'sharp';
import { inspectImage, isMeantAsStored } from '.';
import { withChunk } from './pngChunk';

const square = (colour = { r: 200, g: 40, b: 90 }) =>
  sharp({ create: { width: 24, height: 16, channels: 3, background: colour } });

/** Figures of four bytes each, as gamma and primaries stand in a PNG. */
const figures = (...values: readonly number[]): Uint8Array => {
  const data = new Uint8Array(4 * values.length);
  values.forEach((value, i) => new DataView(data.buffer).setUint32(4 * i, value));
  return data;
};
/** White and primaries of sRGB, and of opRGB (IEC 61966-2-5), as W3C PNG 11.3.2.1 writes them. */
const SRGB = [31270, 32900, 64000, 33000, 30000, 60000, 15000, 6000];
const WIDER = [31270, 32900, 64000, 33000, 21000, 71000, 15000, 6000];

test.each<readonly [string, 'gAMA' | 'cHRM' | 'cICP' | 'sRGB', Uint8Array, boolean]>([
  ['the gamma of ordinary screens', 'gAMA', figures(45455), true],
  ['that gamma, rounded', 'gAMA', figures(45000), true],
  ['light as it is measured', 'gAMA', figures(100000), false],
  ['the gamma of old screens', 'gAMA', figures(55556), false],
  ['a gamma that is cut short', 'gAMA', new Uint8Array([0, 1]), false],
  ['the primaries of sRGB', 'cHRM', figures(...SRGB), true],
  ['wider primaries', 'cHRM', figures(...WIDER), false],
  ['the code points of sRGB (ITU-T H.273)', 'cICP', new Uint8Array([1, 13, 0, 1]), true],
  ['the code points of Display P3', 'cICP', new Uint8Array([12, 13, 0, 1]), false],
  ['that it is sRGB', 'sRGB', new Uint8Array([0]), true],
])('a PNG that says %s', async (_, type, data, asStored) => {
  const png = await square().png().toBuffer();
  expect(isMeantAsStored(png)).toBe(true);
  expect(isMeantAsStored(withChunk(png, type, data))).toBe(asStored);
});

test('a profile counts before a gamma, code points before a profile (W3C PNG, 3rd edition, 4.3)', async () => {
  const png = await square().withIccProfile('p3').png().toBuffer();
  expect(isMeantAsStored(withChunk(png, 'gAMA', figures(100000)))).toBe(true);
  expect(isMeantAsStored(withChunk(png, 'cICP', new Uint8Array([1, 13, 0, 1])))).toBe(false);
});

test('four inks say which colours they are by a profile alone', async () => {
  const coloursTold = (bytes: Buffer) => {
    const facts = inspectImage(bytes);
    return facts.ok ? facts.value.coloursTold : facts.reason;
  };
  const inInks = square().toColourspace('cmyk');
  expect(coloursTold(await inInks.clone().jpeg().toBuffer())).toBe(false);
  expect(coloursTold(await inInks.clone().withIccProfile('cmyk').jpeg().toBuffer())).toBe(true);
  expect(coloursTold(await square().jpeg().toBuffer())).toBe(true);
  expect(coloursTold(await square().grayscale().jpeg().toBuffer())).toBe(true);
  expect(coloursTold(await square().png().toBuffer())).toBe(true);
  expect(coloursTold(await square().webp().toBuffer())).toBe(true);
});
