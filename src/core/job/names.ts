import { MAX_NAMES, type Artwork, type Job } from '../model';
import { failure, success, type Result } from '../result';
import { keepUsedArt } from './edit';

/** Longest name a piece is labelled with. */
const MAX_LENGTH = 120;

/** Why a list of names cannot be taken; in words: `words/documents`. */
export type NamesFault =
  | { readonly code: 'none' }
  | { readonly code: 'too-many'; readonly names: number; readonly most: number }
  | { readonly code: 'too-long'; readonly name: string; readonly most: number };

/**
 * Names from rows of a table: the first column that is not empty, repeats kept, since two guests may
 * share a name.
 * @returns why the list cannot be taken, or the names in their order.
 */
export function namesFrom(rows: readonly (readonly string[])[]): Result<string[], NamesFault> {
  const names = rows
    .map((cells) => cells.map((cell) => cell.trim()).find((cell) => cell !== '') ?? '')
    .filter((name) => name !== '');
  if (names.length === 0) return failure({ code: 'none' });
  if (names.length > MAX_NAMES) {
    return failure({ code: 'too-many', names: names.length, most: MAX_NAMES });
  }
  const long = names.find((name) => name.length > MAX_LENGTH);
  if (long) {
    return failure({ code: 'too-long', name: long, most: MAX_LENGTH });
  }
  return success(names);
}

/** Gives a placement its lettering for every name of the job; the first one stands on the stage. */
export function withLettering(
  job: Job,
  placementId: string,
  names: readonly string[],
  perName: readonly Artwork[],
): Job {
  const shas = perName.map(({ sha256 }) => sha256);
  const [first] = perName;
  const fresh = new Map(perName.map((art) => [art.sha256, art]));
  const placements = job.placements.map((each) => {
    if (each.id !== placementId || !first) return each;
    const sizing = first.realMm
      ? { mode: 'exact' as const, ...first.realMm, locked: true }
      : each.sizing;
    return { ...each, artSha256: first.sha256, sizing, perName: names.length > 0 ? shas : [] };
  });
  const arts = [...job.arts.filter(({ sha256 }) => !fresh.has(sha256)), ...fresh.values()];
  return keepUsedArt({ ...job, names: [...names], placements, arts });
}
