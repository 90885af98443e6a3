import fc from 'fast-check';
import {
  ellipseRing,
  rectRing,
  regionArea,
  subtract,
  unite,
  type Box,
  type Region,
} from '../geometry';
import { inches } from '../units';
import {
  countOf,
  mostPressed,
  planSections,
  rowsOnPlate,
  type EffectivePlate,
  type Section,
} from '.';

const rect = (width: number, height: number): Region => [rectRing({ x: 0, y: 0, width, height })];
const disc = (across: number): Region => [
  ellipseRing({ x: 0, y: 0, width: across, height: across }),
];
const plate = (widthMm: number, heightMm: number) => ({ widthMm, heightMm });
const uncovered = (region: Region, sections: readonly Section[]): number =>
  regionArea(subtract(region, unite(...sections.map(({ box }): Region => [rectRing(box)]))));

/** Whether `count` boxes at whole places cover every unit cell of a rectangle: tried exhaustively. */
function coverable(w: number, h: number, p: readonly [number, number], count: number): boolean {
  const cells = Array.from({ length: w * h }, () => 0);
  const first = () => cells.findIndex((times) => times === 0);
  const put = (x: number, y: number, pw: number, ph: number, by: number) => {
    for (let j = Math.max(0, y); j < Math.min(h, y + ph); j++)
      for (let i = Math.max(0, x); i < Math.min(w, x + pw); i++)
        cells[j * w + i] = (cells[j * w + i] ?? 0) + by;
  };
  const search = (left: number): boolean => {
    const open = first();
    if (open < 0) return true;
    if (left === 0) return false;
    const [cx, cy] = [open % w, Math.floor(open / w)];
    for (const [pw, ph] of [p, [p[1], p[0]] as const])
      // some placement must hold the first open cell; every such place is tried
      for (let x = cx - pw + 1; x <= cx; x++)
        for (let y = cy - ph + 1; y <= cy; y++) {
          put(x, y, pw, ph, 1);
          const done = search(left - 1);
          put(x, y, pw, ph, -1);
          if (done) return true;
        }
    return false;
  };
  return search(count);
}

test('a 24 × 36 in panel under a 10 × 10 in plate takes 12 placements, all of it pressed', () => {
  const region = rect(inches(24), inches(36));
  const sections = planSections(region, plate(inches(10), inches(10)), 'rows');
  expect(sections).toHaveLength(12);
  expect(uncovered(region, sections)).toBeLessThan(0.01);
  expect(mostPressed(sections)).toBe(4);
});

test('what fits under the plate is one placement, turned where it must be', () => {
  expect(planSections(rect(200, 300), plate(310, 210), 'rows')).toHaveLength(1);
  expect(planSections(disc(100), plate(100, 100), 'rows')).toHaveLength(1);
  expect(planSections([], plate(100, 100), 'rows')).toEqual([]);
});

test('no point of any shape is left without a full press', () => {
  const sides = fc.record({
    w: fc.integer({ min: 20, max: 900 }),
    h: fc.integer({ min: 20, max: 900 }),
    pw: fc.integer({ min: 60, max: 400 }),
    ph: fc.integer({ min: 60, max: 400 }),
    round: fc.boolean(),
    order: fc.constantFrom('rows' as const, 'inwards' as const),
  });
  fc.assert(
    fc.property(sides, ({ w, h, pw, ph, round, order }) => {
      const box: Box = { x: 0, y: 0, width: w, height: h };
      const region: Region = [round ? ellipseRing(box) : rectRing(box)];
      const sections = planSections(region, plate(pw, ph), order);
      expect(uncovered(region, sections)).toBeLessThan(0.5);
      expect(sections.map(({ number }) => number)).toEqual(sections.map((_, i) => i + 1));
    }),
    { numRuns: 120 },
  );
});

test('on small cases no way of placing the plate needs fewer: every way is tried', () => {
  for (let w = 1; w <= 6; w++)
    for (let h = 1; h <= w; h++)
      for (const p of [
        [2, 2],
        [3, 2],
        [3, 3],
        [4, 2],
        [4, 3],
        [5, 2],
      ] as const) {
        const ours = planSections(rect(w, h), plate(p[0], p[1]), 'rows').length;
        if (ours > 5) continue;
        expect({ w, h, p, fewer: coverable(w, h, p, ours - 1) }).toEqual({ w, h, p, fewer: false });
      }
});

test('a disc of 15 in under 10 in needs four; of 10.5 in two, lying cornerwise', () => {
  expect(planSections(disc(inches(15)), plate(inches(10), inches(10)), 'rows')).toHaveLength(4);
  const region = disc(inches(10.5));
  const two = planSections(region, plate(inches(10), inches(10)), 'rows');
  expect(two).toHaveLength(2);
  expect(uncovered(region, two)).toBeLessThan(0.01);
});

test('the corners come first, clockwise, and the centre last (common practice)', () => {
  const sections = planSections(rect(300, 300), plate(100, 100), 'inwards');
  const middles = sections.map(({ box }) => [box.x + 50, box.y + 50].map(Math.round));
  expect(middles.slice(0, 4)).toEqual([
    [50, 50],
    [250, 50],
    [250, 250],
    [50, 250],
  ]);
  expect(middles.at(-1)).toEqual([150, 150]);
});

const onPlate = (blank: EffectivePlate, under: EffectivePlate): number =>
  countOf(rowsOnPlate(blank, under));

test('several small blanks on one plate do not touch', () => {
  const plate15 = plate(inches(14), inches(14));
  expect(onPlate({ widthMm: inches(3), heightMm: inches(3) }, plate15)).toBe(16);
  expect(onPlate({ widthMm: inches(4), heightMm: inches(4) }, plate15)).toBe(9);
  expect(onPlate({ widthMm: inches(20), heightMm: inches(4) }, plate15)).toBe(0);
  // 8 × 3 in: upright one column of four, turned four columns of one; 3 × 8 in lies as it is
  expect(rowsOnPlate({ widthMm: 76, heightMm: 203 }, plate15)).toMatchObject({
    ...{ across: 4, down: 1, gapMm: 10 },
  });
});
