import Papa from 'papaparse';
import { MOST_MOMENTS, MOST_PLACES, type Readings } from '@/core/model';
import { failure, success, type Result } from '@/core/result';
import { columnOf, COLUMNS, type Column, type ColumnName } from './readingColumns';

/** A longer text is no list of readings, letters. */
export const MOST_READINGS_LETTERS = 200_000;

/** Headings where none are written: a list of seconds and readings in the display's unit. */
const PLAIN = (unit: '°C' | '°F') => ['s', `plate_${unit.slice(1)}`];

type Row = Readonly<Partial<Record<ColumnName, number>>>;

function readRow(cells: readonly string[], columns: readonly Column[], line: number): Result<Row> {
  const row: Partial<Record<ColumnName, number>> = {};
  for (const { name, at, read } of columns) {
    const cell = cells[at] ?? '';
    const figure = read(cell);
    const { least, most } = COLUMNS[name];
    if (!(figure >= least && figure <= most))
      return failure(
        `Line ${line}: “${cell.trim().slice(0, 20)}” is no figure for ${name} that can be.`,
      );
    row[name] = figure;
  }
  return success(row);
}

/** The rows of a text, numbers split at semicolons, tabs or commas; remarks and what a table program notes for itself left out. */
function rowsOf(text: string): string[][] {
  const rows = text.trim().replace(/^sep=.\s*/i, '');
  const delimiter = [';', '\t'].find((each) => rows.includes(each)) ?? ',';
  return Papa.parse<string[]>(rows, { delimiter, skipEmptyLines: 'greedy', comments: '#' }).data;
}

/**
 * Reads readings of a thermometer or strips as CSV: `x_mm, y_mm, display_C, plate_C` over the plate, or `s, plate_C`
 * over one pressing; cm, in, F and min are understood, and how thermometers head what they log (`Time, Temp`), moments by a clock
 * from the first on; two columns without headings are a pressing, its clock from the closing on.
 * @param unit what degrees are in that say no unit.
 * @returns the places or the moments, the other empty; or which line cannot be read.
 */
export function readReadings(text: string, unit: '°C' | '°F'): Result<Readings> {
  if (text.length > MOST_READINGS_LETTERS)
    return failure(`More than ${MOST_READINGS_LETTERS} letters: this is no list of readings.`);
  const [head, ...rest] = rowsOf(text);
  if (!head) return failure('There is no reading in it.');
  const plain = head.every((cell) => /^[\s\d:.,−-]*$/.test(cell));
  const headings = plain ? PLAIN(unit) : head;
  const lines = plain ? [head, ...rest] : rest;
  const columns: Column[] = [];
  for (const [at, heading] of headings.entries()) {
    const first = lines[0]?.[at] ?? '';
    // who writes minutes and seconds by hand counts from the closing on
    const column = columnOf(heading, at, unit, plain && first.includes(':') ? '0:00' : first);
    if (column && !columns.some(({ name }) => name === column.name)) columns.push(column);
  }
  const has = (...names: ColumnName[]) =>
    names.every((name) => columns.some((column) => column.name === name));
  const [ofPlaces, ofPressing] = [has('x', 'y', 'display', 'plate'), has('s', 'plate')];
  if (!ofPlaces && !ofPressing)
    return failure(
      'The first line must name its columns: “x_mm, y_mm, display_C, plate_C”, or “s, plate_C” for a pressing.',
    );
  const most = ofPlaces ? MOST_PLACES : MOST_MOMENTS;
  if (lines.length > most) return failure(`${lines.length} readings; at most ${most} are taken.`);
  const rows: Row[] = [];
  for (const [i, cells] of lines.entries()) {
    const row = readRow(cells, columns, i + (plain ? 1 : 2));
    if (!row.ok) return row;
    rows.push(row.value);
  }
  const at = (row: Row, name: ColumnName) => row[name] ?? 0;
  return success({
    places: ofPlaces
      ? rows.map((row) => ({
          ...{ xMm: at(row, 'x'), yMm: at(row, 'y') },
          ...{ displayC: at(row, 'display'), plateC: at(row, 'plate') },
        }))
      : [],
    pressing: ofPlaces ? [] : rows.map((row) => ({ s: at(row, 's'), plateC: at(row, 'plate') })),
  });
}

const fixed = (figure: number): string => String(Math.round(100 * figure) / 100);

/** The places of a plate as CSV that `readReadings` reads, mm and °C. */
export const writePlaces = ({ places }: Readings): string =>
  Papa.unparse({
    fields: ['x_mm', 'y_mm', 'display_C', 'plate_C'],
    data: places.map(({ xMm, yMm, displayC, plateC }) => [xMm, yMm, displayC, plateC].map(fixed)),
  });
