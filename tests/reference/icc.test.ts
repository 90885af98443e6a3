/**
 * Colour profiles against libvips (sharp, with Little CMS inside) and Poppler: neither shares code with the app.
 */
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { crc32, deflateSync } from 'node:zlib';
import sharp from 'sharp';
import { hexDifference } from '@/core/colour';
import { checkedProfile, iccProfileOf } from '@/files/image';
import { srgbProfile } from '@/files/pdf/srgbProfile';
import type { Job } from '@/core/model';
import { jobWith, printToFile, renderWithPoppler } from '@tests/support/printed';

const RED = [234, 51, 35] as const;
const hex = (rgb: Iterable<number>) =>
  `#${[...rgb].map((v) => v.toString(16).padStart(2, '0')).join('')}`;

/** A picture of one colour whose figures are of a wider gamut than sRGB, as it stands in the file. */
async function wide(format: 'jpeg' | 'png'): Promise<Buffer> {
  const [r, g, b] = RED;
  const plain = sharp({
    create: { width: 400, height: 300, channels: 3, background: { r, g, b } },
  });
  const made = plain.withIccProfile('p3', { attach: true });
  return format === 'png'
    ? made.png().toBuffer()
    : made.jpeg({ quality: 100, chromaSubsampling: '4:4:4' }).toBuffer();
}
/** How libvips shows a picture on an sRGB screen, by its profile; or its bare figures. */
const asSeen = async (bytes: Buffer, ignoreIcc = false) => {
  const read = sharp(bytes, { ignoreIcc }).removeAlpha();
  const pixels = await (ignoreIcc ? read : read.toColourspace('srgb')).raw().toBuffer();
  return hex(pixels.subarray(0, 3));
};
const covering = (job: Job): Job => ({
  ...job,
  placements: job.placements.map((each) => ({ ...each, sizing: { mode: 'cover' } })),
});

describe.each(['jpeg', 'png'] as const)('a wide-gamut %s', (format) => {
  test('carries its profile, which is the very one in the file', async () => {
    const bytes = await wide(format);
    const { icc } = await sharp(bytes).metadata();
    const own = iccProfileOf(bytes, `image/${format}`, 3);
    expect(own && Buffer.from(own.bytes).equals(icc as Buffer)).toBe(true);
    expect(iccProfileOf(bytes, `image/${format}`, 1)).toBeNull();
  });

  test('prints as libvips sees it, not as its bare figures', async () => {
    const bytes = await wide(format);
    const { path, item } = await printToFile(await jobWith(bytes, covering), bytes);
    const page = await renderWithPoppler(path, 100);
    const [x, y] = [item.box.x + item.box.width / 2, item.box.y + item.box.height / 2].map((mm) =>
      Math.round(mm * page.pxPerMm),
    );
    const at = 3 * ((y ?? 0) * page.width + (x ?? 0));
    const printed = hex(page.data.subarray(at, at + 3));
    const seen = await asSeen(bytes);
    const bare = await asSeen(bytes, true);
    expect(hexDifference(seen, bare)).toBeGreaterThan(2);
    expect(hexDifference(printed, seen)).toBeLessThan(1);
    expect(readFileSync(path).includes('ICCBased')).toBe(true);
  });
});

test('a PDF says that what has no profile is sRGB, and the profile is one to others', async () => {
  const plain = await sharp({
    create: { width: 60, height: 40, channels: 3, background: { r: 200, g: 40, b: 90 } },
  })
    .png()
    .toBuffer();
  const { path } = await printToFile(await jobWith(plain), plain);
  const info = execFileSync('pdfimages', ['-list', path]).toString();
  expect(info).toMatch(/\brgb\b/);
  expect(readFileSync(path).toString('latin1')).toMatch(/OutputIntent/);
  const own = srgbProfile();
  expect(checkedProfile(own)?.channels).toBe(3);
  // a picture with our profile is the same as one without, by libvips
  const grid = Buffer.from(Array.from({ length: 3 * 512 }, (_, i) => (i * 37) % 256));
  const raw = { raw: { width: 512, height: 1, channels: 3 as const } };
  const { data } = await sharp(grid, raw).png().toBuffer({ resolveWithObject: true });
  const tagged = pngWithProfile(data, own);
  const through = await sharp(tagged).toColourspace('srgb').removeAlpha().raw().toBuffer();
  const worst = Math.max(...grid.map((v, i) => Math.abs(v - (through[i] ?? 0))));
  expect(worst).toBeLessThanOrEqual(1);
});

/** Puts an iCCP chunk behind the header of a PNG. */
function pngWithProfile(png: Buffer, profile: Uint8Array): Buffer {
  const body = Buffer.concat([Buffer.from('iCCPown\0\0', 'latin1'), deflateSync(profile)]);
  const length = Buffer.alloc(4);
  length.writeUInt32BE(body.length - 4);
  const check = Buffer.alloc(4);
  check.writeUInt32BE(crc32(body));
  return Buffer.concat([png.subarray(0, 33), length, body, check, png.subarray(33)]);
}

test.each([
  ['cut short', (bytes: Uint8Array) => bytes.slice(0, 200)],
  ['of nothing', () => new Uint8Array()],
  ['without its signature', (bytes: Uint8Array) => Uint8Array.from(bytes).fill(0, 36, 40)],
  ['that says more than it is', (bytes: Uint8Array) => Uint8Array.from(bytes).fill(255, 0, 4)],
  [
    'for other things than pictures',
    (bytes: Uint8Array) => Uint8Array.from(bytes).fill(65, 16, 20),
  ],
])('a profile %s is left out', (_, harm) => {
  expect(checkedProfile(harm(srgbProfile()))).toBeNull();
});
