import {
  commonestFault,
  ENOUGH,
  tally,
  type LifeEntry,
  type LogKind,
  type SettingTally,
} from '@/core/log';
import type { PressRecord } from '@/core/model';
import { formatDuration, formatTemperature, type UnitStyle } from './units';
import { FAULT_WORDS } from './faults';
import { transferName } from './transfers';

/** What the log teaches, in a sentence or two; says so when it is too early to tell. */
export function logLesson(records: readonly PressRecord[], units: UnitStyle): string {
  const best = tally(records).find(({ total }) => total >= ENOUGH);
  const commonest = commonestFault(records);
  const lead =
    best && best.counts.good > 0
      ? `Best so far: ${settingWords(best, units)} on “${best.machineName}”, ${best.counts.good} of ${best.total} good.`
      : 'Too few pressings at one setting to say what works best yet.';
  if (!commonest) return lead;
  const [label, cause] = FAULT_WORDS[commonest.fault];
  const often = commonest.times === 1 ? 'once' : `${commonest.times} times`;
  return `${lead} Commonest fault: ${label.toLowerCase()}, ${often}; usually ${cause}.`;
}

/** How long after its pressing something was seen of a piece, e.g. `after 3 weeks`. */
export function lifeWords({ days }: Pick<LifeEntry, 'days'>): string {
  if (days === 0) return 'the same day';
  if (days === 1) return 'the day after';
  if (days < 14) return `after ${days} days`;
  if (days < 60) return `after ${Math.round(days / 7)} weeks`;
  return days < 365
    ? `after ${Math.round(days / 30.4)} months`
    : `after ${(days / 365.25).toFixed(1)} years`;
}

/** A setting in words, e.g. `400 °F · 3 min`. */
export const settingWords = (
  s: Pick<SettingTally, 'temperatureC' | 'dwellS'>,
  units: UnitStyle,
): string =>
  `${s.temperatureC === null ? 'fixed heat' : formatTemperature(s.temperatureC, units.temperature)} · ${formatDuration(s.dwellS)}`;

/** What was pressed by what, e.g. `Straight mug, 12 oz, sublimation print (16)`. */
export const kindWords = ({ blankName, transfer, records }: LogKind): string =>
  `${blankName}${transfer === null ? '' : `, ${transferName(transfer)}`} (${records.length})`;
