import type { Raster } from '../proof';
import { wantedColours } from './colours';

/** White, but for one black pixel column and row. */
function crossed(width: number, height: number, pxPerMm: number, x: number, y: number): Raster {
  const data = new Uint8ClampedArray(width * height * 4).fill(255);
  for (let v = 0; v < height; v++)
    for (let u = 0; u < width; u++) if (u === x || v === y) data.fill(0, (v * width + u) * 4, (v * width + u) * 4 + 3); // prettier-ignore
  return { width, height, data, pxPerMm };
}

/** Where the dark of a line lies along figures, its middle in pixels, and how much of it there is. */
function darkOf(line: readonly number[]): { middle: number; sum: number } {
  const sum = line.reduce((all, value) => all + 255 - value, 0);
  const middle = line.reduce((all, value, i) => all + (255 - value) * (i + 0.5), 0) / sum;
  return { middle, sum };
}

test.each([
  [1600, 2400, 2.6247, 1.5256, 1588, 2390],
  [1829, 700, 3, 1.527, 1700, 640],
  [400, 300, 6, 2.5, 377, 290],
])(
  'what is wanted, %i × %i px reduced, lies where it lay, to the far edges, and as strong',
  (width, height, pxPerMm, most, x, y) => {
    const whole = crossed(width, height, pxPerMm, x, y);
    const reduced = wantedColours(whole, most);
    expect(reduced.pxPerMm).toBeLessThanOrEqual(most);
    const [red] = reduced.planes;
    const row = Array.from(red.subarray(0, reduced.width));
    const column = Array.from({ length: reduced.height }, (_, v) => red[v * reduced.width] ?? 0);
    const step = pxPerMm / reduced.pxPerMm;
    for (const [line, at] of [
      [row, x],
      [column, y],
    ] as const) {
      const dark = darkOf(line);
      // a pixel's share of a larger one lies anywhere within that
      expect(Math.abs(dark.middle * step - (at + 0.5))).toBeLessThan(step / 2);
      expect(dark.sum * step).toBeCloseTo(255, 0);
    }
  },
);

test('what is not reduced stays as it is', () => {
  const whole = crossed(40, 30, 2, 7, 5);
  const { width, height, pxPerMm, planes } = wantedColours(whole, 2.5);
  expect([width, height, pxPerMm]).toEqual([40, 30, 2]);
  expect(planes[0][0]).toBe(255);
  expect(planes[1][7]).toBe(0);
});
