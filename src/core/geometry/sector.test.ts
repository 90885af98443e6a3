import fc from 'fast-check';
import { bend, bentOutline, boxOf, canExist, developFrustum, sagitta, slantOf, unbend } from '.';

const cup = { rimCircumferenceMm: 270, baseCircumferenceMm: 190, slantMm: 110 };

test('development of a frustum (sheet-metal handbook formula): arcs as long as rim and base, as far apart as the slant', () => {
  const sector = developFrustum(cup);
  expect(sector.rimRadiusMm * sector.sweepRad).toBeCloseTo(270, 9);
  expect(sector.baseRadiusMm * sector.sweepRad).toBeCloseTo(190, 9);
  expect(sector.rimRadiusMm - sector.baseRadiusMm).toBeCloseTo(110, 9);
});

test('closed forms: a full cone is R = slant, sweep = C / slant; a half-angle cone of 30° makes a half disc', () => {
  const cone = developFrustum({
    rimCircumferenceMm: 2 * Math.PI * 50,
    baseCircumferenceMm: 0,
    slantMm: 100,
  });
  expect(cone).toEqual({
    rimRadiusMm: 100,
    baseRadiusMm: 0,
    sweepRad: expect.closeTo(Math.PI, 9) as number,
  });
});

test('slant from upright height: 3-4-5', () => {
  expect(slantOf(40, 2 * Math.PI * 50, 2 * Math.PI * 20)).toBeCloseTo(50, 9);
});

const figures = fc.record({
  rim: fc.double({ min: 120, max: 400, noNaN: true }),
  base: fc.double({ min: 120, max: 400, noNaN: true }),
  slant: fc.double({ min: 40, max: 250, noNaN: true }),
  u: fc.double({ min: 0, max: 1, noNaN: true }),
  v: fc.double({ min: 0, max: 1, noNaN: true }),
});

test('face → sector → face comes back to within 0.05 mm, wide end up or down', () => {
  fc.assert(
    fc.property(figures, ({ rim, base, slant, u, v }) => {
      fc.pre(Math.abs(rim - base) > 0.5);
      const wall = { rimCircumferenceMm: rim, baseCircumferenceMm: base, slantMm: slant };
      fc.pre(canExist(wall));
      const sector = developFrustum(wall);
      const strip = { widthMm: (rim + base) / 2, heightMm: slant };
      const point = { x: u * strip.widthMm, y: v * slant };
      const back = unbend(bend(point, strip, sector, { x: 7, y: -3 }), strip, sector, {
        x: 7,
        y: -3,
      });
      return Math.hypot(back.x - point.x, back.y - point.y) < 0.05;
    }),
  );
});

test('a taper towards nothing becomes the straight strip', () => {
  const sector = developFrustum({
    rimCircumferenceMm: 250,
    baseCircumferenceMm: 249.9,
    slantMm: 100,
  });
  const strip = { widthMm: 249.95, heightMm: 100 };
  const { width, height } = boxOf(bentOutline(strip, sector, { x: 0, y: 0 }));
  expect(width).toBeCloseTo(250, 1);
  expect(height).toBeCloseTo(100 + sagitta(sector), 2);
  expect(sagitta(sector)).toBeLessThan(0.05);
});

test('the rim lies above the base on the paper, whichever is wider', () => {
  for (const [rim, base] of [
    [270, 190],
    [190, 270],
  ] as const) {
    const sector = developFrustum({
      rimCircumferenceMm: rim,
      baseCircumferenceMm: base,
      slantMm: 110,
    });
    const strip = { widthMm: 230, heightMm: 110 };
    const at = (y: number) => bend({ x: 115, y }, strip, sector, { x: 0, y: 0 }).y;
    expect(at(0)).toBeLessThan(at(110));
    expect(at(110) - at(0)).toBeCloseTo(110, 9);
  }
});

test('a slant shorter than the taper is no cup: r 50 → 20 needs more than 30 mm', () => {
  const wall = (slantMm: number) => ({
    rimCircumferenceMm: 2 * Math.PI * 50,
    baseCircumferenceMm: 2 * Math.PI * 20,
    slantMm,
  });
  expect([29, 31].map((slant) => canExist(wall(slant)))).toEqual([false, true]);
  expect(() => developFrustum(wall(29))).toThrow(RangeError);
  expect(developFrustum(wall(31)).sweepRad).toBeLessThanOrEqual(2 * Math.PI);
});
