/**
 * The fewest placements of a plate on a disc, proved from outside: a plate cannot cover a disc with
 * fewer placements than it takes to cover some points of it, and for points every way can be tried.
 */
import { ellipseRing, rectRing, type Point, type Region } from '../geometry';
import { planSections } from '.';

const ACROSS = 100;
const POINTS = 48;
const disc: Region = [ellipseRing({ x: 0, y: 0, width: ACROSS, height: ACROSS })];

/** Points round the edge and on two rings inside it. */
const points: readonly Point[] = [1, 0.66, 0.33].flatMap((share) =>
  Array.from({ length: Math.round(POINTS * share) }, (_, i) => {
    const angle = (2 * Math.PI * i) / Math.round(POINTS * share);
    const radius = (share * ACROSS) / 2;
    return { x: 50 + radius * Math.cos(angle), y: 50 + radius * Math.sin(angle) };
  }),
);

/**
 * Whether so many plates, each in either direction, can cover all points. The leftmost point left
 * over has to be covered; that plate can be slid until its left edge is at that point and its upper
 * edge at some point left over, without losing any: so no other place need be tried.
 */
function coverable(left: readonly Point[], w: number, h: number, count: number): boolean {
  const [first] = [...left].sort((a, b) => a.x - b.x);
  if (!first) return true;
  if (count === 0) return false;
  return [
    [w, h],
    [h, w],
  ].some(([pw = 0, ph = 0]) =>
    left
      .filter(({ y }) => y <= first.y && y >= first.y - ph)
      .some(({ y: top }) => {
        const rest = left.filter(
          ({ x, y }) => x > first.x + pw || y < top - 1e-9 || y > top + ph + 1e-9,
        );
        return coverable(rest, w, h, count - 1);
      }),
  );
}

test.each([
  [99, 99],
  [95, 95],
  [90, 90],
  [80, 80],
  [75, 75],
  [72, 72],
  [66, 66],
  [60, 60],
  [55, 55],
  [52, 52],
  [120, 60],
  [110, 50],
  [101, 40],
  [90, 60],
  [70, 50],
])('a disc 100 across under a plate of %d × %d: one placement fewer never does', (w, h) => {
  const ours = planSections(disc, { widthMm: w, heightMm: h }, 'rows').length;
  expect(coverable(points, w, h, ours)).toBe(true);
  expect(coverable(points, w, h, ours - 1)).toBe(false);
});

test('the proof can fail: one placement more than enough is found to be too many', () => {
  const square: readonly Point[] = rectRing({ x: 0, y: 0, width: 90, height: 90 });
  expect(coverable(square, 50, 50, 4)).toBe(true);
  expect(coverable(square, 50, 50, 3)).toBe(false);
  expect(coverable(square, 95, 50, 2)).toBe(true);
});
