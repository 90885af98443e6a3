import { FAULTS, type Fault, type Outcome, type PressRecord } from '../model';
import { formatDuration, formatTemperature, type UnitStyle } from '../units';

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
    const key = [record.machineName, degrees, Math.round(record.dwellS)].join('|');
    groups.set(key, [...(groups.get(key) ?? []), record]);
  }
  const count = (group: PressRecord[], outcome: Outcome) =>
    group.filter((record) => record.outcome === outcome).length;
  return [...groups.values()]
    .flatMap((group) => {
      const [first] = group;
      if (!first) return [];
      const { machineName, temperatureC, dwellS } = first;
      const counts = {
        good: count(group, 'good'),
        usable: count(group, 'usable'),
        spoiled: count(group, 'spoiled'),
      };
      return [{ machineName, temperatureC, dwellS, counts, total: group.length }];
    })
    .sort((a, b) => b.counts.good / b.total - a.counts.good / a.total || b.total - a.total);
}

/** Fewest pressings at one setting before a sentence is drawn from them (own choice). */
const ENOUGH = 2;

/** The fault written down most often, with how often; null when there is none. */
export function commonestFault(
  records: readonly PressRecord[],
): { fault: Fault; times: number } | null {
  const times = new Map<Fault, number>();
  for (const fault of records.flatMap(({ faults }) => faults)) {
    times.set(fault, (times.get(fault) ?? 0) + 1);
  }
  const [first] = [...times].sort(([, a], [, b]) => b - a);
  return first ? { fault: first[0], times: first[1] } : null;
}

/** What the log teaches, in a sentence or two; says so when it is too early to tell. */
export function logLesson(records: readonly PressRecord[], units: UnitStyle): string {
  const best = tally(records).find(({ total }) => total >= ENOUGH);
  const commonest = commonestFault(records);
  const lead =
    best && best.counts.good > 0
      ? `Best so far: ${settingWords(best, units)} on “${best.machineName}”, ${best.counts.good} of ${best.total} good.`
      : 'Too few pressings at one setting to say what works best yet.';
  if (!commonest) return lead;
  const [label, cause] = FAULTS[commonest.fault];
  const often = commonest.times === 1 ? 'once' : `${commonest.times} times`;
  return `${lead} Commonest fault: ${label.toLowerCase()}, ${often}; usually ${cause}.`;
}

/** A setting in words, e.g. `400 °F · 3 min`. */
export const settingWords = (
  s: Pick<SettingTally, 'temperatureC' | 'dwellS'>,
  units: UnitStyle,
): string =>
  `${s.temperatureC === null ? 'fixed heat' : formatTemperature(s.temperatureC, units.temperature)} · ${formatDuration(s.dwellS)}`;
