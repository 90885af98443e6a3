import { MAX_ITEMS } from '../model';
import { failure, success, type Result } from '../result';

/** Longest name a piece is labelled with. */
const MAX_LENGTH = 120;

/** Why a list of names cannot be taken; in words: `words/documents`. */
export type NamesFault =
  | { readonly code: 'none' }
  | { readonly code: 'too-many'; readonly names: number; readonly most: number }
  | { readonly code: 'too-long'; readonly name: string; readonly most: number };

/** What the first line of a table of names may say that is nobody's name. */
const HEADING = /^(?:first |full |last )?names?:?$/i;

/**
 * Names from rows of a table: the first column that is not empty, repeats kept, since two guests may
 * share a name; a heading is none.
 * @returns why the list cannot be taken, or the names in their order.
 */
export function namesFrom(rows: readonly (readonly string[])[]): Result<string[], NamesFault> {
  const names = rows
    .map((cells) => cells.map((cell) => cell.trim()).find((cell) => cell !== '') ?? '')
    .filter((name, i) => name !== '' && !(i === 0 && HEADING.test(name)));
  if (names.length === 0) return failure({ code: 'none' });
  if (names.length > MAX_ITEMS) {
    return failure({ code: 'too-many', names: names.length, most: MAX_ITEMS });
  }
  const long = names.find((name) => name.length > MAX_LENGTH);
  if (long) {
    return failure({ code: 'too-long', name: long, most: MAX_LENGTH });
  }
  return success(names);
}
