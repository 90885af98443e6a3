import { execFileSync } from 'node:child_process';
import sharp from 'sharp';
import { withChunk } from '@/files/image/pngChunk';
import { onStage } from '../support/rendered';
import { checks, downloaded, expect, givePicture, goTo, saved, startMug, test } from './bench';

type Rgb = readonly [r: number, g: number, b: number];
const STORED: Rgb = [200, 60, 120];
const plain = () =>
  sharp({
    create: {
      ...{ width: 1200, height: 540, channels: 3 },
      background: { r: STORED[0], g: STORED[1], b: STORED[2] },
    },
  });

/** A plain PNG that says by a chunk what its values are. */
const saying = async (type: string, data: readonly number[]): Promise<Buffer> =>
  Buffer.from(withChunk(await plain().png().toBuffer(), type, Uint8Array.from(data)));

/** Light as sRGB writes it (IEC 61966-2-1), 0–255. */
const encoded = (light: number): number =>
  Math.round(255 * (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055));
const decoded = (value: number): number =>
  value / 255 <= 0.04045 ? value / 255 / 12.92 : ((value / 255 + 0.055) / 1.055) ** 2.4;

/** Display P3 as sRGB: linear light by the matrix of both spaces' primaries, white D65 (CSS Color 4, §18, sample code). */
const P3_TO_SRGB: readonly (readonly number[])[] = [
  [1.2249401762, -0.2249401762, 0],
  [-0.0420569547, 1.0420569547, 0],
  [-0.0196375546, -0.0786360456, 1.0982736001],
];
const fromP3 = (stored: Rgb): number[] => {
  const light = stored.map(decoded);
  return P3_TO_SRGB.map((row) => {
    const sum = row.reduce((all, share, i) => all + share * (light[i] ?? 0), 0);
    return encoded(Math.min(1, Math.max(0, sum)));
  });
};

/** The colour in the middle of the first page of a PDF's largest printed place, by Poppler. */
async function printed(path: string): Promise<number[]> {
  execFileSync('pdftoppm', ['-r', '40', '-png', '-f', '1', '-singlefile', path, path]);
  const { data, info } = await sharp(`${path}.png`)
    .removeAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  // an even colour: the commonest that is no paper
  const counts = new Map<string, number>();
  for (let i = 0; i < info.width * info.height; i++) {
    const colour = [...data.subarray(3 * i, 3 * i + 3)];
    if (Math.min(...colour) > 230) continue;
    counts.set(colour.join(), (counts.get(colour.join()) ?? 0) + 1);
  }
  const [commonest = ['', 0]] = [...counts].sort(([, a], [, b]) => b - a);
  expect(commonest[1]).toBeGreaterThan(0.1 * info.width * info.height);
  return commonest[0].split(',').map(Number);
}

const apart = (one: readonly number[], other: readonly number[]): number =>
  Math.max(...one.map((value, i) => Math.abs(value - (other[i] ?? 0))));

const GAMMA_OF_LIGHT = [0, 1, 0x86, 0xa0]; // 100 000
const GAMMA_OF_SCREENS = [0, 0, 0xb1, 0x8f]; // 45 455

const inFourInks = () => plain().toColourspace('cmyk');
/** What a file says of its colours, the colour that is meant by it, and how nearly another engine tells it. */
const CASES: readonly (readonly [
  name: string,
  file: () => Promise<Buffer>,
  wanted: readonly number[],
  within: number,
])[] = [
  ['light.png', () => saying('gAMA', GAMMA_OF_LIGHT), STORED.map((v) => encoded(v / 255)), 3],
  ['screens.png', () => saying('gAMA', GAMMA_OF_SCREENS), STORED, 3],
  ['p3-codes.png', () => saying('cICP', [12, 13, 0, 1]), fromP3(STORED), 3],
  // inks of a press that is named, back and forth by two engines
  [
    'press.jpg',
    () => inFourInks().withIccProfile('cmyk').jpeg({ quality: 98 }).toBuffer(),
    STORED,
    40,
  ],
  // of a press that is not: anybody's guess
  ['inks.jpg', () => inFourInks().jpeg({ quality: 98 }).toBuffer(), STORED, 120],
];

for (const [name, file, wanted, within] of CASES)
  test(`colours are seen as the file says they are, and printed as they are seen: ${name}`, async ({
    page,
  }) => {
    await startMug(page);
    await goTo(page, 'Art');
    const mime = name.endsWith('png') ? 'image/png' : 'image/jpeg';
    await givePicture(page, name, await file(), mime);
    await expect(page.getByText('1200 × 540 px')).toBeVisible();
    const seen = await onStage(page, 1, 1);
    expect(apart(seen, wanted), `seen ${seen.join()}`).toBeLessThanOrEqual(within);
    const warned = checks(page).getByText(/four inks of a printing press/);
    await expect(warned).toHaveCount(name === 'inks.jpg' ? 1 : 0);
    await saved(page);
    await goTo(page, 'Sheets');
    const { path } = await downloaded(page, 'Save the PDF');
    const inPrint = await printed(path);
    expect(apart(inPrint, seen), `printed ${inPrint.join()}`).toBeLessThanOrEqual(3);
  });
