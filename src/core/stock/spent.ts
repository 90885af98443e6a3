import {
  areTestPieces,
  thingsIn,
  type Good,
  type Job,
  type LayerMaterial,
  type Program,
} from '../model';
import type { JobPlan } from '../plan';

/** What is used up: a good by the piece, or sheets of a paper. */
export type SpentOf = Good['of'] | { readonly kind: 'paper'; readonly paperId: string };

/** So many of it. */
export interface Spent {
  readonly of: SpentOf;
  readonly name: string;
  readonly count: number;
}

/** Layers that are bought to be spent; prints, film and vinyl are sheets, and what is pressed is a blank. */
export const SPENT_LAYERS = [
  ...(['cover-paper', 'paper-sleeve', 'shrink-sleeve', 'card', 'release-sheet'] as const),
  ...(['cover-sheet', 'soft-pad'] as const),
] as const satisfies readonly LayerMaterial[];
/** A layer that is bought to be spent. */
export type SpentLayer = (typeof SPENT_LAYERS)[number];
const isSpent = (is: string): is is SpentLayer => SPENT_LAYERS.some((each) => each === is);

/** One and the same thing has one and the same key. */
export const keyOf = (of: SpentOf): string =>
  of.kind === 'blank'
    ? `blank-${of.blankId}`
    : of.kind === 'paper'
      ? `paper-${of.paperId}`
      : `supply-${of.is}`;

/** Several lists as one, the same things added. */
export function added(lists: readonly (readonly Spent[])[]): Spent[] {
  const all = new Map<string, Spent>();
  for (const spent of lists.flat()) {
    const key = keyOf(spent.of);
    const before = all.get(key);
    all.set(key, before ? { ...before, count: before.count + spent.count } : spent);
  }
  return [...all.values()];
}

/** Everything a job uses up: blanks, sheets of every pass, and the layers that are spent. */
export function spentBy(job: Job, plan: JobPlan): Spent[] {
  const passes = [plan, ...plan.further.map(({ own }) => own)];
  const sheets = passes.flatMap(({ tools, sheets: own, film }): Spent[] => [
    { of: { kind: 'paper', paperId: tools.paper.id }, name: tools.paper.name, count: own.length },
    ...(film
      ? [
          {
            of: { kind: 'paper' as const, paperId: film.paper.id },
            name: film.paper.name,
            count: film.sheets.length,
          },
        ]
      : []),
  ]);
  const supplies = plan.press.supplies.flatMap(({ is, count }): Spent[] =>
    count === null || !isSpent(is) ? [] : [{ of: { kind: 'supply', is }, name: is, count }],
  );
  const blanks: Spent = {
    of: { kind: 'blank', blankId: job.blank.id },
    name: job.blank.name,
    // test pieces go on scrap and spoiled ones, not on what is left
    count: areTestPieces(job) ? 0 : thingsIn(job),
  };
  return added([[blanks], sheets, supplies]).filter(({ count }) => count > 0);
}
/** What the second heat of one thing uses up: its cover and its sleeve, for blank and print are there. */
export const spentAgain = ({ operations }: Program): Spent[] =>
  added(
    operations.map(({ uses }) =>
      uses.flatMap(({ is, count }): Spent[] =>
        isSpent(is) && count > 0 ? [{ of: { kind: 'supply', is }, name: is, count }] : [],
      ),
    ),
  );

/** What so many of a job's things use up of what all of them do: blanks by the piece, the rest by its share. */
export const shareOf = (spent: readonly Spent[], things: number, all: number): Spent[] =>
  spent
    .map((each) => ({ ...each, count: Math.round((each.count * things) / Math.max(1, all)) }))
    .filter(({ count }) => count > 0);
