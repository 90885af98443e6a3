import { photographed, pressTruth, truthOf } from '@tests/support/photographed';
import {
  BARE_PLACES,
  CHART_COLOURS,
  CHART_DRAWING,
  CHART_LIGHT,
  CHART_SIZE_MM,
  correcting,
  difference,
  findMarks,
  letsOf,
  linearOf,
  patchBox,
  reached,
  REACHED_WITHIN,
  readChart,
  type Rgb,
} from '.';

const photo = photographed(7, pressTruth);

test('every patch, mark and bare place lies on the chart, and no bare place under a patch', () => {
  for (const { box } of CHART_DRAWING) {
    expect(Math.min(box.x, box.y)).toBeGreaterThanOrEqual(0);
    expect(box.x + box.width).toBeLessThanOrEqual(CHART_SIZE_MM.width);
    expect(box.y + box.height).toBeLessThanOrEqual(CHART_SIZE_MM.height);
  }
  const patches = CHART_COLOURS.map((_, nth) => patchBox(nth));
  for (const { x, y } of BARE_PLACES)
    expect(
      patches.some((p) => x >= p.x && y >= p.y && x <= p.x + p.width && y <= p.y + p.height),
    ).toBe(false);
});

test('a tilted photo under a warm lamp is read, whichever way up it lies', () => {
  const truth = truthOf(pressTruth);
  for (const seed of [3, 4, 5, 6]) {
    const read = readChart(photographed(seed, pressTruth));
    if (!read.ok) throw new Error(read.reason.code);
    read.value.patches.forEach((light, i) =>
      expect(difference(light, truth[i] ?? [0, 0, 0])).toBeLessThan(2),
    );
  }
});

test('where it is not seen it says what it found; corners can be pointed at', () => {
  const cut = { ...photo, height: Math.floor(photo.height / 2) };
  expect(readChart(cut)).toMatchObject({ ok: false, reason: { code: 'marks' } });
  const found = findMarks(photo);
  expect(found).toHaveLength(4);
  expect(readChart(photo, found).ok).toBe(true);
  const middle = found.map(({ x, y }) => ({ x: x / 2 + 200, y: y / 2 + 180 }));
  expect(readChart(photo, middle)).toMatchObject({ ok: false, reason: { code: 'not-the-chart' } });
  const bright = {
    ...photo,
    data: photo.data.map((v, i) => (i % 4 === 3 ? v : Math.min(255, v * 1.6))),
  };
  expect(readChart(bright, found)).toMatchObject({ ok: false, reason: { code: 'light' } });
});

describe('what a print lets through, out of the chart', () => {
  test('a chart that came out as its file has it changes nothing', () => {
    const lets = letsOf(CHART_LIGHT);
    for (const hex of ['#000000', '#ffffff', '#8a5a12', '#2040a0', '#f8c8d8', '#123456'])
      expect(difference(lets(linearOf(hex)), linearOf(hex))).toBeLessThan(0.7);
  });

  test('colours between its patches are foretold, better than by the file alone', () => {
    const lets = letsOf(truthOf(pressTruth));
    const off = (by: (file: Rgb) => Rgb) =>
      ['#c86432', '#3264c8', '#64c832', '#aa3c78', '#e6c8b4', '#404a5a', '#9adbe0']
        .map(linearOf)
        .map((file) => difference(by(file), pressTruth(file)));
    const mean = (values: number[]) => values.reduce((sum, v) => sum + v, 0) / values.length;
    expect(mean(off(lets))).toBeLessThan(1.5);
    expect(mean(off(lets))).toBeLessThan(mean(off((file) => file)) / 2);
  });

  test('a file is turned so that its print comes out as meant; what no dye reaches is told', () => {
    const lets = letsOf(truthOf(pressTruth));
    const turned = correcting(lets);
    const wanted = ['#c86446', '#5a78b4', '#78a05a', '#a05078', '#e6c8b4', '#808080'].map(linearOf);
    for (const goal of wanted) {
      const [plain, mended] = [goal, turned(goal)].map((file) =>
        difference(pressTruth(file), goal),
      );
      expect(mended).toBeLessThan(2.5);
      expect(mended).toBeLessThan(plain ?? 0);
      expect(reached(goal, lets).off).toBeLessThan(REACHED_WITHIN);
    }
    // a screen's blue is beyond a press that mixes its dyes
    expect(reached(linearOf('#0000ff'), lets).off).toBeGreaterThan(REACHED_WITHIN);
  });

  test('greys never fall where they should rise, whatever the noise', () => {
    const noisy = truthOf(pressTruth).map(([r, g, b], i): Rgb => [
      r,
      g + (i % 3 === 0 ? 0.05 : 0),
      b,
    ]);
    const lets = letsOf(noisy);
    for (let v = 0; v <= 1; v += 0.05) for (const c of lets([v, v, v])) expect(c).not.toBeNaN();
  });
});
