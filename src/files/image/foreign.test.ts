import sharp from 'sharp';
import { inspectImage } from '.';

const square = () => sharp({ create: { width: 8, height: 8, channels: 3, background: '#c33' } });
/** The file type box of a container of still pictures, with a major brand (ISO/IEC 14496-12). */
const container = (brand: string) =>
  Buffer.concat([Buffer.from([0, 0, 0, 24]), Buffer.from(`ftyp${brand}\0\0\0\0mif1heic`)]);

test.each<readonly [string, () => Promise<Buffer> | Buffer]>([
  ['a HEIC photo', () => container('heic')],
  ['a HEIC photo', () => container('mif1')],
  ['an AVIF picture', () => square().avif().toBuffer()],
  ['a GIF', () => square().gif().toBuffer()],
  ['a TIFF picture', () => square().tiff().toBuffer()],
  ['a bitmap (BMP)', () => Buffer.from('BM        ')],
  ['a PostScript drawing', () => Buffer.from('%!PS-3.0')],
])('%s is called what it is, and how it can come in', async (called, file) => {
  const facts = inspectImage(await file());
  expect(facts.ok ? '' : facts.reason).toBe(
    `This is ${called}, which is not taken in here. Save or share it as a JPEG or PNG.`,
  );
});

test('what nobody knows is told by what is taken in', () => {
  const facts = inspectImage(Buffer.from('ftyp'));
  expect(facts.ok ? '' : facts.reason).toMatch(/not a PNG, JPEG or WebP picture/);
});
