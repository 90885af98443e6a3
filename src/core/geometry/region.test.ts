import fc from 'fast-check';
import {
  areasBetween,
  areaWithin,
  boxWithin,
  crossingsAlong,
  edgeLength,
  ellipseRing,
  growRegion,
  holds,
  islandsOf,
  isUprightRect,
  mapRegion,
  overlapOf,
  pathData,
  rectRing,
  refine,
  regionArea,
  regionBox,
  roundedRing,
  subtract,
  unite,
  withoutHoles,
  type Point,
  type Region,
} from '.';

const square = (x: number, y: number, size: number): Region => [
  rectRing({ x, y, width: size, height: size }),
];

const box = fc.record({
  x: fc.double({ min: -50, max: 50, noNaN: true }),
  y: fc.double({ min: -50, max: 50, noNaN: true }),
  width: fc.double({ min: 1, max: 80, noNaN: true }),
  height: fc.double({ min: 1, max: 80, noNaN: true }),
});

test('what is cut out and what is left make the whole (positive + negative = sheet)', () => {
  fc.assert(
    fc.property(box, box, (sheet, motif) => {
      const whole = [rectRing(sheet)];
      const shape = [ellipseRing(motif)];
      const negative = subtract(whole, shape);
      const positive = overlapOf(whole, shape);
      const sum = regionArea(negative) + regionArea(positive);
      expect(Math.abs(sum - regionArea(whole))).toBeLessThan(0.05);
      expect(regionArea(overlapOf(negative, positive))).toBeLessThan(0.05);
    }),
  );
});

test('a circle grown by a bleed is the circle of the larger radius: π(r + b)²', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 5, max: 200, noNaN: true }),
      fc.double({ min: 0.1, max: 20, noNaN: true }),
      (radius, bleed) => {
        const disc = [ellipseRing({ x: 0, y: 0, width: 2 * radius, height: 2 * radius })];
        const grown = growRegion(disc, bleed);
        const wanted = Math.PI * (radius + bleed) ** 2;
        // chords a hundredth of a mm inside their arcs take a little off
        expect(Math.abs(regionArea(grown) - wanted) / wanted).toBeLessThan(0.02 / radius);
        const { width, x } = regionBox(grown);
        const slack = 0.02 * (1 + (2 * bleed) / radius);
        expect(Math.abs(width - 2 * (radius + bleed))).toBeLessThan(slack);
        expect(Math.abs(x + bleed)).toBeLessThan(slack);
      },
    ),
  );
});

test('a rectangle grown with sharp corners stays a rectangle; grown round it does not', () => {
  const grown = growRegion(square(0, 0, 100), 5);
  expect(isUprightRect(grown)).toBe(true);
  const { x, y, width, height } = regionBox(grown);
  [x + 5, y + 5, width - 110, height - 110].forEach((off) => expect(off).toBeCloseTo(0, 9));
  const round = growRegion(square(0, 0, 100), 5, 'round');
  expect(isUprightRect(round)).toBe(false);
  expect(regionArea(round)).toBeCloseTo(100 ** 2 + 4 * 100 * 5 + Math.PI * 25, 0);
});

test('a rounded rectangle is the rectangle less what its corners lack: (4 − π) r²', () => {
  const ring = roundedRing({ x: 0, y: 0, width: 80, height: 50 }, 12);
  expect(regionArea([ring])).toBeCloseTo(80 * 50 - (4 - Math.PI) * 144, 0);
  expect(roundedRing({ x: 0, y: 0, width: 80, height: 50 }, 0)).toHaveLength(4);
  expect(regionBox([roundedRing({ x: 3, y: 4, width: 20, height: 10 }, 99)])).toEqual({
    x: 3,
    y: 4,
    width: 20,
    height: 10,
  });
});

describe('a ring with a hole', () => {
  const ring: Region = [...square(0, 0, 30), ...square(10, 10, 10)];

  test('has the area between, one piece, and no hole once it is filled', () => {
    expect(regionArea(ring)).toBeCloseTo(900 - 100, 6);
    expect(islandsOf(ring)).toHaveLength(1);
    expect(regionArea(withoutHoles(ring))).toBeCloseTo(900, 6);
    expect(edgeLength(ring)).toBeCloseTo(4 * 30 + 4 * 10, 6);
  });

  test('grown outwards, its hole gets smaller', () => {
    const grown = growRegion(ring, 2);
    expect(regionArea(grown)).toBeCloseTo(34 ** 2 - 6 ** 2, 3);
  });

  test('holds what lies in it and not what lies in the hole', () => {
    expect(holds(ring, { x: 5, y: 5 })).toBe(true);
    expect(holds(ring, { x: 15, y: 15 })).toBe(false);
    expect(holds(ring, { x: 40, y: 15 })).toBe(false);
  });
});

test('two separate shapes are two pieces to weed; overlapping ones are one', () => {
  const two = islandsOf(unite(square(0, 0, 10), [...square(20, 0, 20), ...square(25, 5, 5)]));
  expect(two.map((island) => Math.round(regionArea(island)))).toEqual([375, 100]);
  const joined = unite(square(0, 0, 10), square(5, 0, 10));
  expect(islandsOf(joined)).toHaveLength(1);
  expect(regionArea(joined)).toBeCloseTo(150, 6);
  expect(unite()).toEqual([]);
});

test('an island in a hole is a piece of its own, and every hole stays with its own piece', () => {
  const target = [...square(0, 0, 50), ...square(5, 5, 40), ...square(10, 10, 30)];
  const pieces = islandsOf([...target, ...square(20, 20, 4), ...square(60, 0, 5)]);
  expect(pieces.map((piece) => Math.round(regionArea(piece)))).toEqual([900, 884, 25]);
  expect(pieces.map((piece) => piece.length)).toEqual([2, 2, 1]);
});

test('how much of a region a box shows is what cutting the box out of it leaves', () => {
  const ring: Region = [ellipseRing({ x: 0, y: 0, width: 60, height: 40 }), ...square(20, 10, 12)];
  const shown = areaWithin(ring);
  const place = fc.double({ min: -20, max: 70, noNaN: true });
  const size = fc.double({ min: 0.1, max: 90, noNaN: true });
  fc.assert(
    fc.property(place, place, size, size, (x, y, width, height) => {
      const box = { x, y, width, height };
      expect(shown(box)).toBeCloseTo(regionArea(overlapOf(ring, [rectRing(box)])), 1);
    }),
  );
});

test('what a box and a region have in common is the same whichever way it is found: told by edges, by sides or cut', () => {
  const region: Region = [
    ellipseRing({ x: 0, y: 0, width: 60, height: 40 }),
    ...square(20, 10, 12),
    ...square(70, 0, 30),
  ];
  fc.assert(
    fc.property(box, (cut) => {
      const rect = rectRing(cut);
      // a fifth corner on its side: no rectangle to the eye of the engine's shortcuts
      const [first, second, ...rest] = rect as [Point, Point, ...Point[]];
      const middle = { x: (first.x + second.x) / 2, y: first.y };
      const plain = regionArea(overlapOf(region, [[first, middle, second, ...rest]]));
      expect(regionArea(overlapOf(region, [rect]))).toBeCloseTo(plain, 1);
      expect(regionArea(overlapOf([rect], region))).toBeCloseTo(plain, 1);
      const within = boxWithin(region, cut);
      if (within !== null) expect(plain).toBeCloseTo(within ? cut.width * cut.height : 0, 1);
    }),
    { numRuns: 300 },
  );
  expect(boxWithin(region, { x: 25, y: 2, width: 5, height: 5 })).toBe(true);
  expect(boxWithin(region, { x: 22, y: 12, width: 5, height: 5 })).toBe(false);
  expect(boxWithin(region, { x: 18, y: 12, width: 5, height: 5 })).toBeNull();
});

test('a long ragged edge is cut the same whichever way round the paper lies', () => {
  const ragged = Array.from({ length: 400 }, (_, i) => ({ x: i, y: 3 * Math.abs(Math.sin(i)) }));
  const wide: Region = [[...ragged, { x: 399, y: 80 }, { x: 0, y: 80 }]];
  const tall = mapRegion([0, 1, 1, 0, 0, 0], wide);
  const window = (region: Region) => regionArea(overlapOf(region, square(1, 1, 78)));
  expect(window(wide)).toBeCloseTo(window(tall), 6);
  expect(regionArea(growRegion(wide, 2))).toBeCloseTo(regionArea(growRegion(tall, 2)), 3);
});

test('points added to be bent later change neither area nor box', () => {
  const fine = refine(square(0, 0, 10), 0.5);
  expect(fine[0]?.length).toBe(80);
  expect(regionArea(fine)).toBeCloseTo(100, 6);
});

test('nothing has no box and no path', () => {
  expect(regionBox([])).toEqual({ x: 0, y: 0, width: 0, height: 0 });
  expect(pathData([])).toBe('');
  expect(pathData(square(0, 0, 2))).toBe('M0 0L2 0L2 2L0 2Z');
});

test('a grid holds in each cell what the cell alone would hold', () => {
  const ring: Region = [ellipseRing({ x: 0, y: 0, width: 60, height: 40 }), ...square(20, 10, 12)];
  const line = (mm: number) =>
    fc
      .uniqueArray(fc.double({ min: -5, max: mm, noNaN: true }), { minLength: 2, maxLength: 6 })
      .map((at) => at.sort((a, b) => a - b));
  fc.assert(
    fc.property(line(70), line(50), (xs, ys) => {
      const shown = areaWithin(ring);
      areasBetween(ring, xs, ys).forEach((cells, row) =>
        cells.forEach((found, column) => {
          const [x = 0, end = 0] = xs.slice(column);
          const [y = 0, foot = 0] = ys.slice(row);
          expect(found).toBeCloseTo(shown({ x, y, width: end - x, height: foot - y }), 6);
        }),
      );
    }),
  );
});

test('an edge that moves in by half of its box leaves nothing, at once; by a little less it leaves a sliver', () => {
  expect(growRegion(square(0, 0, 20), -10)).toEqual([]);
  expect(growRegion(square(0, 0, 20), -5000, 'round')).toEqual([]);
  expect(regionArea(growRegion(square(0, 0, 20), -9.9))).toBeCloseTo(0.04, 6);
});

test('level lines cross a region as a geometer’s do: a diamond by its slopes, a ring with a hole four times, up or down', () => {
  const diamond: Region = [
    [
      { x: 0, y: -10 },
      { x: 10, y: 0 },
      { x: 0, y: 10 },
      { x: -10, y: 0 },
    ],
  ];
  expect(crossingsAlong(diamond, -12, 4, 7)).toEqual([
    [],
    [-2, 2],
    [-6, 6],
    [-10, 10],
    [-6, 6],
    [-2, 2],
    [],
  ]);
  const frame: Region = [...square(0, 0, 40), ...square(10, 10, 20)];
  expect(crossingsAlong(frame, 35, -15, 3)).toEqual([
    [0, 40],
    [0, 10, 30, 40],
    [0, 40],
  ]);
});

test('a place on a level line lies in a region as often as lines cross it before', () => {
  const y = fc.double({ min: -60, max: 140, noNaN: true });
  const step = fc.double({ min: -9, max: 9, noNaN: true });
  fc.assert(
    fc.property(box, box, y, step, (outer, inner, first, by) => {
      const region: Region = [ellipseRing(outer), rectRing(inner)];
      crossingsAlong(region, first, by, 8).forEach((crossings, line) => {
        for (let x = -55; x < 135; x += 7) {
          const before = crossings.filter((at) => at <= x).length;
          const inside = before % 2 === 1;
          if (by !== 0) expect(inside).toBe(holds(region, { x, y: first + line * by }));
        }
      });
    }),
  );
});
