import type { Fault, Outcome, PressRecord } from '../model';
import { mayOverrun } from '../press';

/** Times that are not what was set are told to so many s (own choice: nobody sets a timer more finely). */
const STEP_S = 5;

/**
 * The time a pressing is compared and repeated by, s: what was set, where it ended no further off than does
 * no harm; else what it was, to the nearest five seconds.
 */
export function comparableDwellS({ program, transfer, dwellS }: PressRecord): number {
  const set = program?.passes.find((pass) => pass.transfer === transfer)?.settings.dwellS;
  if (set === undefined) return dwellS;
  return Math.abs(dwellS - set) <= mayOverrun(set)
    ? set
    : Math.max(STEP_S, STEP_S * Math.round(dwellS / STEP_S));
}

/** Whether two settings are the same to whoever sets a display and a timer: to 1 °C and 1 s. */
export const isSameSetting = (
  one: Pick<SettingTally, 'temperatureC' | 'dwellS'>,
  other: Pick<SettingTally, 'temperatureC' | 'dwellS'>,
): boolean =>
  Math.round(one.dwellS) === Math.round(other.dwellS) &&
  Math.round(one.temperatureC ?? 0) === Math.round(other.temperatureC ?? 0);

/** All pressings that went the same way: one machine, temperature to 1 °C, time to 1 s. */
export interface SettingTally {
  readonly machineName: string;
  readonly temperatureC: number | null;
  readonly dwellS: number;
  readonly counts: Readonly<Record<Outcome, number>>;
  readonly total: number;
}

/** Groups records by the settings they were pressed at, best share of good ones first. */
export function tally(records: readonly PressRecord[]): SettingTally[] {
  const groups = new Map<string, PressRecord[]>();
  for (const record of records) {
    const degrees = record.temperatureC === null ? 'fixed' : Math.round(record.temperatureC);
    const key = [record.machineName, degrees, Math.round(comparableDwellS(record))].join('|');
    const own = groups.get(key);
    if (own) own.push(record);
    else groups.set(key, [record]);
  }
  const count = (group: PressRecord[], outcome: Outcome) =>
    group.filter((record) => record.outcome === outcome).length;
  return [...groups.values()]
    .flatMap((group) => {
      const [first] = group;
      if (!first) return [];
      const { machineName, temperatureC } = first;
      const counts = {
        good: count(group, 'good'),
        usable: count(group, 'usable'),
        spoiled: count(group, 'spoiled'),
      };
      const dwellS = comparableDwellS(first);
      return [{ machineName, temperatureC, dwellS, counts, total: group.length }];
    })
    .sort((a, b) => b.counts.good / b.total - a.counts.good / a.total || b.total - a.total);
}

/** Fewest pressings at one setting before anything is concluded from them (own choice). */
export const ENOUGH = 2;

/** The fault written down most often, with how often; null when there is none. */
export function commonestFault(
  records: readonly PressRecord[],
): { fault: Fault; times: number } | null {
  const times = new Map<Fault, number>();
  for (const fault of records.flatMap(({ faults, test }) => (test ? [] : faults))) {
    times.set(fault, (times.get(fault) ?? 0) + 1);
  }
  const [first] = [...times].sort(([, a], [, b]) => b - a);
  return first ? { fault: first[0], times: first[1] } : null;
}
