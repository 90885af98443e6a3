import { whiteRaster, type Raster } from '@/core/proof';
import { dulled, simulatePrint } from '.';

const PAPER = { widthMm: 100, heightMm: 60 };
const whole = { x: 0, y: 0, width: 100, height: 60 };
const inside = { x: 5, y: 5, width: 90, height: 50 };
const STEADY = { mirrorsOnItsOwn: false, barMm: { across: 100, along: 100 } };

/** A page with a black square of 20 mm, its corner at (10, 20), at 2 px per mm. */
function page(): Raster {
  const white = whiteRaster(100, 60, 2);
  for (let row = 40; row < 80; row++)
    for (let column = 20; column < 60; column++)
      white.data.fill(0, (row * white.width + column) * 4, (row * white.width + column) * 4 + 3);
  return white;
}

/** Where ink begins and ends, mm. */
function ink({ width, height, data, pxPerMm }: Raster) {
  const spots: [number, number][] = [];
  for (let at = 0; at < width * height; at++)
    if ((data[at * 4] ?? 255) < 128) spots.push([at % width, Math.floor(at / width)]);
  const xs = spots.map(([x]) => x);
  const ys = spots.map(([, y]) => y);
  const mm = (px: number) => px / pxPerMm;
  return {
    left: mm(Math.min(...xs)),
    right: mm(Math.max(...xs) + 1),
    top: mm(Math.min(...ys)),
    bottom: mm(Math.max(...ys) + 1),
  };
}

const print = (settings: Partial<Parameters<typeof simulatePrint>[1]>, habits = STEADY) =>
  simulatePrint(
    page(),
    { mirror: false, fitToPage: false, paper: { ...PAPER, printable: whole }, ...settings },
    habits,
  );

test('at 100 % ink lies where the page has it', () => {
  expect(ink(print({}))).toEqual({ left: 10, right: 30, top: 20, bottom: 40 });
});

test('one flip mirrors the page, two do not', () => {
  const once = { left: 70, right: 90, top: 20, bottom: 40 };
  expect(ink(print({ mirror: true }))).toEqual(once);
  expect(ink(print({}, { ...STEADY, mirrorsOnItsOwn: true }))).toEqual(once);
  expect(ink(print({ mirror: true }, { ...STEADY, mirrorsOnItsOwn: true })).left).toBe(10);
});

test('fit to page shrinks all of the page into what can be printed', () => {
  // 50 of 60 mm high is the tighter way: 5/6 of the size, in the middle
  const { left, right, top } = ink(
    print({ fitToPage: true, paper: { ...PAPER, printable: inside } }),
  );
  expect(right - left).toBeCloseTo((20 * 5) / 6, 0);
  expect(top).toBeCloseTo(5 + (20 * 5) / 6, 0);
  expect(left).toBeCloseTo((100 - (100 * 5) / 6) / 2 + (10 * 5) / 6, 0);
});

test('nothing is printed beyond the margins, and a printer may stretch', () => {
  const narrow = { x: 15, y: 0, width: 85, height: 60 };
  expect(ink(print({ paper: { ...PAPER, printable: narrow } })).left).toBe(15);
  const short = { mirrorsOnItsOwn: false, barMm: { across: 90, along: 100 } };
  const { left, right } = ink(print({}, short));
  expect([left, right]).toEqual([expect.closeTo(9, 0), expect.closeTo(27, 0)]);
});

test('before it is pressed a print looks dull; bare paper stays white', () => {
  const { data, width } = dulled(print({}));
  expect(data[0]).toBe(255);
  expect(data[(50 * width + 30) * 4]).toBeGreaterThan(100);
});
