import type { Findings } from './findings';
import type { Fix } from './fixes';
import type { Nothing, Station } from './vocabulary';

/** `stop`: pressing now would spoil something. `warn`: take care. `note`: good to know. */
export type Level = 'stop' | 'warn' | 'note';

/** A kind of finding: where it is put right, and, as a type alone, what it tells: quantities and identities. */
export interface Kind<Facts extends object> {
  readonly station: Station;
  /** Never there: it carries the type. */
  readonly facts?: Facts;
}
/** Kinds of findings by their codes. */
type Kinds<K> = Readonly<Record<keyof K, Kind<object>>>;
/** What a finding of a kind tells. */
export type FactsOf<K extends Kind<object>> = K extends Kind<infer Facts> ? Facts : never;

/** A kind of finding that tells such facts (none where nothing is said) and is put right at a station. */
export const at = <Facts extends object = Nothing>(station: Station): Kind<Facts> => ({ station });

/** A finding as a rule makes it; which pass it is of is told by who asks the rule. */
export interface FoundAs<Code extends string, Facts extends object> {
  readonly code: Code;
  /** Its code, with what it is about where it may be found more than once. */
  readonly id: string;
  readonly level: Level;
  readonly station: Station;
  readonly facts: Facts;
  /** On how many more pictures of the same place it is found, or worse was found than on them. */
  readonly more: number;
  /** What settles it, the likeliest first; none where none can be offered. */
  readonly fixes: readonly Fix[];
}
/** A finding of one of some kinds. */
export type FoundOf<K extends Kinds<K>> = {
  [C in keyof K & string]: FoundAs<C, FactsOf<K[C]>>;
}[keyof K & string];
/** A rule over the whole plan that finds some kinds of things; silent (empty) when all is well. */
export type RuleOf<K extends Kinds<K>> = (findings: Findings) => FoundOf<K>[];

interface More {
  /** What it is about: a placement, a piece, a face. */
  readonly of?: string;
  /** Where it is put right, if elsewhere than its kind usually is. */
  readonly station?: Station;
  readonly fixes?: readonly (Fix | null)[];
}

/** Makes findings of some kinds. */
export const finder =
  <K extends Kinds<K>>(kinds: K) =>
  <C extends keyof K & string>(
    code: C,
    level: Level,
    facts: FactsOf<K[C]>,
    { of, station, fixes = [] }: More = {},
  ): FoundAs<C, FactsOf<K[C]>> => ({
    code,
    id: of === undefined ? code : `${code}-${of}`,
    level,
    station: station ?? kinds[code].station,
    facts,
    more: 0,
    fixes: fixes.filter((fix) => fix !== null),
  });
