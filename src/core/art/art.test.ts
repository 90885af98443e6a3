import { applyAffine } from '../geometry';
import { judgeResolution, pixelsPerInch, tooLarge, uprightMap, uprightPixels } from '.';

/** Where the stored top-left corner has to go, EXIF 2.32 (JEITA CP-3451) table for tag 0x0112. */
const TOP_LEFT_GOES_TO: Record<number, readonly [number, number]> = {
  1: [0, 0],
  2: [1, 0],
  3: [1, 1],
  4: [0, 1],
  5: [0, 0],
  6: [1, 0],
  7: [1, 1],
  8: [0, 1],
};

test.each([1, 2, 3, 4, 5, 6, 7, 8])('EXIF orientation %d', (orientation) => {
  const corner = applyAffine(uprightMap(orientation), { x: 0, y: 0 });
  expect([corner.x, corner.y]).toEqual(TOP_LEFT_GOES_TO[orientation]);
  const turned = uprightPixels({ storedWidthPx: 40, storedHeightPx: 30, orientation });
  expect(turned.widthPx).toBe(orientation >= 5 ? 30 : 40);
});

test('2700 px over 8.75 in are 309 ppi: sharp; 150 and 220 are the limits (from memory)', () => {
  expect(pixelsPerInch(2700, 222.25)).toBeCloseTo(308.57, 2);
  expect([309, 220, 219, 150, 149].map(judgeResolution)).toEqual([
    'sharp',
    'sharp',
    'soft',
    'soft',
    'visible pixels',
  ]);
});

test('60 megapixels come in, 20 000 × 20 000 do not and are told why', () => {
  expect(tooLarge(10_000, 6000)).toBe(false);
  expect(tooLarge(20_000, 20_000)).toBe(true);
  expect(tooLarge(17_000, 100)).toBe(true);
});
