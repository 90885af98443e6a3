import { randomOf } from '../random';
import { alikeRound, varianceAt } from './alike';
import type { Plane } from './plane';

const random = randomOf(5);
const plane = (width: number, height: number): Plane => ({
  ...{ width, height },
  data: Float32Array.from({ length: width * height }, () => 255 * random()),
});

/** Pearson's correlation by its definition, figure by figure. */
function correlation(one: readonly number[], other: readonly number[]): number {
  const mean = (of: readonly number[]) => of.reduce((sum, v) => sum + v, 0) / of.length;
  const [a, b] = [mean(one), mean(other)];
  const dot = (f: (i: number) => number) => one.reduce((sum, _, i) => sum + f(i), 0);
  const [x, y] = [(i: number) => (one[i] ?? 0) - a, (i: number) => (other[i] ?? 0) - b];
  return dot((i) => x(i) * y(i)) / Math.sqrt(dot((i) => x(i) ** 2) * dot((i) => y(i) ** 2));
}

const squareOf = ({ width, data }: Plane, x: number, y: number, side: number): number[] =>
  Array.from(
    { length: side * side },
    (_, i) => data[(y + Math.floor(i / side)) * width + x + (i % side)] ?? 0,
  );

test('every place round is scored by the correlation of its definition, whatever the side', () => {
  const [wanted, seen] = [plane(24, 20), plane(26, 22)];
  for (const side of [5, 7, 8]) {
    const { size, scores, variances } = alikeRound(wanted, seen, {
      ...{ x: 3, y: 4, atX: 9, atY: 8, side, reach: 3 },
    });
    expect(size).toBe(7);
    scores.forEach((score, i) => {
      const [x, y] = [9 - 3 + (i % 7), 8 - 3 + Math.floor(i / 7)];
      const [own, other] = [squareOf(wanted, 3, 4, side), squareOf(seen, x, y, side)];
      expect(score).toBeCloseTo(correlation(own, other), 9);
      expect(variances[i]).toBeCloseTo(varianceAt(seen, x, y, side), 6);
    });
  }
});

test('beyond the plane, and where something is not seen, it says so; what is flat is like nothing', () => {
  const wanted = plane(12, 12);
  const seen = plane(12, 12);
  seen.data[5 * 12 + 5] = NaN;
  const told = alikeRound(wanted, seen, { x: 2, y: 2, atX: 0, atY: 0, side: 4, reach: 2 });
  // upper left of what is tried lies beyond
  expect([told.variances[0], told.scores[0]]).toEqual([-1, -1]);
  // squares from (2, 2) on hold the place that is not seen
  expect(told.variances[4 * 5 + 4]).toBeNaN();
  expect(told.variances[2 * 5 + 2]).toBeCloseTo(varianceAt(seen, 0, 0, 4), 6);
  const flat = { width: 12, height: 12, data: new Float32Array(144).fill(90) };
  const none = alikeRound(wanted, flat, { x: 2, y: 2, atX: 4, atY: 4, side: 4, reach: 1 });
  expect(Math.max(...none.scores.map(Math.abs))).toBeLessThan(1e-6);
});
