import fc from 'fast-check';
import { applyAffine } from '../geometry';
import {
  borderColour,
  dropBackground,
  measureRaster,
  replaceColour,
  rgbOf,
  squareToCorners,
  straighten,
  straightSize,
  type Corners,
  type Raster,
} from '.';

type Pixel = readonly [number, number, number, number];
const WHITE: Pixel = [255, 255, 255, 255];
const RED: Pixel = [200, 30, 30, 255];
const CLEAR: Pixel = [0, 0, 0, 0];

function drawn(width: number, height: number, at: (x: number, y: number) => Pixel): Raster {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) data.set(at(x, y), (y * width + x) * 4);
  return { width, height, data };
}
const pixel = ({ data, width }: Raster, x: number, y: number) => [
  ...data.subarray((y * width + x) * 4, (y * width + x) * 4 + 4),
];

describe('what a picture holds', () => {
  const facts = measureRaster(
    drawn(100, 50, (x, y) => (x < 25 ? CLEAR : x < 50 ? WHITE : y < 25 ? RED : [20, 40, 90, 255])),
  );

  test('its palette by share of the inked area, clear parts left out', () => {
    expect(facts.palette.map(({ colour }) => colour)).toEqual(
      expect.arrayContaining(['#ffffff', '#c81e1e', '#14285a']),
    );
    expect(facts.palette.map(({ share }) => share)).toEqual([
      expect.closeTo(1 / 3, 6),
      expect.closeTo(1 / 3, 6),
      expect.closeTo(1 / 3, 6),
    ]);
    expect(facts.whiteShare).toBeCloseTo(0.25, 6);
  });

  test('detail lies where colours meet, none in flat parts', () => {
    const { columns, rows, cells } = facts.detail;
    expect([columns, rows]).toEqual([32, 16]);
    const at = (x: number, y: number) =>
      cells[Math.floor(y * rows) * columns + Math.floor(x * columns)] ?? -1;
    expect(at(0.5, 0.25)).toBeGreaterThan(140);
    expect(at(0.75, 0.2)).toBe(0);
  });

  test('whether it meets itself: black left and white right are opposite', () => {
    const halves = measureRaster(drawn(20, 10, (x) => (x < 10 ? [0, 0, 0, 255] : WHITE)));
    expect(halves.edgeMismatch).toBeCloseTo(1, 6);
    expect(halves.turnedMismatch).toBeCloseTo(1, 6);
    const ring = measureRaster(drawn(20, 10, (x) => (x < 5 || x > 14 ? RED : WHITE)));
    expect([ring.edgeMismatch, ring.turnedMismatch]).toEqual([0, 0]);
  });
});

describe('a flat background', () => {
  /** A red square with a white eye, on white. */
  const square = () =>
    drawn(40, 40, (x, y) => {
      const inside = x >= 10 && x < 30 && y >= 10 && y < 30;
      const eye = x >= 18 && x < 22 && y >= 18 && y < 22;
      return inside && !eye ? RED : WHITE;
    });

  test('is found at the border and dropped from there; what the drawing encloses stays', () => {
    const raster = square();
    expect(borderColour(raster)).toEqual([255, 255, 255]);
    dropBackground(raster, borderColour(raster), 0.1);
    expect(pixel(raster, 2, 2)[3]).toBe(0);
    expect(pixel(raster, 15, 15)).toEqual([...RED]);
    expect(pixel(raster, 20, 20)).toEqual([...WHITE]);
  });

  test('a tolerance of nothing leaves a picture of another colour alone', () => {
    const raster = drawn(10, 10, () => RED);
    dropBackground(raster, [255, 255, 255], 0.05);
    expect(pixel(raster, 0, 0)).toEqual([...RED]);
  });
});

test('a colour is replaced wherever it is near enough, opacity untouched', () => {
  const raster = drawn(2, 1, (x) => (x === 0 ? [202, 30, 28, 120] : [10, 10, 200, 255]));
  replaceColour(raster, rgbOf('#c81e1e'), rgbOf('#1f6f4a'), 0.1);
  expect(pixel(raster, 0, 0)).toEqual([33, 111, 72, 120]);
  expect(pixel(raster, 1, 0)).toEqual([10, 10, 200, 255]);
});

describe('straightening', () => {
  const corner = fc.double({ min: 0, max: 30, noNaN: true });
  const corners: fc.Arbitrary<Corners> = fc
    .tuple(corner, corner, corner, corner, corner, corner, corner, corner)
    .map(([a, b, c, d, e, f, g, h]) => [
      { x: a, y: b },
      { x: 200 - c, y: d },
      { x: 200 - e, y: 200 - f },
      { x: g, y: 200 - h },
    ]);

  test('takes the corners of the square to the four corners, and lines to lines', () => {
    fc.assert(
      fc.property(corners, (four) => {
        const place = squareToCorners(four);
        const spots = [place(0, 0), place(1, 0), place(1, 1), place(0, 1)];
        spots.forEach((spot, i) => {
          expect(spot.x).toBeCloseTo(four[i]?.x ?? NaN, 6);
          expect(spot.y).toBeCloseTo(four[i]?.y ?? NaN, 6);
        });
        const [a, m, b] = [place(0, 0.3), place(0.4, 0.3), place(1, 0.3)];
        const across = (b.x - a.x) * (m.y - a.y) - (b.y - a.y) * (m.x - a.x);
        expect(Math.abs(across)).toBeLessThan(1e-6);
      }),
    );
  });

  test('a parallelogram is straightened by an affine map', () => {
    const four: Corners = [
      { x: 10, y: 20 },
      { x: 110, y: 40 },
      { x: 130, y: 120 },
      { x: 30, y: 100 },
    ];
    const spot = squareToCorners(four)(0.25, 0.75);
    const affine = applyAffine([100, 20, 20, 80, 10, 20], { x: 0.25, y: 0.75 });
    expect(spot.x).toBeCloseTo(affine.x, 9);
    expect(spot.y).toBeCloseTo(affine.y, 9);
  });

  test('crops to what the corners hold, at the size of their longer edges', () => {
    const half = drawn(40, 40, (x) => (x < 20 ? RED : WHITE));
    const four: Corners = [
      { x: 20, y: 0 },
      { x: 40, y: 0 },
      { x: 40, y: 40 },
      { x: 20, y: 40 },
    ];
    expect(straightSize(four)).toEqual({ width: 20, height: 40 });
    const out = straighten(half, four);
    expect(pixel(out, 1, 20)).toEqual([...WHITE]);
    expect(pixel(out, 18, 20)).toEqual([...WHITE]);
  });
});
