import { same, type DocumentKind } from '@/core/model';
import type { Readable } from './document';

/** A document on the bench, as it is compared. */
export interface Here extends Readable {
  /** Its revision, which a document put in its place is based on. */
  readonly rev: number;
}

/** One thing that both sides have, otherwise. */
export interface Clash {
  readonly here: Here;
  readonly there: Readable;
}

/** What bringing a backup in comes to. */
export interface Merge {
  /** What the bench lacks. */
  readonly fresh: readonly Readable[];
  /** What is there already, the same in meaning. */
  readonly known: number;
  readonly clashes: readonly Clash[];
}

const keyOf = ({ kind, id }: { readonly kind: DocumentKind; readonly id: string }) =>
  `${kind}/${id}`;

/** Compares a backup with what lies on the bench. The order of keys means nothing. */
export function mergeOf(here: readonly Here[], there: readonly Readable[]): Merge {
  const lies = new Map(here.map((each) => [keyOf(each), each]));
  const fresh: Readable[] = [];
  const clashes: Clash[] = [];
  let known = 0;
  for (const each of there) {
    const mine = lies.get(keyOf(each));
    if (!mine) fresh.push(each);
    else if (same(mine.body, each.body)) known += 1;
    else clashes.push({ here: mine, there: each });
  }
  return { fresh, known, clashes };
}
