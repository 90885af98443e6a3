import { fahrenheitToC, inches } from '@/core/units';

/** What a column of readings can hold, and the figures it may hold: mm, °C or s. */
export const COLUMNS = {
  x: { of: 'length', least: 0, most: 5000 },
  y: { of: 'length', least: 0, most: 5000 },
  display: { of: 'heat', least: 0, most: 400 },
  plate: { of: 'heat', least: 0, most: 400 },
  s: { of: 'time', least: 0, most: 7200 },
} as const;

/** What a column holds. */
export type ColumnName = keyof typeof COLUMNS;

/** Words that head a column, our own and those that thermometers write. */
const NAMES: Readonly<Record<string, ColumnName>> = {
  ...{ x: 'x', y: 'y', display: 'display', set: 'display' },
  ...{ plate: 'plate', t: 'plate', temp: 'plate', temperature: 'plate' },
  ...{ s: 's', sec: 's', seconds: 's', min: 's', minutes: 's', time: 's', elapsed: 's' },
};

const SAME = (figure: number) => figure;
const minutes = (figure: number) => 60 * figure;

/** What a figure in a unit is in ours. */
const UNITS: Readonly<Record<string, Readonly<Record<string, (figure: number) => number>>>> = {
  length: { mm: SAME, cm: (figure) => 10 * figure, in: inches },
  heat: { c: SAME, celsius: SAME, f: fahrenheitToC, fahrenheit: fahrenheitToC },
  time: { s: SAME, sec: SAME, seconds: SAME, min: minutes, minutes },
};

/** A column as its heading names it: what, and how its cells become mm, °C or s; NaN where one is no figure. */
export interface Column {
  readonly name: ColumnName;
  readonly at: number;
  readonly read: (cell: string) => number;
}

/** Stands beside °C or °F and says no more. */
const DEGREES = /^deg(?:ree)?s?$/;

const figureIn = (cell: string): number => {
  const text = cell.trim().replace(',', '.').replace('−', '-');
  return text === '' ? NaN : Number(text);
};

/** Hours, minutes and seconds, or minutes and seconds, as a clock shows them. */
const CLOCK = /^(?:(\d{1,2}):)?(\d{1,2}):(\d{1,2}(?:[.,]\d+)?)(?:\s*([ap])\.?m\.?)?$/i;

/** Seconds that a clock shows, from midnight or from its start; null where it is none. */
export function clockSeconds(cell: string): number | null {
  const found = CLOCK.exec(cell.trim());
  if (!found) return null;
  const [, hours = '0', min = '0', s = '0', half = ''] = found;
  const hour = half === '' ? Number(hours) : (Number(hours) % 12) + (/p/i.test(half) ? 12 : 0);
  return 3600 * hour + 60 * Number(min) + figureIn(s);
}

/**
 * Reads a heading: `plate_F`, `x (mm)`, `Time (min)`, `Temp. [°C]`.
 * @param unit what degrees are in where the heading names no unit.
 * @param first the first cell under it: moments by a clock count from there.
 * @returns null of a heading that is none of ours.
 */
export function columnOf(
  heading: string,
  at: number,
  unit: '°C' | '°F',
  first: string,
): Column | null {
  const all = heading.toLowerCase().match(/[a-z]+/g) ?? [];
  const words = all.filter((word) => !DEGREES.test(word));
  const known = words.find((word) => Object.hasOwn(NAMES, word));
  const name = known === undefined ? undefined : NAMES[known];
  if (name === undefined) return null;
  const units = UNITS[COLUMNS[name].of] ?? {};
  const isUnit = (word: string) => Object.hasOwn(units, word);
  if (!words.every((word) => isUnit(word) || NAMES[word] === name)) return null;
  const usual = COLUMNS[name].of === 'heat' ? unit.slice(1).toLowerCase() : '';
  const toOurs = units[words.findLast(isUnit) ?? usual] ?? SAME;
  const start = name === 's' ? clockSeconds(first) : null;
  return {
    ...{ name, at },
    read: (cell) => (start === null ? toOurs(figureIn(cell)) : (clockSeconds(cell) ?? NaN) - start),
  };
}
