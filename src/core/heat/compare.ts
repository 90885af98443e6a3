import { TRANSFERS } from '../transfer';
import type { TransferKind } from '../model';
import { CORNERS, type Assumed } from './assumed';
import { heated, type Heated } from './press';
import type { Setup } from './setup';

/** From and to, over what is not known; and what is thought. */
export interface Band {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/** What is changed of a pressing. */
export type SetupChange = Partial<Omit<Setup, 'layers' | 'machine' | 'work' | 'dwellS'>>;

/** What makes up for a change; the model says nothing where it cannot know. */
export type MakesUp =
  /** So many seconds more (below zero: less). */
  | { readonly by: 'time'; readonly moreS: Band }
  /** The plate is set so much higher, °C, not pressed longer: an error of heat is mended with heat. */
  | { readonly by: 'heat'; readonly moreC: number }
  /** It would take longer or shorter than was tried; or so cool hardly any dye moves, and nothing can be said. */
  | { readonly by: 'nothing'; readonly why: 'too-long' | 'too-short' | 'dye-still' }
  /** Too little to be worth a second. */
  | { readonly by: 'none' };

/** A pressing against another. */
export interface Compared {
  /** By what factor the dye gets more; null where nothing is dye. */
  readonly dose: Band | null;
  readonly makesUp: MakesUp;
  /** The hottest an adhesive becomes, before and after, °C; null where there is none. */
  readonly adhesiveC: { readonly before: Band; readonly after: Band } | null;
  /** How hot it becomes at its hottest with the change, °C: tape on the print (null where none can lie), the blank's face. */
  readonly hottestC: { readonly tape: Band | null; readonly blank: Band };
  /** How both go, as far as is thought. */
  readonly before: Heated;
  readonly after: Heated;
}

/** Nothing shorter is proposed than this share of a recipe's time (by trials: the model was not tried beyond). */
export const LEAST_SHARE = 0.6;
/** Nothing longer is proposed than this share of a recipe's time (by trials: the model was not tried beyond). */
export const MOST_SHARE = 1.6;
/** Fewer seconds than this, and than this share of the time, are not worth a word (own choice). */
const WORTH_S = 2;
const WORTH_SHARE = 0.03;

/** Cooler than this hardly any dye moves, °C (by trials: nothing can be said of it). */
const DYE_STILL_C = 160;

/** Adhesives soften in this range, °C (from memory). */
export const SOFTENS_C = { from: 130, to: 160 } as const;

const bandOf = ([likely = NaN, ...others]: readonly number[]): Band => ({
  likely,
  low: Math.min(likely, ...others),
  high: Math.max(likely, ...others),
});

/** A search for a time begins and ends at these shares of the recipe's. */
const SEARCHED = { from: 0.2, to: 4 } as const;
const LOOKS = 12;
/** The dose is met to this share. */
const MET = 2e-3;

/**
 * How long a changed pressing takes for the dye to get as much as in the plain one, s; beyond what is searched its end.
 * @param doseS as seconds at 200 °C.
 */
export function equalDwell(setup: Setup, doseS: number, assumed: Assumed): number {
  let low = SEARCHED.from * setup.dwellS;
  let high = SEARCHED.to * setup.dwellS;
  const missed = (dwellS: number) =>
    Math.log((heated({ ...setup, dwellS }, assumed)?.doseS ?? 0) / doseS);
  let at = setup.dwellS;
  let off = missed(setup.dwellS);
  // a dose grows at least as fast as time: the first guess, then secants kept within what is known
  let next = at * Math.exp(-off * 0.8);
  for (let look = 0; look < LOOKS && Math.abs(off) > MET; look++) {
    if (off > 0) high = Math.min(high, at);
    else low = Math.max(low, at);
    const within = next > low && next < high ? next : (low + high) / 2;
    const missedThere = missed(within);
    const slope = (missedThere - off) / (within - at);
    [at, off] = [within, missedThere];
    next = slope > 0 ? at - off / slope : (low + high) / 2;
  }
  return at;
}

/** What is really otherwise in a change. */
export const changedKeys = (setup: Setup, change: SetupChange): readonly (keyof SetupChange)[] =>
  (Object.keys(change) as (keyof SetupChange)[]).filter((key) => change[key] !== setup[key]);

function makesUpFor(setup: Setup, change: SetupChange, dose: readonly number[]): MakesUp {
  if (setup.plateC < DYE_STILL_C) return { by: 'nothing', why: 'dye-still' };
  const keys = changedKeys(setup, change);
  if (keys.length === 0) return { by: 'none' };
  const { plateC = setup.plateC } = change;
  if (keys.every((key) => key === 'plateC')) return { by: 'heat', moreC: setup.plateC - plateC };
  const changed = { ...setup, ...change };
  const more = CORNERS.map((assumed, i) =>
    Math.round(equalDwell(changed, dose[i] ?? 0, assumed) - setup.dwellS),
  );
  const moreS = bandOf(more);
  const [least, most] = [LEAST_SHARE, MOST_SHARE].map((share) => (share - 1) * setup.dwellS);
  if (moreS.likely > (most ?? 0)) return { by: 'nothing', why: 'too-long' };
  if (moreS.likely < (least ?? 0)) return { by: 'nothing', why: 'too-short' };
  const worth = Math.max(WORTH_S, WORTH_SHARE * setup.dwellS);
  if (Math.abs(moreS.low) < worth && Math.abs(moreS.high) < worth) return { by: 'none' };
  return { by: 'time', moreS };
}

/**
 * A pressing with something changed, against it as it is: how much more or less the dye gets, and what would make up
 * for it, as a band over a few fixed cases of what is not known. Null where nothing is printed.
 */
export function compare(
  setup: Setup,
  change: SetupChange,
  transfer: TransferKind,
): Compared | null {
  const changed = { ...setup, ...change };
  const pairs = CORNERS.flatMap((assumed) => {
    const [before, after] = [heated(setup, assumed), heated(changed, assumed)];
    return before && after ? [{ before, after }] : [];
  });
  const [likely] = pairs;
  if (!likely) return null;
  const tape = pairs.flatMap(({ after }) => after.peakTapeC ?? []);
  const face = bandOf(pairs.map(({ after }) => after.peakFaceC));
  const hottestC = { tape: tape.length > 0 ? bandOf(tape) : null, blank: face };
  if (!TRANSFERS[transfer].dye)
    return {
      ...{ ...likely, dose: null, makesUp: { by: 'none' }, hottestC },
      adhesiveC: { before: bandOf(pairs.map(({ before }) => before.peakFaceC)), after: face },
    };
  return {
    ...{ ...likely, hottestC },
    dose: bandOf(pairs.map(({ before, after }) => after.doseS / before.doseS)),
    makesUp: makesUpFor(
      setup,
      change,
      pairs.map(({ before }) => before.doseS),
    ),
    adhesiveC: null,
  };
}
