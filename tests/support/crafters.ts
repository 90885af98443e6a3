import {
  bestOf,
  chancesBy,
  HEAT_VERDICTS,
  ladderFor,
  parametersOf,
  placeOf,
  settableRound,
  THOUGHT,
  thoughtBy,
  windowOf,
  type Ladder,
  type Setting,
  type Thought,
  type Tried,
} from '@/core/log/window';
import { normalOf, randomOf } from '@/core/random';

/** What crafters here press: a mug at 204 °C for 180 s by its recipe. */
export const RECIPE: Setting = { temperatureC: 204.4, dwellS: 180 };
export const SETTABLE = settableRound(RECIPE, null);

/** A crafter whose window nobody knows. */
export interface Crafter {
  readonly truth: Thought;
  /** Presses one and says how it came out: by chance where the edge is near, wrongly now and then. */
  readonly press: (setting: Setting) => Tried;
}

export function crafterOf(seed: number, middleSd: number = THOUGHT.middleSd): Crafter {
  const random = randomOf(seed);
  const truth = thoughtBy(normalOf(random), { middle: 0, middleSd });
  let nth = 0;
  return {
    truth,
    press: (setting) => {
      const chances = chancesBy(parametersOf(truth), placeOf(setting, RECIPE));
      let left = random();
      const at = chances.findIndex((p) => (left -= p) < 0);
      const verdict = HEAT_VERDICTS[at] ?? 'over';
      return {
        recordId: String(nth++),
        ...setting,
        verdict,
        weight: 1,
        test: false,
        thisPaper: true,
      };
    },
  };
}

/** Whether a setting lies within a crafter's true window. */
export function isWithin({ truth }: Crafter, setting: Setting): boolean {
  const [byTime = 0, byHeat = 0] = placeOf(setting, RECIPE);
  return Math.abs(byTime + truth.tenDegrees * byHeat - truth.middle) <= truth.wide / 2;
}

/** What the app proposes after what was tried. */
export function proposed(tried: readonly Tried[]): Setting {
  return bestOf(windowOf(RECIPE, [], tried), SETTABLE);
}

/**
 * The habit: one piece after another, the time changed by a tenth while it is pale or too much; what came out well is
 * kept. @returns the pieces, and what it would press next after each.
 */
export function byHabit(crafter: Crafter, pieces: number) {
  let at: Setting = RECIPE;
  const tried: Tried[] = [];
  const next: Setting[] = [];
  for (let n = 0; n < pieces; n++) {
    const one = crafter.press(at);
    tried.push(one);
    const by = { pale: 1.1, good: 1, over: 1 / 1.1 }[one.verdict];
    at = { ...at, dwellS: Math.round((at.dwellS * by) / 5) * 5 };
    next.push(at);
  }
  return { tried, next };
}

/** Ladders are designed once for what was seen before them. */
const designed = new Map<string, Ladder>();

/** Ladders of test pieces, each designed after what those before came to. */
export function byLadder(crafter: Crafter, rounds: readonly number[]): readonly Tried[] {
  let tried: readonly Tried[] = [];
  for (const most of rounds) {
    const key = `${most} ${tried.map(({ temperatureC, dwellS, verdict }) => [temperatureC, dwellS, verdict].join()).join(' ')}`;
    const ladder =
      designed.get(key) ??
      ladderFor(windowOf(RECIPE, [], tried), SETTABLE, { ask: 'window' }, most);
    designed.set(key, ladder);
    tried = [
      ...tried,
      ...ladder.rungs.map((rung) =>
        crafter.press({ temperatureC: rung.temperatureC, dwellS: rung.dwellS }),
      ),
    ];
  }
  return tried;
}
