import { hexDifference } from '../colour';
import { neighboursOf, type Raster } from '.';

type Pixel = readonly [number, number, number, number];
const drawn = (width: number, height: number, at: (x: number, y: number) => Pixel): Raster => ({
  ...{ width, height },
  data: Uint8ClampedArray.from({ length: width * height * 4 }, (_, i) => {
    const pixel = Math.floor(i / 4);
    return at(pixel % width, Math.floor(pixel / width))[i % 4] ?? 0;
  }),
});
const CLEAR: Pixel = [0, 0, 0, 0];
const PINK: Pixel = [248, 200, 216, 255];
const WHITE: Pixel = [255, 255, 255, 255];

test('pale pink on nothing: one pair, its edge in the middle', () => {
  const [pair, ...others] = neighboursOf(
    drawn(100, 50, (x, y) => (x >= 30 && x < 70 && y >= 10 && y < 40 ? PINK : CLEAR)),
  );
  expect(others).toEqual([]);
  expect([pair?.one, pair?.other].sort()).toEqual(['#f8c8d8', null]);
  expect(pair?.share).toBe(1);
  expect(pair?.box.x).toBeCloseTo(0.3, 1);
  expect(pair?.box.width).toBeCloseTo(0.4, 1);
});

test('pale pink and white are two areas, and a blended edge between them is none', () => {
  const blended = (x: number): Pixel => {
    const t = Math.min(1, Math.max(0, (x - 49) / 2));
    return [255 - 7 * t, 255 - 55 * t, 255 - 39 * t, 255];
  };
  const pairs = neighboursOf(drawn(100, 40, blended));
  expect(pairs).toHaveLength(1);
  expect([pairs[0]?.one, pairs[0]?.other].sort()).toEqual(['#f8c8d8', '#ffffff']);
});

test('a slow gradient has no edge, a ring of two touches both of its neighbours', () => {
  const steps = neighboursOf(drawn(200, 20, (x) => [x, x, x, 255]));
  for (const { one, other } of steps)
    expect(hexDifference(one ?? '#ffffff', other ?? '#ffffff')).toBeLessThan(10);
  const ring = neighboursOf(
    drawn(120, 120, (x, y) => {
      const r = Math.hypot(x - 60, y - 60);
      return r < 20 ? [200, 30, 40, 255] : r < 40 ? PINK : WHITE;
    }),
  );
  expect(ring.map(({ one, other }) => [one, other].sort().join(' ')).sort()).toEqual([
    '#c81e28 #f8c8d8',
    '#f8c8d8 #ffffff',
  ]);
});

test('nothing printed and one colour all over have no neighbours', () => {
  expect(neighboursOf(drawn(30, 30, () => CLEAR))).toEqual([]);
  expect(neighboursOf(drawn(30, 30, () => PINK))).toEqual([]);
  expect(neighboursOf(drawn(1, 1, () => PINK))).toEqual([]);
});
