import type { PressRecord } from '../model';

/** What a log can be narrowed to. */
export const FACETS = [
  'blankName',
  'transfer',
  'machineName',
  'paperName',
  'printerName',
  'outcome',
] as const;
/** What a log can be narrowed by. */
export type Facet = (typeof FACETS)[number];

/** What it is narrowed to; what is not named may be anything. */
export type LogFilter = Partial<Readonly<Record<Facet, string>>>;

/** The records that a filter leaves, in the order they came. */
export const narrowed = (
  records: readonly PressRecord[],
  filter: LogFilter,
): readonly PressRecord[] => {
  const asked = FACETS.filter((facet) => filter[facet] !== undefined);
  return asked.length === 0
    ? records
    : records.filter((record) => asked.every((facet) => record[facet] === filter[facet]));
};

/** What there is to choose from in a log: of each facet its values, the commonest first; none where all are the same. */
export function choicesIn(
  records: readonly PressRecord[],
): Readonly<Record<Facet, readonly string[]>> {
  const of = (facet: Facet) => {
    const counts = new Map<string, number>();
    for (const record of records) {
      const value = record[facet];
      if (value !== null) counts.set(value, (counts.get(value) ?? 0) + 1);
    }
    const values = [...counts]
      .sort(([a, n], [b, m]) => m - n || a.localeCompare(b))
      .map(([value]) => value);
    return values.length > 1 ? values : [];
  };
  return {
    blankName: of('blankName'),
    transfer: of('transfer'),
    machineName: of('machineName'),
    paperName: of('paperName'),
    printerName: of('printerName'),
    outcome: of('outcome'),
  };
}

const DAY_MS = 24 * 3600 * 1000;

/** Something in the life of a piece: when, in days since it was pressed, and what was seen. */
export interface LifeEntry {
  readonly at: string;
  readonly days: number;
  readonly text: string;
}

/** What was seen of a piece since it was pressed, from the first on. */
export const lifeOf = ({ at, later }: Pick<PressRecord, 'at' | 'later'>): readonly LifeEntry[] =>
  [...later]
    .sort((a, b) => a.at.localeCompare(b.at))
    .map((entry) => ({
      ...entry,
      days: Math.max(0, Math.round((Date.parse(entry.at) - Date.parse(at)) / DAY_MS)),
    }));
