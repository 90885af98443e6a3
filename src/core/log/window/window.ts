import { LEAST_SHARE, MOST_SHARE } from '../../heat';
import { drawsFrom, quantile, type Draws } from './draws';
import { observationsOf, placeOf, type Setting, type Tried } from './observed';
import { chancesAt, cutsOf } from './ordinal';
import { priorFor } from './prior';

/** One verdict in so many says nothing of the heat, or is mistaken (own choice). */
const LAPSES = 0.04;
/** Parameters drawn: more change no figure that is shown. */
const DRAWS = 400;

/** What is known of where a pressing comes out well. */
export interface Window {
  /** What places are told from: the recipe's own setting. */
  readonly from: Setting;
  readonly tried: readonly Tried[];
  readonly draws: Draws;
}

/** How likely it is that a pressing comes out pale, well or overdone, and how sure that is. */
export interface Chances {
  readonly pale: number;
  readonly good: number;
  readonly over: number;
  /** Eight times in ten the chance of a good one lies between these. */
  readonly least: number;
  readonly most: number;
}

/**
 * What is known of a window after what was tried.
 * @param from the recipe's setting.
 * @param schools what other schools and sources say of the same pressing.
 */
export function windowOf(
  from: Setting,
  schools: readonly Setting[],
  tried: readonly Tried[],
): Window {
  const model = { categories: 3, prior: priorFor(from, schools), lapses: LAPSES };
  return { from, tried, draws: drawsFrom(model, observationsOf(tried, from), DRAWS) };
}

/** Chances of one set of parameters at a place. */
export function chancesBy(parameters: readonly number[], place: readonly number[]) {
  const at = (parameters[2] ?? 0) * (place[0] ?? 0) + (parameters[3] ?? 0) * (place[1] ?? 0);
  return chancesAt(cutsOf(parameters, 3), at, LAPSES);
}

/** Eight in ten: what is left out at either end. */
const LEFT_OUT = 0.1;

/** How likely a setting comes out how. */
export function chancesOf({ from, draws }: Window, setting: Setting): Chances {
  const place = placeOf(setting, from);
  let pale = 0;
  let over = 0;
  const good = draws.parameters.map((parameters, i) => {
    const [tooLittle = 0, right = 0, tooMuch = 0] = chancesBy(parameters, place);
    const share = draws.shares[i] ?? 0;
    pale += share * tooLittle;
    over += share * tooMuch;
    return right;
  });
  return {
    ...{ pale, over, good: 1 - pale - over },
    least: quantile(good, draws.shares, LEFT_OUT),
    most: quantile(good, draws.shares, 1 - LEFT_OUT),
  };
}

/** What a machine can be set to: temperatures (°C, the one it is fixed to: null) and times (s). */
export interface Settable {
  readonly temperaturesC: readonly (number | null)[];
  readonly dwellsS: readonly number[];
}

/** How far from a recipe's heat is looked, in steps of so many K (own choice: five degrees Fahrenheit). */
const STEP_K = 5 / 1.8;
const STEPS = 7;

/** Times are set in steps of so many seconds, longer ones in longer steps (own choice). */
const stepS = (dwellS: number): number => (dwellS < 90 ? 5 : dwellS < 400 ? 10 : 30);

/**
 * Settings round a recipe's that are worth thinking of: within what the heat model was tried for.
 * @param mostC what neither blank nor machine goes beyond; null where nothing is known.
 */
export function settableRound({ temperatureC, dwellS }: Setting, mostC: number | null): Settable {
  const step = stepS(dwellS);
  const [least, most] = [LEAST_SHARE * dwellS, MOST_SHARE * dwellS].map((s) =>
    Math.round(s / step),
  );
  const temperaturesC =
    temperatureC === null
      ? [null]
      : Array.from({ length: 2 * STEPS + 1 }, (_, i) => temperatureC + (i - STEPS) * STEP_K).filter(
          (c) => mostC === null || c <= Math.max(mostC, temperatureC) + 1e-9,
        );
  const times = Array.from(
    { length: (most ?? 0) - (least ?? 0) + 1 },
    (_, i) => ((least ?? 0) + i) * step,
  );
  const dwellsS = [...new Set([...times.filter((s) => s > 0), dwellS])].sort((a, b) => a - b);
  return { temperaturesC, dwellsS };
}

/** A setting with how likely it comes out how. */
export interface Judged extends Setting {
  readonly chances: Chances;
}

/** Every setting that a machine can be set to, judged: row by row from the coolest, each from the shortest. */
export const judged = (window: Window, { temperaturesC, dwellsS }: Settable): readonly Judged[] =>
  temperaturesC.flatMap((temperatureC) =>
    dwellsS.map((dwellS) => ({
      ...{ temperatureC, dwellS },
      chances: chancesOf(window, { temperatureC, dwellS }),
    })),
  );

/** A chance of this much less is none the worse: what lies nearest to the recipe is taken (own choice). */
const AS_GOOD = 0.005;

/** How far apart two settings are, in ln of time and tens of degrees alike. */
const apart = (a: Setting, b: Setting): number => Math.hypot(...placeOf(a, b));

/** How likely a setting comes out well, no more. */
function goodAt({ from, draws }: Window, setting: Setting): number {
  const place = placeOf(setting, from);
  return draws.parameters.reduce(
    (sum, parameters, i) => sum + (draws.shares[i] ?? 0) * (chancesBy(parameters, place)[1] ?? 0),
    0,
  );
}

/** The setting that most likely comes out well; of several as good the one nearest to the recipe. */
export function bestOf(window: Window, { temperaturesC, dwellsS }: Settable): Judged {
  const { from } = window;
  const all = temperaturesC.flatMap((temperatureC) =>
    dwellsS.map((dwellS) => {
      const setting = { temperatureC, dwellS };
      return { setting, good: goodAt(window, setting), far: apart(setting, from) };
    }),
  );
  const top = all.reduce((most, { good }) => Math.max(most, good), 0);
  const [best] = all.filter(({ good }) => good >= top - AS_GOOD).sort((a, b) => a.far - b.far);
  const setting = best?.setting ?? from;
  return { ...setting, chances: chancesOf(window, setting) };
}
