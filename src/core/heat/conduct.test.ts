import { Conductor, holdsJ, jointC, stateOf, type Between } from './conduct';
import { GRID, wallOf, type Grid, type WallLayer } from './wall';

const FINE: Grid = { leastM: 1e-5, growth: 1.06, mostM: 1.5e-4, least: 8 };
const NOTHING = { h: 0, atC: () => 0 };
const at = (c: number, h = Infinity) => ({ h, atC: () => c });

/** The complementary error function (Abramowitz & Stegun 7.1.26 is too coarse here): by its continued series. */
function erfc(x: number): number {
  if (x < 0) return 2 - erfc(-x);
  if (x < 2.5) {
    let [sum, term] = [x, x];
    for (let n = 1; n < 80; n++) {
      term *= (-x * x) / n;
      sum += term / (2 * n + 1);
    }
    return 1 - (2 / Math.sqrt(Math.PI)) * sum;
  }
  let fraction = 0;
  for (let n = 60; n >= 1; n--) fraction = n / 2 / (x + fraction);
  return Math.exp(-x * x) / Math.sqrt(Math.PI) / (x + fraction);
}

/** Steps a wall to a moment in steps that grow. */
function run(
  layers: readonly WallLayer[],
  joints: readonly number[],
  between: Between,
  untilS: number,
  grid: Grid,
  firstS: number,
  growth: number,
) {
  const { wall, fromC } = wallOf(layers, joints, grid);
  const conductor = new Conductor(wall);
  const state = stateOf(wall, fromC);
  let [s, dt] = [0, firstS];
  while (s < untilS - 1e-9) {
    const step = Math.min(dt, untilS - s);
    conductor.step(state, between, s, step);
    s += step;
    dt *= growth;
  }
  return { wall, state };
}

const DEFAULT = { grid: GRID, firstS: 0.004, growth: 1.08 };
const FINEST = { grid: FINE, firstS: 0.0005, growth: 1.015 };
const middles = (widths: Float64Array) => {
  let x = 0;
  return Array.from(widths, (width) => {
    const middle = x + width / 2;
    x += width;
    return middle;
  });
};
const worst = (errors: readonly number[]) => Math.max(...errors.map(Math.abs));

/** Ceramic, so thick that its far end knows nothing in the time: 60 mm and 60 s. */
const CERAMIC = { k: 1.3, rho: 2300, c: 900 };
const DEEP: WallLayer = { ...CERAMIC, thicknessM: 0.06, fromC: 20 };
const ALPHA = CERAMIC.k / (CERAMIC.rho * CERAMIC.c);

describe('against exact solutions (Carslaw & Jaeger, Conduction of Heat in Solids, 2nd ed. 1959)', () => {
  test.each([
    ['as it is used', DEFAULT, 0.1],
    ['finer', FINEST, 0.006],
  ])(
    'a deep solid whose surface is held at 200 °C (§2.4), %s',
    (_name, { grid, firstS, growth }, K) => {
      const { wall, state } = run(
        [DEEP],
        [],
        { near: at(200), far: NOTHING },
        60,
        grid,
        firstS,
        growth,
      );
      const errors = middles(wall.cells.width).map((x, i) => {
        const exact = 20 + 180 * erfc(x / (2 * Math.sqrt(ALPHA * 60)));
        return (state.cellsC[i] ?? 0) - exact;
      });
      expect(worst(errors)).toBeLessThan(K);
    },
  );

  test.each([
    ['as it is used', DEFAULT, 0.04],
    ['finer', FINEST, 0.003],
  ])('a deep solid in air (§2.7), %s', (_name, { grid, firstS, growth }, K) => {
    const h = 200;
    const near = { h, atC: () => 200 };
    const { wall, state } = run([DEEP], [], { near, far: NOTHING }, 60, grid, firstS, growth);
    const errors = middles(wall.cells.width).map((x, i) => {
      const root = Math.sqrt(ALPHA * 60);
      const ratio = h / CERAMIC.k;
      const share =
        erfc(x / (2 * root)) -
        Math.exp(ratio * x + ratio * ratio * ALPHA * 60) * erfc(x / (2 * root) + ratio * root);
      return (state.cellsC[i] ?? 0) - (20 + 180 * share);
    });
    expect(worst(errors)).toBeLessThan(K);
  });
});

describe('two bodies that touch (Carslaw & Jaeger)', () => {
  test.each([
    ['as it is used', DEFAULT, 0.05],
    ['finer', FINEST, 0.003],
  ])(
    'two bodies in perfect contact keep one temperature at their joint (§2.15), %s',
    (_name, { grid, firstS, growth }, K) => {
      const aluminium = { k: 160, rho: 2700, c: 930, thicknessM: 0.6, fromC: 200 };
      const cold = { ...DEEP, fromC: 20 };
      const root = (of: { k: number; rho: number; c: number }) => Math.sqrt(of.k * of.rho * of.c);
      const exact =
        (root(aluminium) * 200 + root(CERAMIC) * 20) / (root(aluminium) + root(CERAMIC));
      const { wall, state } = run(
        [aluminium, cold],
        [Infinity],
        { near: NOTHING, far: NOTHING },
        10,
        grid,
        firstS,
        growth,
      );
      const joint = jointC(wall, state, (wall.starts[1] ?? 0) - 1);
      expect(worst([joint.near - exact, joint.far - exact])).toBeLessThan(K);
    },
  );
});

test.each([
  ['as it is used', DEFAULT, 0.4],
  ['finer', FINEST, 0.03],
])('two bodies through a joint of 2 000 W/m²K (by Laplace’s transform), %s', (_name, cut, K) => {
  const hot = { k: 160, rho: 2700, c: 930, thicknessM: 0.6, fromC: 200 };
  const effusivity = ({ k, rho, c }: { k: number; rho: number; c: number }) =>
    Math.sqrt(k * rho * c);
  const [one, other] = [effusivity(hot), effusivity(CERAMIC)];
  const a = 2000 * (1 / one + 1 / other);
  const errors = [0.5, 2, 10].flatMap((s) => {
    const between = { near: NOTHING, far: NOTHING };
    const { grid, firstS, growth } = cut;
    const { wall, state } = run([hot, DEEP], [2000], between, s, grid, firstS, growth);
    const joint = jointC(wall, state, (wall.starts[1] ?? 0) - 1);
    const passed = 1 - Math.exp(a * a * s) * erfc(a * Math.sqrt(s));
    return [
      joint.far - (20 + ((180 * one) / (one + other)) * passed),
      joint.near - (200 - ((180 * other) / (one + other)) * passed),
    ];
  });
  expect(worst(errors)).toBeLessThan(K);
});

describe('a plane wall in air at Bi = 1 (Incropera & DeWitt, Fundamentals of Heat and Mass Transfer: ζ₁ = 0.8603, C₁ = 1.1191)', () => {
  const half = 0.01;
  const wall: WallLayer = { k: 0.5, rho: 1500, c: 1200, thicknessM: half, fromC: 20 };
  const alpha = 0.5 / (1500 * 1200);
  /** Roots of ζ tan ζ = 1, by bisection. */
  const roots = Array.from({ length: 40 }, (_, n) => {
    let [low, high] = [n * Math.PI + 1e-9, n * Math.PI + Math.PI / 2 - 1e-9];
    for (let i = 0; i < 80; i++) {
      const middle = (low + high) / 2;
      if (middle * Math.tan(middle) < 1) low = middle;
      else high = middle;
    }
    return low;
  });
  const exactAt = (x: number, s: number) => {
    const fo = (alpha * s) / (half * half);
    const share = roots.reduce((sum, z) => {
      const c = (4 * Math.sin(z)) / (2 * z + Math.sin(2 * z));
      return sum + c * Math.exp(-z * z * fo) * Math.cos(z * (1 - x / half));
    }, 0);
    return 200 - 180 * share;
  };

  test('the first root and its coefficient are those of the table', () => {
    const [z = 0] = roots;
    expect(z).toBeCloseTo(0.8603, 4);
    expect((4 * Math.sin(z)) / (2 * z + Math.sin(2 * z))).toBeCloseTo(1.1191, 4);
  });

  test.each([
    ['as it is used', DEFAULT, 1],
    ['finer', FINEST, 0.06],
  ])('from early on, %s', (_name, { grid, firstS, growth }, K) => {
    const near = at(200, 0.5 / half);
    const errors = [0.02, 0.1, 0.4, 1].flatMap((fo) => {
      const s = (fo * half * half) / alpha;
      const { wall: cut, state } = run([wall], [], { near, far: NOTHING }, s, grid, firstS, growth);
      return middles(cut.cells.width).map((x, i) => (state.cellsC[i] ?? 0) - exactAt(x, s));
    });
    expect(worst(errors)).toBeLessThan(K);
  });
});

test('a wall of several layers that stands still is a straight line through its resistances', () => {
  const layers: WallLayer[] = [
    { k: 0.1, rho: 800, c: 1400, thicknessM: 1e-4, fromC: 20 },
    { k: 1.3, rho: 2300, c: 900, thicknessM: 4e-3, fromC: 20 },
    { k: 0.1, rho: 450, c: 1300, thicknessM: 8e-3, fromC: 20 },
  ];
  const joints = [2000, 500];
  const between = { near: at(200, 3000), far: at(20, 10) };
  const { wall, fromC } = wallOf(layers, joints);
  const conductor = new Conductor(wall);
  const state = stateOf(wall, fromC);
  for (let i = 0; i < 60; i++) conductor.step(state, between, 0, 1e5);
  const resists = [1 / 3000, 1e-4 / 0.1, 1 / 2000, 4e-3 / 1.3, 1 / 500, 8e-3 / 0.1, 1 / 10];
  const flux = 180 / resists.reduce((sum, r) => sum + r, 0);
  const joint = jointC(wall, state, (wall.starts[1] ?? 0) - 1);
  expect(joint.near).toBeCloseTo(200 - flux * (1 / 3000 + 1e-4 / 0.1), 9);
  expect(joint.far).toBeCloseTo(200 - flux * (1 / 3000 + 1e-4 / 0.1 + 1 / 2000), 9);
});

test('no heat comes from nowhere: what a closed wall holds stays, water boiled off counted', () => {
  const layers: WallLayer[] = [
    { k: 160, rho: 2700, c: 930, thicknessM: 0.01, fromC: 200 },
    { k: 0.06, rho: 350, c: 1400, thicknessM: 5e-4, fromC: 20, waterKgM3: 20 },
  ];
  const { wall, fromC } = wallOf(layers, [2000]);
  const conductor = new Conductor(wall);
  const state = stateOf(wall, fromC);
  const before = holdsJ(wall, state);
  const water = (of: Float64Array) => of.reduce((sum, each) => sum + each, 0);
  for (let i = 0; i < 400; i++)
    conductor.step(state, { near: NOTHING, far: NOTHING }, i / 4, 1 / 4);
  const boiled = (water(wall.cells.water) - water(state.water)) * 2.257e6;
  expect(boiled).toBeGreaterThan(1000);
  expect(Math.abs(holdsJ(wall, state) + boiled - before) / before).toBeLessThan(5e-12);
});
