import type { Cause, Fault, PressRecord } from '../../model';
import { comparableDwellS } from '../insight';
import type { Observation } from './ordinal';
import { teaches } from '../record';

/** How a pressing came out as far as heat is concerned, in order: too little, right, too much. */
export const HEAT_VERDICTS = ['pale', 'good', 'over'] as const;
/** How a pressing came out as far as heat is concerned. */
export type HeatVerdict = (typeof HEAT_VERDICTS)[number];

/** Faults that tell of too little heat, and of too much (common practice). */
const TELLS: Partial<Readonly<Record<Fault, HeatVerdict>>> = {
  faded: 'pale',
  peeling: 'pale',
  scorched: 'over',
};

/** How a verdict of a test piece is written down: its result, and the fault it shows. */
export function toldAs(
  verdict: HeatVerdict,
  isDye: boolean,
): Pick<PressRecord, 'outcome' | 'faults'> {
  if (verdict === 'good') return { outcome: 'good', faults: [] };
  if (verdict === 'over') return { outcome: 'spoiled', faults: ['scorched'] };
  return { outcome: 'spoiled', faults: [isDye ? 'faded' : 'peeling'] };
}

/** Causes that are the heat itself; any other found behind a fault takes its word away. */
const HEAT_CAUSES: ReadonlySet<Cause> = new Set([
  ...(['plate-reads-low', 'not-hot-yet', 'too-short', 'set-too-cool'] as const),
  ...(['too-hot', 'too-long', 'too-little-pressure'] as const),
]);

/** Why a pressing counts less than another. */
export type CountsLess =
  'another-paper' | 'another-printer' | 'another-pressure' | 'heat-not-named';

/** How much a pressing counts that was otherwise in one thing (own choice). */
const SHARE: Readonly<Record<CountsLess, number>> = {
  'another-paper': 0.5,
  'another-printer': 0.7,
  'another-pressure': 0.6,
  'heat-not-named': 0.5,
};

/** A pressing that counts less for each year that it is old: machines drift (own choice). */
const YEARLY_SHARE = 0.8;
const YEAR_MS = 365.25 * 24 * 3600 * 1000;

/** What is pressed now, as far as earlier pressings are held against it. */
export interface Now {
  readonly machineId: string;
  readonly paperId: string;
  readonly printerId: string;
  readonly pressure: PressRecord['pressure'];
  /** When it is, as records are dated. */
  readonly at: string;
}

/** A pressing as the window learns from it. */
export interface Tried {
  readonly recordId: string;
  /** °C; null where the machine's program is fixed. */
  readonly temperatureC: number | null;
  readonly dwellS: number;
  readonly verdict: HeatVerdict;
  /** How much it counts, from 0 to 1. */
  readonly weight: number;
  /** Whether it was a test piece, and on the paper at hand. */
  readonly test: boolean;
  readonly thisPaper: boolean;
}

/** What a record says of its heat; null where it says nothing, such as of one that was mirrored. */
export function heatVerdict({ faults, outcome, cause }: PressRecord): HeatVerdict | null {
  if (outcome === 'good') return 'good';
  if (cause !== null && !HEAT_CAUSES.has(cause)) return null;
  const told = faults.flatMap((fault) => TELLS[fault] ?? []);
  const [first] = told;
  if (first) return told.every((each) => each === first) ? first : null;
  // spoiled by something else that was seen: its colours were not called pale or brown
  return faults.length > 0 ? 'good' : null;
}

function weightOf(record: PressRecord, now: Now): number {
  const less: CountsLess[] = [];
  if (record.paperId !== now.paperId) less.push('another-paper');
  if (record.printerId !== now.printerId) less.push('another-printer');
  if (record.pressure !== now.pressure) less.push('another-pressure');
  if (record.outcome !== 'good' && !record.faults.some((fault) => fault in TELLS))
    less.push('heat-not-named');
  const years = Math.max(0, Date.parse(now.at) - Date.parse(record.at)) / YEAR_MS;
  return less.reduce((share, why) => share * SHARE[why], YEARLY_SHARE ** years);
}

/**
 * What pressings of one blank by one transfer say of the heat on the machine at hand.
 * @param records of that blank and transfer, on any machine.
 */
export const triedOn = (records: readonly PressRecord[], now: Now): readonly Tried[] =>
  records
    .filter((record) => record.machineId === now.machineId && teaches(record))
    .flatMap((record) => {
      const verdict = heatVerdict(record);
      if (!verdict) return [];
      const { id: recordId, temperatureC, test } = record;
      const thisPaper = record.paperId === now.paperId;
      const weight = weightOf(record, now);
      const dwellS = comparableDwellS(record);
      return [{ recordId, temperatureC, dwellS, verdict, weight, test, thisPaper }];
    });

/** A setting that others are told from: °C (null where the program is fixed), s. */
export interface Setting {
  readonly temperatureC: number | null;
  readonly dwellS: number;
}

/** Degrees that temperatures are told in, K. */
export const TOLD_IN_K = 10;

/** What a setting is to the regression: ln of its time over that of another, and tens of degrees from it. */
export const placeOf = ({ temperatureC, dwellS }: Setting, from: Setting): readonly number[] => [
  Math.log(dwellS / from.dwellS),
  ((temperatureC ?? from.temperatureC ?? 0) - (from.temperatureC ?? temperatureC ?? 0)) / TOLD_IN_K,
];

/** Pressings as the regression takes them. */
export const observationsOf = (tried: readonly Tried[], from: Setting): readonly Observation[] =>
  tried.map((each) => ({
    x: placeOf(each, from),
    category: HEAT_VERDICTS.indexOf(each.verdict),
    weight: each.weight,
  }));
