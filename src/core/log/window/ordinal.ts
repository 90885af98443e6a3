import { CholeskyDecomposition, inverse, Matrix } from 'ml-matrix';

const { abs, exp, log, log1p, max } = Math;

/** One thing seen: what it depends on, which of the ordered categories it fell in (from 0), and how much it counts. */
export interface Observation {
  readonly x: readonly number[];
  readonly category: number;
  /** From 0 to 1. */
  readonly weight: number;
}

/** What is thought of the parameters before anything is seen: a normal distribution. */
export interface Gaussian {
  readonly mean: readonly number[];
  readonly covariance: readonly (readonly number[])[];
}

/**
 * An ordered logistic regression: P(category ≤ k) = σ(cut k − b·x), with rising cuts (McCullagh 1980).
 * Its parameters: the first cut, the logarithms of the gaps to the further ones, then b.
 */
export interface OrdinalModel {
  readonly categories: number;
  /** Null: nothing is thought beforehand, the likeliest parameters are found. */
  readonly prior: Gaussian | null;
  /** The share of things that fall in any category whatever they depend on. */
  readonly lapses: number;
}

/** ln σ(z), without loss far from zero. */
const lnSigma = (z: number): number => (z >= 0 ? -log1p(exp(-z)) : z - log1p(exp(z)));
const sigma = (z: number): number => (z >= 0 ? 1 / (1 + exp(-z)) : exp(z) / (1 + exp(z)));

/** The cuts between categories that parameters stand for. */
export function cutsOf(parameters: readonly number[], categories: number): readonly number[] {
  let cut = parameters[0] ?? 0;
  return Array.from({ length: categories - 1 }, (_, k) =>
    k === 0 ? cut : (cut += exp(parameters[k] ?? 0)),
  );
}

/** How likely each category is at a place b·x. */
export function chancesAt(cuts: readonly number[], place: number, lapses: number): number[] {
  const chances: number[] = [];
  let under = 0;
  for (let k = 0; k <= cuts.length; k++) {
    const below = k === cuts.length ? 1 : sigma((cuts[k] ?? 0) - place);
    chances.push((1 - lapses) * (below - under) + lapses / (cuts.length + 1));
    under = below;
  }
  return chances;
}

/** The logarithm of a chance with its slopes: by place, upper cut and lower cut. */
function sloped(hi: number, lo: number, lapses: number, categories: number) {
  const apart = -Math.expm1(lo - hi);
  const ln = lnSigma(hi) + lnSigma(-lo) + log(apart);
  const told = (1 - lapses) * exp(ln);
  const all = told + lapses / categories;
  const share = lapses === 0 ? 1 : told / all;
  return {
    ln: lapses === 0 ? ln : log(all),
    byPlace: share * (sigma(hi) + sigma(lo) - 1),
    byHi: hi === Infinity ? 0 : (share * sigma(-hi)) / (sigma(-lo) * apart),
    byLo: lo === -Infinity ? 0 : (-share * sigma(lo)) / (sigma(hi) * apart),
  };
}

/** How well parameters agree with what was seen and thought, with the slope by each. */
type Agreement = (parameters: readonly number[]) => { value: number; slope: number[] };

function agreementOf(model: OrdinalModel, seen: readonly Observation[]): Agreement {
  const { categories, prior, lapses } = model;
  const cuts = categories - 1;
  const precision = prior && inverse(new Matrix(copied(prior.covariance)));
  return (parameters) => {
    const at = cutsOf(parameters, categories);
    const slope = parameters.map(() => 0);
    let value = 0;
    const add = (nth: number, by: number) => (slope[nth] = (slope[nth] ?? 0) + by);
    // the nth cut moves with the first one and with every gap up to it
    const moveCut = (nth: number, by: number) => {
      add(0, by);
      for (let gap = 1; gap <= nth; gap++) add(gap, by * exp(parameters[gap] ?? 0));
    };
    for (const { x, category, weight } of seen) {
      const place = x.reduce((sum, v, i) => sum + v * (parameters[cuts + i] ?? 0), 0);
      const hi = category < cuts ? (at[category] ?? 0) - place : Infinity;
      const lo = category > 0 ? (at[category - 1] ?? 0) - place : -Infinity;
      const { ln, byPlace, byHi, byLo } = sloped(hi, lo, lapses, categories);
      value += weight * ln;
      if (category < cuts) moveCut(category, weight * byHi);
      if (category > 0) moveCut(category - 1, weight * byLo);
      x.forEach((v, i) => add(cuts + i, weight * byPlace * v));
    }
    if (prior && precision) {
      const off = prior.mean.map((mean, i) => (parameters[i] ?? 0) - mean);
      off.forEach((each, i) => {
        const pull = off.reduce((sum, v, j) => sum + precision.get(i, j) * v, 0);
        value -= 0.5 * each * pull;
        add(i, -pull);
      });
    }
    return { value, slope };
  };
}

const copied = (rows: readonly (readonly number[])[]): number[][] => rows.map((row) => [...row]);

/** A step by which slopes are told apart for their own slopes. */
const STEP = 1e-5;

/** How the slopes bend, with the sign turned: what is inverted for the covariance. */
function bendOf(agreement: Agreement, at: readonly number[]): Matrix {
  const n = at.length;
  const bend = Matrix.zeros(n, n);
  at.forEach((_, i) => {
    const moved = (by: number) => agreement(at.map((v, j) => (j === i ? v + by : v))).slope;
    const [more, less] = [moved(STEP), moved(-STEP)];
    for (let j = 0; j < n; j++) {
      const half = -((more[j] ?? 0) - (less[j] ?? 0)) / (4 * STEP);
      bend.set(i, j, bend.get(i, j) + half);
      bend.set(j, i, bend.get(j, i) + half);
    }
  });
  return bend;
}

/** A found fit: the likeliest parameters, and how they vary round it. */
export interface Fit {
  readonly parameters: readonly number[];
  /** Their covariance where agreement falls off like a normal distribution. */
  readonly covariance: readonly (readonly number[])[];
  /** ln of likelihood times prior, there. */
  readonly agreement: number;
  /** False where there is no end of it: categories that x tells apart wholly, and nothing thought beforehand. */
  readonly converged: boolean;
}

const MOST_STEPS = 80;
/** A step shorter than this is none. */
const STILL = 1e-9;

/** One step uphill: Newton's, held back until it is one. Null where there is none. */
function stepped(agreement: Agreement, at: readonly number[], bend: Matrix) {
  const { value, slope } = agreement(at);
  const down = Matrix.columnVector(slope);
  for (let held = 0; held < 1e9; held = max(1e-6, held * 10)) {
    const held1 = Matrix.add(bend, Matrix.mul(Matrix.eye(at.length), held));
    const factor = new CholeskyDecomposition(held1);
    if (!factor.isPositiveDefinite()) continue;
    const by = factor.solve(down).to1DArray();
    const next = at.map((v, i) => v + (by[i] ?? 0));
    const there = agreement(next).value;
    const long = by.reduce((most, v) => max(most, abs(v)), 0);
    if (there >= value || long < STILL) return { next, long };
  }
  return null;
}

/**
 * The likeliest parameters.
 * @param start where to begin; as many as the model has.
 * @example fitOrdinal({ categories: 2, prior: null, lapses: 0 }, launches, [0, 0])
 */
export function fitOrdinal(
  model: OrdinalModel,
  seen: readonly Observation[],
  start: readonly number[],
): Fit {
  const agreement = agreementOf(model, seen);
  let at = start;
  let converged = false;
  for (let n = 0; n < MOST_STEPS && !converged; n++) {
    const step = stepped(agreement, at, bendOf(agreement, at));
    if (!step) break;
    at = step.next;
    converged = step.long < STILL;
  }
  const inverted = inverse(bendOf(agreement, at), true);
  const covariance = Matrix.add(inverted, inverted.transpose()).mul(0.5).to2DArray();
  return { parameters: at, covariance, agreement: agreement(at).value, converged };
}

/** How well parameters agree with what was seen and thought: ln of likelihood times prior. */
export const agreementAt = (
  model: OrdinalModel,
  seen: readonly Observation[],
): ((parameters: readonly number[]) => number) => {
  const agreement = agreementOf(model, seen);
  return (parameters) => agreement(parameters).value;
};
