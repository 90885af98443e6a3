import { readFileSync } from 'node:fs';
import { cutsOf, fitOrdinal, type Observation } from '@/core/log/window';

/** Temperature of the joint, °F, and whether O-rings were in distress: 23 launches (Dalal, Fowlkes & Hoadley 1989, table 1). */
const LAUNCHES: readonly (readonly [number, 0 | 1])[] = [
  ...([
    [66, 0],
    [70, 1],
    [69, 0],
    [68, 0],
    [67, 0],
    [72, 0],
    [73, 0],
    [70, 0],
  ] as const),
  ...([
    [57, 1],
    [63, 1],
    [70, 1],
    [78, 0],
    [67, 0],
    [53, 1],
    [67, 0],
    [75, 0],
  ] as const),
  ...([
    [70, 0],
    [81, 0],
    [76, 0],
    [79, 0],
    [75, 1],
    [76, 0],
    [58, 1],
  ] as const),
];

interface Generated {
  readonly made: string;
  readonly sets: readonly {
    readonly x: readonly (readonly number[])[];
    readonly y: readonly number[];
    readonly cuts: readonly number[];
    readonly b: readonly number[];
    readonly bse: readonly number[];
    readonly ll: number;
  }[];
}
const { made, sets } = JSON.parse(readFileSync('tests/fixtures/ordinal.json', 'utf8')) as Generated;

const plain = { prior: null, lapses: 0 } as const;

test('O-rings: intercept 15.043, slope −0.232 (Dalal, Fowlkes & Hoadley 1989)', () => {
  const seen = LAUNCHES.map(([f, category]): Observation => ({ x: [f - 70], category, weight: 1 }));
  const { parameters, converged } = fitOrdinal({ categories: 2, ...plain }, seen, [0, 0]);
  const [cut = NaN, slope = NaN] = parameters;
  expect(converged).toBe(true);
  // told from 70 °F on here, and cuts stand on the other side of the sum than an intercept does
  expect(-cut - 70 * slope).toBeCloseTo(15.043, 3);
  expect(slope).toBeCloseTo(-0.232, 3);
});

test(`ordered in three, 50 generated sets: as ${made}`, () => {
  expect(sets).toHaveLength(50);
  for (const { x, y, cuts, b, bse, ll } of sets) {
    const seen = x.map((each, i): Observation => ({ x: each, category: y[i] ?? 0, weight: 1 }));
    const fit = fitOrdinal({ categories: 3, ...plain }, seen, [0, 0, 0, 0]);
    expect(fit.converged).toBe(true);
    cutsOf(fit.parameters, 3).forEach((cut, k) => expect(cut).toBeCloseTo(cuts[k] ?? NaN, 4));
    fit.parameters.slice(2).forEach((each, i) => expect(each).toBeCloseTo(b[i] ?? NaN, 4));
    bse.forEach((each, i) =>
      expect(Math.sqrt(fit.covariance[2 + i]?.[2 + i] ?? NaN)).toBeCloseTo(each, 3),
    );
    expect(fit.agreement).toBeCloseTo(ll, 6);
  }
});

test('a weight of a half counts like half a thing; what is told apart wholly does not converge', () => {
  const seen = LAUNCHES.map(([f, category]): Observation => ({ x: [f - 70], category, weight: 1 }));
  const halves = [...seen, ...seen].map((each) => ({ ...each, weight: 0.5 }));
  const fitted = (of: readonly Observation[]) =>
    fitOrdinal({ categories: 2, ...plain }, of, [0, 0]);
  fitted(halves).parameters.forEach((each, i) =>
    expect(each).toBeCloseTo(fitted(seen).parameters[i] ?? NaN, 8),
  );
  const apart = [-2, -1, 1, 2].map((x): Observation => ({
    x: [x],
    category: x > 0 ? 1 : 0,
    weight: 1,
  }));
  expect(fitted(apart).converged).toBe(false);
});
