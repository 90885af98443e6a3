import type { Station } from '../check';
import type { Fault, PressRecord } from '../model';

/** Where each fault can still be prevented (common practice). */
export const FAULT_STATIONS: Readonly<Record<Fault, Station>> = {
  ghost: 'press',
  blurred: 'heat',
  faded: 'heat',
  'faded-first-side': 'art',
  'white-edge': 'art',
  'seam-gap': 'sheets',
  'dark-line': 'sheets',
  specks: 'press',
  'tape-patch': 'press',
  backwards: 'sheets',
  'upside-down': 'press',
  scorched: 'heat',
  cracked: 'heat',
  clipped: 'sheets',
  vanished: 'art',
  streaks: 'sheets',
  'roller-tracks': 'sheets',
  'halves-swapped': 'press',
  register: 'press',
  rim: 'art',
  peeling: 'heat',
  'sleeve-stuck': 'press',
  wrinkles: 'press',
  scratched: 'press',
  stretched: 'art',
  'low-resolution': 'art',
};

/** A fault that was suffered with things alike: when last, and how often. */
export interface Suffered {
  readonly fault: Fault;
  readonly lastAt: string;
  readonly times: number;
}

/** Faults told of at one station, at most. */
const MOST_TOLD = 2;

/** Faults once suffered that a station can prevent, the commonest first. */
export function sufferedAt(
  station: Station,
  records: readonly Pick<PressRecord, 'at' | 'faults' | 'test'>[],
): readonly Suffered[] {
  const found = new Map<Fault, Suffered>();
  for (const { at, faults, test } of records)
    for (const fault of test ? [] : faults) {
      if (FAULT_STATIONS[fault] !== station) continue;
      const known = found.get(fault) ?? { fault, lastAt: at, times: 0 };
      const lastAt = known.lastAt > at ? known.lastAt : at;
      found.set(fault, { fault, lastAt, times: known.times + 1 });
    }
  return [...found.values()]
    .sort((a, b) => b.times - a.times || b.lastAt.localeCompare(a.lastAt))
    .slice(0, MOST_TOLD);
}
