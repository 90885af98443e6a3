import type { PressRecord } from '../model';
import { comparableDwellS } from './insight';
import { heatVerdict, type HeatVerdict } from './window';
import { teaches } from './record';

const { exp, log } = Math;

/** How often something came out off the heat, of how many. */
export interface OffShare {
  readonly off: number;
  readonly of: number;
}

/** A machine that has begun to heat otherwise than it did. */
export interface Drift {
  /** Cooler: what came out well is pale of late; hotter: it is too much. */
  readonly to: 'cooler' | 'hotter';
  /** The first pressing of those that tell of it. */
  readonly since: string;
  readonly lately: OffShare;
  readonly before: OffShare;
  /** How likely it is that it really is more than before. */
  readonly sure: number;
}

/** Pressings of late that are looked at: at least and at most; and before them at least (own choice). */
const LATELY = { least: 3, most: 10 } as const;
const BEFORE = 4;
/** Good ones that make a setting one that is known to come out well (own choice). */
const KNOWN = 2;
/** Surer than this it is said (own choice; steady machines are then accused in a few of a hundred logs). */
const SURE = 0.985;
/** What is thought of a machine beforehand: one in five is off the heat (own choice). */
const THOUGHT = { off: 1, right: 4 } as const;

/** ln (n − 1)!, of whole numbers. */
function lnGamma(n: number): number {
  let sum = 0;
  for (let i = 2; i < n; i++) sum += log(i);
  return sum;
}
const lnBeta = (a: number, b: number): number => lnGamma(a) + lnGamma(b) - lnGamma(a + b);

/** How likely one share is larger than another, both known from counts (two beta distributions of whole parameters). */
export function likelyMore(one: OffShare, than: OffShare): number {
  const [a, b] = [than.off + THOUGHT.off, than.of - than.off + THOUGHT.right];
  const [c, d] = [one.off + THOUGHT.off, one.of - one.off + THOUGHT.right];
  let sum = 0;
  for (let i = 0; i < c; i++)
    sum += exp(lnBeta(a + i, b + d) - log(d + i) - lnBeta(1 + i, d) - lnBeta(a, b));
  return sum;
}

/** Pressings at settings that are known to come out well, from the first on. */
function atKnownSettings(records: readonly PressRecord[]) {
  const good = new Map<string, number>();
  const kept: { at: string; verdict: HeatVerdict }[] = [];
  for (const record of [...records].sort((a, b) => a.at.localeCompare(b.at))) {
    const verdict = heatVerdict(record);
    if (!verdict || record.test || !teaches(record)) continue;
    const { blankId, blankName, transfer, temperatureC, at } = record;
    const degrees = temperatureC === null ? 'fixed' : Math.round(temperatureC);
    const key = [
      blankId ?? blankName,
      transfer,
      degrees,
      Math.round(comparableDwellS(record)),
    ].join('|');
    const times = good.get(key) ?? 0;
    if (times >= KNOWN || verdict === 'good') kept.push({ at, verdict });
    if (verdict === 'good') good.set(key, times + 1);
  }
  return kept;
}

/**
 * Whether a machine has begun to heat otherwise: of late more came out pale, or too much, at settings that came out well
 * before.
 * @param records of one machine, of any blank.
 */
export function driftIn(records: readonly PressRecord[]): Drift | null {
  const kept = atKnownSettings(records);
  const found: Drift[] = [];
  for (const [to, verdict] of [
    ['cooler', 'pale'],
    ['hotter', 'over'],
  ] as const)
    for (let n = LATELY.least; n <= Math.min(LATELY.most, kept.length - BEFORE); n++) {
      const [before, lately] = [kept.slice(0, -n), kept.slice(-n)].map((some) => ({
        off: some.filter((each) => each.verdict === verdict).length,
        of: some.length,
      }));
      const since = kept.at(-n)?.at;
      if (!before || !lately || since === undefined) continue;
      found.push({ to, since, lately, before, sure: likelyMore(lately, before) });
    }
  const [surest] = found.sort((a, b) => b.sure - a.sure);
  return surest && surest.sure >= SURE ? surest : null;
}
