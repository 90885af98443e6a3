import { quantile, sharesOf } from './draws';
import { placeOf, TOLD_IN_K, type Setting } from './observed';
import { thoughtOf } from './prior';
import { chancesBy, type Settable, type Window } from './window';

const { log2 } = Math;

/** What a ladder of test pieces is to find out. */
export type LadderQuestion =
  /** Where it comes out well. */
  | { readonly ask: 'window' }
  /** How far the plate is really off what it shows, K: below zero it is cooler. */
  | { readonly ask: 'offset' }
  /** How much longer or shorter the paper at hand takes than those before, ln of time. */
  | { readonly ask: 'paper' };

/** How far off plates are thought to be, K, and how differently papers take, ln of time (own choice). */
const OFF_SD = { offset: 7, paper: 0.25 } as const;

/** Test pieces that teach most, and what they are expected to teach. */
export interface Ladder {
  /** From the coolest and shortest on. */
  readonly rungs: readonly Setting[];
  /** What all of them are expected to tell, bits. */
  readonly bits: number;
  /** How likely the best setting comes out well as far as is known now, and as it is expected after the test. */
  readonly goodNow: number;
  readonly goodAfter: number;
}

/** Test pieces of one ladder at most: more are better chosen after the first are seen. */
export const MOST_RUNGS = 5;
/** A test piece that tells less is not worth pressing, bits (own choice). */
const WORTH_BITS = { window: 0.12, offset: 0.05, paper: 0.05 } as const;
/** Where the best setting is expected to come out well so often, no more pieces are asked for (own choice). */
const ENOUGH_GOOD = 0.88;

/** Windows that are thought of at once. */
const WORLDS = 160;
/** Answers that are told apart, each as likely as another before the test. */
const ANSWERS = 8;
/** Heats and times that are tried in thought: every piece is one of them. */
const HEATS = 5;
const TIMES = 9;

/** Something that may be so: a window, and how far off what is asked about is. */
interface World {
  readonly parameters: readonly number[];
  readonly off: number;
  /** Which of the answers it belongs to. */
  readonly answer: number;
}

/** Middles of eight equal shares of the standard normal distribution: where (i + ½) / 8 of it lies below (a table of it). */
const NORMAL_MIDDLES = [
  -1.5341, -0.8871, -0.4888, -0.1573, 0.1573, 0.4888, 0.8871, 1.5341,
] as const;

/** As many windows as wanted, each as likely as another. */
function evenly({ draws }: Window, count: number): readonly (readonly number[])[] {
  const drawn: (readonly number[])[] = [];
  let sum = 0;
  draws.parameters.forEach((parameters, i) => {
    sum += draws.shares[i] ?? 0;
    while (drawn.length < count && (drawn.length + 0.5) / count <= sum + 1e-12)
      drawn.push(parameters);
  });
  return drawn;
}

function worldsOf(window: Window, { ask }: LadderQuestion): readonly World[] {
  if (ask === 'window') {
    // where the middle lies is what settings are chosen by; how sharp its edges are helps nobody
    const byMiddle = [...evenly(window, WORLDS)].sort((a, b) => middleIn(a) - middleIn(b));
    return byMiddle.map((parameters, i) => ({
      ...{ parameters, off: 0 },
      answer: Math.floor((i * ANSWERS) / byMiddle.length),
    }));
  }
  return evenly(window, (WORLDS / ANSWERS) * 2).flatMap((parameters) =>
    NORMAL_MIDDLES.map((z, answer) => ({ parameters, off: z * OFF_SD[ask], answer })),
  );
}

const middleIn = (parameters: readonly number[]): number => thoughtOf(parameters).middle;

/** What a piece comes out as in a world: chances of pale, good and over. */
function chancesIn(
  { parameters, off }: World,
  rung: Setting,
  from: Setting,
  { ask }: LadderQuestion,
) {
  const [byTime = 0, byHeat = 0] = placeOf(rung, from);
  if (ask === 'offset') return chancesBy(parameters, [byTime, byHeat + off / TOLD_IN_K]);
  return chancesBy(parameters, [byTime - off, byHeat]);
}

/** Some of a list, its ends among them. */
const some = <T>(all: readonly T[], count: number): readonly T[] =>
  all.length <= count
    ? all
    : Array.from(
        { length: count },
        (_, i) => all[Math.round((i * (all.length - 1)) / (count - 1))] as T,
      );

const entropyOf = (chances: Float64Array): number =>
  chances.reduce((sum, p) => (p > 0 ? sum - p * log2(p) : sum), 0);

/** Chances of every way the pieces so far may come out, world by world: a row a way. */
type Ways = readonly Float64Array[];

/** The ways with one more piece. @param chances of the piece, for each verdict world by world. */
const withPiece = (ways: Ways, chances: Ways): Ways =>
  ways.flatMap((way) => chances.map((of) => way.map((p, i) => p * (of[i] ?? 0))));

/** What pieces are expected to tell of the answer, bits. */
function bitsOf(ways: Ways, worlds: readonly World[]): number {
  const share = 1 / worlds.length;
  const all = new Float64Array(ways.length);
  const by = Array.from({ length: ANSWERS }, () => new Float64Array(ways.length));
  const per = ANSWERS / worlds.length;
  ways.forEach((way, w) => {
    way.forEach((p, i) => {
      all[w] = (all[w] ?? 0) + p * share;
      const own = by[worlds[i]?.answer ?? 0];
      if (own) own[w] = (own[w] ?? 0) + p * per;
    });
  });
  return entropyOf(all) - by.reduce((sum, own) => sum + entropyOf(own), 0) / ANSWERS;
}

/** How likely the best setting comes out well, chosen anew after every way the pieces may come out. */
function goodAfter(ways: Ways, goods: Ways): number {
  return ways.reduce((sum, way) => {
    const best = goods.reduce((most, good) => {
      const sure = way.reduce((all, p, i) => all + p * (good[i] ?? 0), 0) / way.length;
      return Math.max(most, sure);
    }, 0);
    return sum + best;
  }, 0);
}

/** Test pieces as they may be chosen: every heat with every time. */
const candidates = ({ temperaturesC, dwellsS }: Settable): readonly Setting[] =>
  some(temperaturesC, HEATS).flatMap((temperatureC) =>
    some(dwellsS, TIMES).map((dwellS) => ({ temperatureC, dwellS })),
  );

/**
 * The fewest test pieces that answer a question as well as is worth it: chosen one after the other, each the one that
 * is expected to tell most beside those before.
 * @param most pieces there are to be had.
 */
export function ladderFor(
  window: Window,
  settable: Settable,
  question: LadderQuestion,
  most: number,
): Ladder {
  const worlds = worldsOf(window, question);
  const all = candidates(settable).map((rung) => {
    const each = worlds.map((world) => chancesIn(world, rung, window.from, question));
    return { rung, chances: [0, 1, 2].map((k) => Float64Array.from(each, (of) => of[k] ?? 0)) };
  });
  const goods = all.map(({ chances }) => chances[1] ?? new Float64Array());
  let ways: Ways = [new Float64Array(worlds.length).fill(1)];
  const goodNow = goodAfter(ways, goods);
  const rungs: Setting[] = [];
  let bits = 0;
  let good = goodNow;
  while (rungs.length < Math.min(most, MOST_RUNGS)) {
    if (question.ask === 'window' && good >= ENOUGH_GOOD) break;
    const looked = all
      .filter(({ rung }) => !rungs.includes(rung))
      .map(({ rung, chances }) => {
        const next = withPiece(ways, chances);
        return { rung, next, bits: bitsOf(next, worlds) };
      });
    const best = looked.reduce((top, each) => (each.bits > top.bits ? each : top));
    if (best.bits - bits < WORTH_BITS[question.ask] && rungs.length > 0) break;
    rungs.push(best.rung);
    ({ next: ways, bits } = best);
    good = goodAfter(ways, goods);
  }
  const order = (a: Setting, b: Setting) =>
    (a.temperatureC ?? 0) - (b.temperatureC ?? 0) || a.dwellS - b.dwellS;
  return { rungs: rungs.sort(order), bits, goodNow, goodAfter: good };
}

/** What was asked, as far as test pieces tell: the likeliest and where it lies eight times in ten. K or ln of time. */
export interface Answer {
  readonly likely: number;
  readonly least: number;
  readonly most: number;
}

/**
 * What test pieces say of an offset or another paper, beside what is known of the window.
 * @param came how each piece came out: 0 pale, 1 good, 2 over.
 */
export function answerOf(
  window: Window,
  question: LadderQuestion,
  came: readonly { readonly rung: Setting; readonly verdict: number }[],
): Answer {
  const worlds = worldsOf(window, question);
  const agrees = worlds.map((world) =>
    came.reduce((sum, { rung, verdict }) => {
      const chances = chancesIn(world, rung, window.from, question);
      return sum + Math.log(chances[verdict] ?? 0);
    }, 0),
  );
  const shares = sharesOf(agrees);
  const offs = worlds.map(({ off }) => off);
  return {
    likely: offs.reduce((sum, off, i) => sum + off * (shares[i] ?? 0), 0),
    least: quantile(offs, shares, 0.1),
    most: quantile(offs, shares, 0.9),
  };
}
