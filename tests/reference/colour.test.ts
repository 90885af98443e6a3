import sharp from 'sharp';
import { faintOn, groundOf, hexOf, labDifference, labOf, linearOf, toLinear } from '@/core/colour';
import { TRANSFERS } from '@/core/transfer';
import { blankOf } from '@tests/support/jobs';

/**
 * Sharma, Wu & Dalal, "The CIEDE2000 color-difference formula", Color Research and Application 30 (2005), table 1,
 * as remembered: L*, a*, b* of both colours and their difference.
 */
const SHARMA: readonly (readonly number[])[] = [
  [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425],
  [50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615],
  [50, 2.8361, -74.02, 50, 0, -82.7485, 3.4412],
  [50, -1.3802, -84.2814, 50, 0, -82.7485, 1],
  [50, -1.1848, -84.8006, 50, 0, -82.7485, 1],
  [50, -0.9009, -85.5211, 50, 0, -82.7485, 1],
  [50, 0, 0, 50, -1, 2, 2.3669],
  [50, -1, 2, 50, 0, 0, 2.3669],
  [50, 2.49, -0.001, 50, -2.49, 0.0009, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.001, 7.1792],
  [50, 2.49, -0.001, 50, -2.49, 0.0011, 7.2195],
  [50, 2.49, -0.001, 50, -2.49, 0.0012, 7.2195],
  [50, -0.001, 2.49, 50, 0.0009, -2.49, 4.8045],
  [50, -0.001, 2.49, 50, 0.001, -2.49, 4.8045],
  [50, -0.001, 2.49, 50, 0.0011, -2.49, 4.7461],
  [50, 2.5, 0, 50, 0, -2.5, 4.3065],
  [50, 2.5, 0, 73, 25, -18, 27.1492],
  [50, 2.5, 0, 61, -5, 29, 22.8977],
  [50, 2.5, 0, 56, -27, -3, 31.903],
  [50, 2.5, 0, 58, 24, 15, 19.4535],
  [50, 2.5, 0, 50, 3.1736, 0.5854, 1],
  [50, 2.5, 0, 50, 3.2972, 0, 1],
  [50, 2.5, 0, 50, 1.8634, 0.5757, 1],
  [50, 2.5, 0, 50, 3.2592, 0.335, 1],
  [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
  [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.263],
  [61.2901, 3.7196, -5.3901, 61.4292, 2.248, -4.962, 1.8731],
  [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
  [22.7233, 20.0904, -46.694, 23.0331, 14.973, -42.5619, 2.0373],
  [36.4612, 47.858, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
  [90.8027, -2.0831, 1.441, 91.1528, -1.6435, 0.0447, 1.4441],
  [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
  [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
  [2.0776, 0.0795, -1.135, 0.9033, -0.0636, -0.5514, 0.9082],
];

test.each(SHARMA)(
  'CIEDE2000 of a published pair: %d %d %d and %d %d %d are %d apart',
  (...pair) => {
    const [l1 = 0, a1 = 0, b1 = 0, l2 = 0, a2 = 0, b2 = 0, apart = 0] = pair;
    const [one, other] = [
      { l: l1, a: a1, b: b1 },
      { l: l2, a: a2, b: b2 },
    ];
    expect(labDifference(one, other)).toBeCloseTo(apart, 4);
    expect(labDifference(other, one)).toBeCloseTo(apart, 4);
  },
);

test('sRGB by IEC 61966-2-1: both branches, where they meet, and its white and primaries in L*a*b*', () => {
  expect(toLinear(0.04)).toBeCloseTo(0.04 / 12.92, 12);
  expect(toLinear(0.04045)).toBeCloseTo(0.0031308, 7);
  expect(toLinear(0.5)).toBeCloseTo(0.21404, 5);
  // as remembered from published conversions, D65
  const lab = (hex: string) => labOf(linearOf(hex));
  expect(lab('#ffffff').l).toBeCloseTo(100, 3);
  expect(Math.abs(lab('#ffffff').a) + Math.abs(lab('#ffffff').b)).toBeLessThan(0.02);
  for (const [hex, l, a, b] of [
    ['#ff0000', 53.24, 80.09, 67.2],
    ['#00ff00', 87.73, -86.18, 83.18],
    ['#0000ff', 32.3, 79.19, -107.86],
  ] as const)
    expect(labDifference(lab(hex), { l, a, b })).toBeLessThan(0.05);
});

test('linear light as libvips has it', async () => {
  const bytes = Buffer.from(Array.from({ length: 256 * 3 }, (_, i) => Math.floor(i / 3)));
  const raw = { raw: { width: 256, height: 1, channels: 3 as const } };
  const scrgb = await sharp(bytes, raw).toColourspace('scrgb').raw({ depth: 'float' }).toBuffer();
  const light = new Float32Array(scrgb.buffer, scrgb.byteOffset, 256 * 3);
  for (let v = 0; v < 256; v++) expect(light[3 * v]).toBeCloseTo(toLinear(v / 255), 3);
  expect(hexOf([light[300] ?? 0, light[300] ?? 0, light[300] ?? 0])).toBe('#646464');
});

/** Colours of made-up lettering, and of made-up blanks: 60 pairs. */
const INKS = [
  ...['#f8c8d8', '#fbe4ea', '#d8408a', '#c02030', '#ffd54a'],
  ...['#8fd3a0', '#2040a0', '#7f9fc4', '#4a3524', '#101014'],
];
const BLANKS = ['#ffffff', '#f6d5dc', '#bcc2c6', '#8d9196', '#1f2a44', '#17181b'];

/** How far ink and blank are apart by plain arithmetic: the largest difference of a channel after a product, of 255. */
function plainContrast(ink: string, blank: string): number {
  const channel = (hex: string, at: number) =>
    (Number.parseInt(hex.slice(at, at + 2), 16) / 255) ** 2.2;
  return Math.max(
    ...[1, 3, 5].map((at) => {
      const [i, b] = [channel(ink, at), channel(blank, at)];
      return 255 * (b ** (1 / 2.2) - (i * b) ** (1 / 2.2));
    }),
  );
}

test('of 60 pairs of lettering and blank none is missed that plain arithmetic calls lost, and none it calls clear is flagged', () => {
  const pairs = INKS.flatMap((ink) => BLANKS.map((blank) => ({ ink, blank })));
  expect(pairs).toHaveLength(60);
  const flagged = ({ ink, blank }: (typeof pairs)[number]) => {
    const substrate = { ...blankOf('tee').substrate, colour: blank };
    const box = { x: 0, y: 0, width: 1, height: 1 };
    const facts = { neighbours: [{ one: ink, other: null, share: 1, box }] };
    return faintOn(facts, groundOf(TRANSFERS.sublimation, substrate)).length > 0;
  };
  // clear on white; less than a twelfth of the scale on the blank
  const lost = pairs.filter(
    ({ ink, blank }) => plainContrast(ink, '#ffffff') >= 27 && plainContrast(ink, blank) < 20,
  );
  const clear = pairs.filter(({ ink, blank }) => plainContrast(ink, blank) >= 60);
  expect(lost.length).toBeGreaterThanOrEqual(5);
  expect(clear.length).toBeGreaterThanOrEqual(15);
  expect(lost.filter((pair) => !flagged(pair))).toEqual([]);
  expect(clear.filter(flagged)).toEqual([]);
});
