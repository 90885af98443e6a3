import { itemLabels, MOST_LEFT, type Good, type Job, type Paper, type PressRecord } from '../model';
import { keyOf, type Spent, type SpentOf } from './spent';

/** What is at hand: goods by the piece, and papers with what is left of their packs. */
export interface Stock {
  readonly goods: readonly Good[];
  readonly papers: readonly Paper[];
}

/** How many are left, and how they are bought; null where it is not known. */
export function atHand({ goods, papers }: Stock, of: SpentOf): Pick<Good, 'left' | 'pack'> {
  if (of.kind !== 'paper') {
    const good = goods.find((each) => keyOf(each.of) === keyOf(of));
    return { left: good?.left ?? null, pack: good?.pack ?? null };
  }
  const product = papers.find(({ id }) => id === of.paperId)?.product;
  const pack = product?.pack;
  return {
    left: product?.left ?? null,
    pack: pack ? { count: pack.sheets, price: pack.price } : null,
  };
}

/** Something there is not enough of. */
export interface Shortage extends Spent {
  readonly left: number;
  readonly missing: number;
  /** Packs to buy, and what they cost as far as that is known; null where packs are not known. */
  readonly packs: number | null;
  readonly price: number | null;
}

/** What runs short, of all that is counted. */
export const shortOf = (needed: readonly Spent[], stock: Stock): Shortage[] =>
  needed.flatMap((spent): Shortage[] => {
    const { left, pack } = atHand(stock, spent.of);
    if (left === null || left >= spent.count) return [];
    const missing = spent.count - left;
    const packs = pack ? Math.ceil(missing / pack.count) : null;
    const price = pack?.price != null && packs !== null ? packs * pack.price : null;
    return [{ ...spent, left, missing, packs, price }];
  });

/** Blanks that were spoiled: by the piece where rows of a job came out differently. */
export interface Spoiled {
  readonly blankId: string;
  readonly name: string;
  /** Below zero where a second heat saved one. */
  readonly count: number;
}

/** The blanks of a job that were spoiled, by how it and those of its rows that differ came out. */
export function spoiledIn(job: Job, told: Pick<PressRecord, 'outcome' | 'items'>): Spoiled[] {
  const { id: blankId, name } = job.blank;
  const labels = itemLabels(job);
  const count = job.items.reduce((sum, { copies }, row) => {
    const own = told.items.find(({ variant }) => variant === labels[row]);
    return sum + ((own ?? told).outcome === 'spoiled' ? copies : 0);
  }, 0);
  return count > 0 ? [{ blankId, name, count }] : [];
}

/**
 * The blank that a second heat spoiled, or saved where it had been told of as spoiled.
 * @param before how the job came out before it; null where that is not known.
 */
export function spoiledAgain(
  job: Job,
  before: Pick<PressRecord, 'outcome' | 'items'> | null,
  outcome: PressRecord['outcome'],
): Spoiled[] {
  const was = before !== null && spoiledIn(job, before).length > 0 ? 1 : 0;
  const count = (outcome === 'spoiled' ? 1 : 0) - was;
  return count === 0 ? [] : [{ blankId: job.blank.id, name: job.blank.name, count }];
}

/** A change of the stock: what has to be kept of it. */
export interface Booked {
  readonly goods: readonly Good[];
  readonly papers: readonly Paper[];
}

const less = (left: number, count: number): number =>
  Math.min(MOST_LEFT, Math.max(0, left - count));

/**
 * What has been used up, taken off what is left; what is not counted stays uncounted.
 * @param spoiled blanks that are kept to try things on, by their identity.
 */
export function booked(
  { goods, papers }: Stock,
  spent: readonly Spent[],
  spoiled: readonly Spoiled[] = [],
): Booked {
  const changed = new Map<string, Good>();
  const known = (of: Good['of']) =>
    changed.get(keyOf(of)) ?? goods.find((each) => keyOf(each.of) === keyOf(of));
  const sheets: Paper[] = [];
  for (const { of, count } of spent) {
    if (of.kind === 'paper') {
      const paper = papers.find(({ id }) => id === of.paperId);
      const left = paper?.product?.left ?? null;
      if (paper?.product && left !== null)
        sheets.push({ ...paper, product: { ...paper.product, left: less(left, count) } });
      continue;
    }
    const good = known(of);
    if (good && good.left !== null)
      changed.set(keyOf(of), { ...good, left: less(good.left, count) });
  }
  for (const { blankId, name, count } of spoiled) {
    const of = { kind: 'blank' as const, blankId };
    const good = known(of) ?? { id: keyOf(of), of, name, left: null, pack: null, test: 0 };
    changed.set(keyOf(of), { ...good, test: Math.min(MOST_LEFT, Math.max(0, good.test + count)) });
  }
  return { goods: [...changed.values()], papers: sheets };
}
