import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { normalOf, randomOf } from '../../random';
import {
  agreementAt,
  fitOrdinal,
  type Gaussian,
  type Observation,
  type OrdinalModel,
} from './ordinal';

const { exp, log, max, sqrt } = Math;

/** Parameters as they may be after what was seen, each counting its share: the shares add up to 1. */
export interface Draws {
  readonly parameters: readonly (readonly number[])[];
  readonly shares: readonly number[];
}

/** Tails are looked at more often than a normal distribution has them (Student's t with so many degrees). */
const DEGREES = 6;

/** Same figures for the same log, every time. */
const SEED = 17;

/**
 * Draws from what is known after seeing: proposed round the likeliest parameters and weighed by how well they really
 * agree (importance sampling), so that nothing is taken to be normal that is not.
 */
export function drawsFrom(
  model: OrdinalModel & { readonly prior: Gaussian },
  seen: readonly Observation[],
  count: number,
): Draws {
  const fit = fitOrdinal(model, seen, model.prior.mean);
  const factor = new CholeskyDecomposition(new Matrix(fit.covariance.map((row) => [...row])));
  const spread = factor.lowerTriangularMatrix;
  const agreement = agreementAt(model, seen);
  const normal = normalOf(randomOf(SEED));
  const n = fit.parameters.length;
  const proposed = Array.from({ length: count }, () => {
    const z = Array.from({ length: n }, normal);
    const chi = Array.from({ length: DEGREES }, normal).reduce((sum, v) => sum + v * v, 0);
    const wide = sqrt(DEGREES / chi);
    const parameters = fit.parameters.map((v, i) =>
      z.reduce((sum, each, j) => sum + spread.get(i, j) * each * wide, v),
    );
    const far = z.reduce((sum, v) => sum + (v * wide) ** 2, 0);
    const proposal = (-(DEGREES + n) / 2) * log(1 + far / DEGREES);
    return { parameters, weight: agreement(parameters) - proposal };
  });
  return {
    parameters: proposed.map(({ parameters }) => parameters),
    shares: sharesOf(proposed.map(({ weight }) => weight)),
  };
}

/** Shares that add up to 1, out of the logarithms of what they are in proportion to. */
export function sharesOf(logarithms: readonly number[]): readonly number[] {
  const most = logarithms.reduce((top, each) => max(top, each), -Infinity);
  const raw = logarithms.map((each) => exp(each - most));
  const all = raw.reduce((sum, each) => sum + each, 0);
  return raw.map((each) => each / all);
}

/** The value below which so much of the whole lies. @param share from 0 to 1. */
export function quantile(
  values: readonly number[],
  shares: readonly number[],
  share: number,
): number {
  const order = values
    .map((value, i) => [value, shares[i] ?? 0] as const)
    .sort(([a], [b]) => a - b);
  let sum = 0;
  for (const [value, each] of order) if ((sum += each) >= share) return value;
  return order.at(-1)?.[0] ?? NaN;
}
