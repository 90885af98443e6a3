import { CAUSE_IDS, type Cause, type Fault } from '../model';
import { CAUSES, EVER_SEEN, EVIDENCE, SELDOM_SEEN, type Evidence } from './causes';

/** What was seen and what was not; what is not told is not known. */
export type Seen = Partial<Readonly<Record<Evidence, boolean>>>;

/** One cause, how likely it is among all, and what speaks for and against it. */
export interface Suspect {
  readonly cause: Cause;
  /** 0–1, all causes together 1. */
  readonly share: number;
  readonly speaksFor: readonly Evidence[];
  readonly speaksAgainst: readonly Evidence[];
}

/** A fault that a cause is not known to bring is seen this often all the same (own choice). */
const HARDLY = 0.01;
/** Evidence that makes a cause this much more (or less) likely is named (own choice). */
const NAMED_FROM = 1.5;

/** A cause that was found makes it so much more often, beside `often`: two of them outweigh a rare one (own choice). */
const FOUND_COUNTS = 3;

/** How likely something is seen with a cause. */
const likely = (cause: Cause, evidence: Evidence): number =>
  CAUSES[cause].shows[evidence] ?? EVER_SEEN[evidence] ?? SELDOM_SEEN;

/** How much likelier what was seen of one thing is with a cause than in general. */
function ratio(cause: Cause, evidence: Evidence, was: boolean): number {
  const [own, ever] = [likely(cause, evidence), EVER_SEEN[evidence] ?? SELDOM_SEEN];
  return was ? own / ever : (1 - own) / (1 - ever);
}

const seenOf = (seen: Seen): readonly (readonly [Evidence, boolean])[] =>
  EVIDENCE.flatMap((evidence) => {
    const was = seen[evidence];
    return was === undefined ? [] : [[evidence, was] as const];
  });

/** How likely each cause is by the faults and what was seen, all together 1 (Bayes' rule, things seen taken one by one). */
function sharesOf(
  faults: readonly Fault[],
  seen: Seen,
  confirmed: readonly Cause[],
): ReadonlyMap<Cause, number> {
  const weights = CAUSE_IDS.map((cause) => {
    const { often, faults: brings } = CAUSES[cause];
    const prior = often + FOUND_COUNTS * confirmed.filter((each) => each === cause).length;
    const byFaults = faults.reduce((product, fault) => product * (brings[fault] ?? HARDLY), 1);
    const bySeen = seenOf(seen).reduce((product, [e, was]) => product * ratio(cause, e, was), 1);
    return prior * byFaults * bySeen;
  });
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  return new Map(CAUSE_IDS.map((cause, i) => [cause, (weights[i] ?? 0) / (all || 1)]));
}

/**
 * Causes behind faults, the likeliest first, with what speaks for and against each.
 * @param confirmed causes that were found to be behind earlier ones: they count more.
 */
export function diagnose(
  faults: readonly Fault[],
  seen: Seen,
  confirmed: readonly Cause[] = [],
): readonly Suspect[] {
  return [...sharesOf(faults, seen, confirmed)]
    .sort(([, a], [, b]) => b - a)
    .map(([cause, share]) => {
      const by = (least: (r: number) => boolean) =>
        seenOf(seen)
          .filter(([evidence, was]) => least(ratio(cause, evidence, was)))
          .map(([evidence]) => evidence);
      return {
        ...{ cause, share },
        speaksFor: by((r) => r >= NAMED_FROM),
        speaksAgainst: by((r) => r <= 1 / NAMED_FROM),
      };
    });
}

const entropy = (shares: Iterable<number>): number =>
  [...shares].reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0);

/** Questions that tell less than this are not worth asking, bits. */
const WORTH_BITS = 0.08;

/**
 * What to look at next: the things not told yet whose answer is expected to tell most, the best first.
 * @param most how many.
 */
export function askNext(faults: readonly Fault[], seen: Seen, most: number): readonly Evidence[] {
  const shares = sharesOf(faults, seen, []);
  const now = entropy(shares.values());
  return EVIDENCE.filter((evidence) => seen[evidence] === undefined)
    .map((evidence) => {
      const yes = [...shares].reduce((sum, [cause, p]) => sum + p * likely(cause, evidence), 0);
      const after = [true, false].map((was) =>
        entropy(sharesOf(faults, { ...seen, [evidence]: was }, []).values()),
      );
      return { evidence, bits: now - yes * (after[0] ?? 0) - (1 - yes) * (after[1] ?? 0) };
    })
    .filter(({ bits }) => bits >= WORTH_BITS)
    .sort((a, b) => b.bits - a.bits)
    .slice(0, most)
    .map(({ evidence }) => evidence);
}
