import { MAX_COPIES, MAX_ITEMS } from '../model';
import { failure, success, type Result } from '../result';

/** Longest name a piece is labelled with. */
const MAX_LENGTH = 120;

/** Why a list of names cannot be taken; in words: `words/documents`. */
export type NamesFault =
  | { readonly code: 'none' }
  | { readonly code: 'too-many'; readonly names: number; readonly most: number }
  | { readonly code: 'too-long'; readonly name: string; readonly most: number };

/** Which column of a table the names are from: its place from 1 among those that hold anything, its heading where it has one. */
export interface NamesColumn {
  readonly nth: number;
  readonly of: number;
  readonly heading: string | null;
}

/** How many are made for each name, as a column of a table says. */
export interface CopiesColumn {
  readonly heading: string;
  /** One for each name; null where the column cannot be read as whole numbers. */
  readonly copies: readonly number[] | null;
}

/** Which size each is made in, as a column of a table says: one cell for each name, as it stands there. */
export interface SizesColumn {
  readonly heading: string;
  readonly cells: readonly string[];
}

/** Names in their order, repeats kept, since two guests may share a name. */
export interface NameList {
  readonly names: readonly string[];
  /** Null where no column says so. */
  readonly each: CopiesColumn | null;
  /** Null where no column says so. */
  readonly sizes: SizesColumn | null;
  /** Null where no table was told apart: nothing was left out. */
  readonly column: NamesColumn | null;
}

/** What the first line of a table of names may say that is nobody's name; the best first. */
const HEADINGS = [
  /^(?:full |guest |player |child |student )?names?:?$/i,
  /^(?:first|given) names?:?$/i,
  /^(?:last|family) names?:?$/i,
];
/** What a column of a table may be called besides: “Your name”, “Name on the mug”. */
const COLUMN_HEADING = /\bnames?\b/i;
const isHeading = (cell: string): boolean => HEADINGS.some((heading) => heading.test(cell));

/** What a column is called that says how many are made. */
const COPIES_HEADING =
  /^(?:copies|qty\.?|quantity|how many\b.*|count|pieces|pcs\.?|amount|number of (?:copies|pieces|mugs|shirts|tees)):?$/i;

/** What a column is called that says which size: “Size”, “T-shirt size”, “Size of tee”. */
const SIZES_HEADING = /\bsizes?\b/i;

/** Signs that take no room, which come along from web pages. */
const UNSEEN = /[\u200B\u2060\uFEFF]/g;
const tidy = (cell: string): string => cell.replace(UNSEEN, '').replace(/\s+/g, ' ').trim();

const hasLetters = (cell: string): boolean => /\p{L}/u.test(cell);

const NUMBERED = /^\(?(\d+)[.)]\s+(?=\S)/;
const BULLET = /^[-–•*]\s+(?=\S)/;

/** A list's own numbers or bullets are nobody's name. */
function withoutMarks(names: readonly string[]): readonly string[] {
  const first = Number(NUMBERED.exec(names[0] ?? '')?.[1]);
  const counted = names.every((name, i) => Number(NUMBERED.exec(name)?.[1]) === first + i);
  if (names.length > 1 && counted) return names.map((name) => name.replace(NUMBERED, ''));
  const dotted = names.length > 1 && names.every((name) => BULLET.test(name));
  return dotted ? names.map((name) => name.replace(BULLET, '')) : names;
}

/** Names that nothing else is told of. */
const alone = (names: readonly string[], column: NamesColumn | null = null): NameList => ({
  ...{ names, each: null, sizes: null, column },
});

/** The column that a heading calls names; without one, the first in which letters stand, or the first that holds anything. */
function columnOf(rows: readonly (readonly string[])[]): NameList {
  const width = rows.reduce((most, { length }) => Math.max(most, length), 0);
  const used = Array.from({ length: width }, (_, column) => column).filter((column) =>
    rows.some((cells) => cells[column]),
  );
  const [top = []] = rows;
  const headings = used.length > 1 ? [...HEADINGS, COLUMN_HEADING] : HEADINGS;
  const called = headings
    .map((heading) => top.findIndex((cell) => heading.test(cell)))
    .find((column) => column >= 0);
  const lettered = used.find((column) => {
    const filled = rows.flatMap((cells) => cells[column] || []);
    return filled.filter(hasLetters).length * 2 > filled.length;
  });
  const column = called ?? lettered ?? used[0] ?? 0;
  const heading = called === undefined ? null : (top[called] ?? null);
  const told = { nth: used.indexOf(column) + 1, of: used.length, heading };
  if (heading === null) {
    // a row that begins further right is nobody's loss
    const names = rows.map((cells) => cells[column] || (cells.find(hasLetters) ?? ''));
    return alone(names.filter(Boolean), used.length > 1 ? told : null);
  }
  const people = rows.slice(1).filter((cells) => cells[column]);
  return {
    names: people.map((cells) => cells[column] ?? ''),
    each: copiesOf(top, people),
    sizes: sizesOf(top, people, column),
    column: used.length > 1 ? told : null,
  };
}

/** How many are made for each row of a table, where a column says so; an empty cell is one. */
function copiesOf(
  top: readonly string[],
  rows: readonly (readonly string[])[],
): CopiesColumn | null {
  const column = top.findIndex((cell) => COPIES_HEADING.test(cell));
  const heading = top[column];
  if (heading === undefined) return null;
  const copies = rows.map((cells) => Number(cells[column] || 1));
  const readable = copies.every(
    (each) => Number.isInteger(each) && each >= 1 && each <= MAX_COPIES,
  );
  return { heading, copies: readable ? copies : null };
}

/** Which size each row of a table says, in another column than the names’. */
function sizesOf(
  top: readonly string[],
  rows: readonly (readonly string[])[],
  names: number,
): SizesColumn | null {
  const column = top.findIndex((cell, nth) => nth !== names && SIZES_HEADING.test(cell));
  const heading = top[column];
  return heading === undefined
    ? null
    : { heading, cells: rows.map((cells) => cells[column] ?? '') };
}

function listed(table: readonly (readonly string[])[], lines: readonly string[]): NameList {
  const rows = table.map((cells) => cells.map(tidy)).filter((cells) => cells.some(Boolean));
  const [top = []] = rows;
  if (rows.length === 0) return alone([]);
  // “Mira, Theo, Ana”: nobody writes one guest's row like that
  if (rows.length === 1 && !top.some(isHeading)) return alone(top.filter(Boolean));
  const even = rows.every(({ length }) => length === top.length);
  const isTable = even || top.some(isHeading) || lines.some((line) => line.includes('\t'));
  return isTable ? columnOf(rows) : alone(lines.map(tidy).filter(Boolean));
}

/**
 * Names from what was typed, pasted or read from a file: one a line, all on one line, or a column of a table.
 * @param table the lines cut into cells; @param lines the same lines as they stand.
 * @returns why the list cannot be taken, or its names.
 */
export function namesFrom(
  table: readonly (readonly string[])[],
  lines: readonly string[],
): Result<NameList, NamesFault> {
  const { names: told, ...more } = listed(table, lines);
  const names = withoutMarks(told);
  if (names.length === 0) return failure({ code: 'none' });
  if (names.length > MAX_ITEMS) {
    return failure({ code: 'too-many', names: names.length, most: MAX_ITEMS });
  }
  const long = names.find((name) => name.length > MAX_LENGTH);
  if (long) {
    return failure({ code: 'too-long', name: long, most: MAX_LENGTH });
  }
  return success({ names, ...more });
}

/** Names as they are shown to be edited, one a line, so that `namesFrom` reads the same ones again. */
export const namesAsText = (names: readonly string[]): string =>
  names
    .map((name) => (/[,;|"\t]/.test(name) ? `"${name.replaceAll('"', '""')}"` : name))
    .join('\n');
