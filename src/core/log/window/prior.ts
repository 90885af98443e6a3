import { worthAt } from '../../heat';
import { normalOf, randomOf } from '../../random';
import { placeOf, TOLD_IN_K, type Setting } from './observed';
import type { Gaussian } from './ordinal';

const { exp, log, max, sqrt } = Math;

/** Where dye moves by the recipes, °C. */
const USUAL_C = 200;

/**
 * What is thought before anything was pressed, told in ln of time at one temperature. Own choice, after how far recipes
 * of the trade lie apart and what ± 5 °C does to the dose; none of it was measured.
 */
export const THOUGHT = {
  /** How far the middle of what comes out well may lie from the recipe: plates read some degrees wrongly. */
  middleSd: 0.4,
  /** From where it begins to be pale to where it begins to be too much: times 2.2. */
  wide: log(2.2),
  wideSd: 0.3,
  /** How sharply one goes over into the other. */
  sharp: 8,
  sharpSd: 0.3,
  /** What ten degrees are worth: by the energy that dye needs to move. */
  tenDegrees: log(worthAt(USUAL_C + TOLD_IN_K / 2) / worthAt(USUAL_C - TOLD_IN_K / 2)),
  tenDegreesSd: 0.15,
} as const;

/** A window as one may be, in the trade's terms: all but `sharp` in ln of time. */
export interface Thought {
  readonly middle: number;
  readonly wide: number;
  readonly sharp: number;
  readonly tenDegrees: number;
}

/** What parameters of the regression a window has: place of its lower edge, ln of its width, what time and heat do. */
export const parametersOf = ({ middle, wide, sharp, tenDegrees }: Thought): readonly number[] => [
  sharp * (middle - wide / 2),
  log(sharp * wide),
  sharp,
  sharp * tenDegrees,
];

/** The window that parameters of the regression stand for. */
export function thoughtOf(parameters: readonly number[]): Thought {
  const [first = NaN, gap = NaN, byTime = NaN, byHeat = NaN] = parameters;
  const sharp = max(0.1, byTime);
  const wide = exp(gap) / sharp;
  return { wide, sharp, middle: first / sharp + wide / 2, tenDegrees: byHeat / sharp };
}

/** A window as it may be before anything was pressed. @param middle in ln of time, from the recipe. */
export const thoughtBy = (
  normal: () => number,
  { middle, middleSd }: { readonly middle: number; readonly middleSd: number },
): Thought => ({
  middle: middle + middleSd * normal(),
  wide: THOUGHT.wide * exp(THOUGHT.wideSd * normal()),
  sharp: THOUGHT.sharp * exp(THOUGHT.sharpSd * normal()),
  tenDegrees: max(0, THOUGHT.tenDegrees + THOUGHT.tenDegreesSd * normal()),
});

/** So many windows are thought of to find mean and covariance of their parameters. */
const COUNT = 1500;
const SEED = 41;

/** Where the recipe and its schools think the middle is: the mean of them, and how far it may be off. */
export function middleOf(from: Setting, schools: readonly Setting[]) {
  const at = [from, ...schools].map((each) => {
    const [byTime = 0, byHeat = 0] = placeOf(each, from);
    return byTime + THOUGHT.tenDegrees * byHeat;
  });
  const middle = at.reduce((sum, v) => sum + v, 0) / at.length;
  const apart = at.reduce((sum, v) => sum + (v - middle) ** 2, 0) / at.length;
  return { middle, middleSd: sqrt(THOUGHT.middleSd ** 2 + apart) };
}

/**
 * What is thought of the regression's parameters before anything was pressed: normal, with the mean and covariance that
 * windows have as they are thought of.
 * @param from the setting that places are told from; the recipe's.
 * @param schools what other schools and sources say of the same pressing.
 */
export function priorFor(from: Setting, schools: readonly Setting[]): Gaussian {
  const about = middleOf(from, schools);
  const normal = normalOf(randomOf(SEED));
  const drawn = Array.from({ length: COUNT }, () => parametersOf(thoughtBy(normal, about)));
  const mean = [0, 1, 2, 3].map(
    (i) => drawn.reduce((sum, each) => sum + (each[i] ?? 0), 0) / COUNT,
  );
  const covariance = mean.map((mi, i) =>
    mean.map(
      (mj, j) =>
        drawn.reduce((sum, each) => sum + ((each[i] ?? 0) - mi) * ((each[j] ?? 0) - mj), 0) / COUNT,
    ),
  );
  return { mean, covariance };
}
