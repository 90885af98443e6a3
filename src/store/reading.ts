import { readDocument, type DocumentKind, type Documents } from '@/core/model';
import { documentFaultWords } from '@/words/documents';
import type { AsideDocument, BenchDatabase, BenchStore, RawDocument } from './types';

/** A document that could be read, with the revision it is of. */
export interface Kept<K extends DocumentKind> {
  readonly kind: K;
  readonly id: string;
  readonly rev: number;
  readonly savedAt: string;
  readonly body: Documents[K];
}

/** A document that cannot be read here, and why. */
export interface Unreadable {
  readonly raw: AsideDocument;
  /** Whether a newer Lucky Sheet wrote it; else it is damaged. */
  readonly newer: boolean;
  readonly reason: string;
}

export type Found<K extends DocumentKind> =
  { readonly ok: true; readonly kept: Kept<K> } | { readonly ok: false; readonly lost: Unreadable };

/** Reads a document as it lies in the database. */
export function found<K extends DocumentKind>(raw: RawDocument): Found<K> {
  const { id, rev, savedAt, version, body } = raw;
  const kind = raw.kind as K;
  const read = readDocument(kind, version, body);
  return read.ok
    ? { ok: true, kept: { kind, id, rev, savedAt, body: read.value } }
    : {
        ok: false,
        lost: { raw, newer: read.reason.code === 'newer', reason: documentFaultWords(read.reason) },
      };
}

/** One document; null when there is none. */
export async function loadDocument<K extends DocumentKind>(
  store: BenchStore,
  kind: K,
  id: string,
): Promise<Found<K> | null> {
  const raw = await store.use((db) => db.get('documents', [kind, id]));
  return raw ? found<K>(raw) : null;
}

/**
 * So many documents are read at once: years of pressings, taken in one go, would hold the page up. The first few tell
 * the reader of their kind what it is, which takes longest (own choices).
 */
const PORTION = 100;
const FIRST_PORTION = 4;

/** Keys of documents between two others, both left out; an empty list sorts behind every id, and as a kind behind every kind (Indexed Database API 3.0, §2.4). */
export type Span = readonly [behind: readonly unknown[], before: readonly unknown[]];

/** The keys of one kind. */
export const spanOf = (kind: DocumentKind): Span => [[kind], [kind, []]];

/** Reads what lies in a span, portion by portion, as it was at one moment. */
export async function readInPortions<T>(
  db: BenchDatabase,
  [behind, before]: Span,
  read: (raw: RawDocument) => T,
): Promise<T[]> {
  const documents = db.transaction('documents').store;
  const portionBehind = (after: readonly unknown[], most: number) =>
    documents.getAll(IDBKeyRange.bound(after, before, true, true), most);
  const results: T[] = [];
  let most = FIRST_PORTION;
  let coming = portionBehind(behind, most);
  for (;;) {
    const portion: readonly RawDocument[] = await coming;
    const last = portion[most - 1];
    most = Math.min(PORTION, 2 * most);
    // the next one comes while this one is read
    if (last) coming = portionBehind([last.kind, last.id], most);
    results.push(...portion.map(read));
    if (!last) return results;
  }
}

/** All documents of a kind, also those that cannot be read. */
export const readDocuments = <K extends DocumentKind>(
  store: BenchStore,
  kind: K,
): Promise<Found<K>[]> =>
  store.use((db) => readInPortions(db, spanOf(kind), (raw) => found<K>(raw)));

/** Those that could be read. */
export const readable = <K extends DocumentKind>(all: readonly Found<K>[]): Kept<K>[] =>
  all.flatMap((one) => (one.ok ? [one.kept] : []));

/** All documents of a kind that can be read. */
export const listDocuments = async <K extends DocumentKind>(
  store: BenchStore,
  kind: K,
): Promise<Kept<K>[]> => readable(await readDocuments(store, kind));

/** So many documents of a kind that carry a moment (`at`) and can be read, the latest first. */
export async function latestDocuments<K extends DocumentKind>(
  store: BenchStore,
  kind: K,
  most: number,
): Promise<Kept<K>[]> {
  return store.use(async (db) => {
    const index = db.transaction('documents').store.index('at');
    const [behind, before] = spanOf(kind);
    const latest: Kept<K>[] = [];
    let cursor = await index.openCursor(IDBKeyRange.bound(behind, before), 'prev');
    while (cursor && latest.length < most) {
      const one = found<K>(cursor.value);
      if (one.ok) latest.push(one.kept);
      cursor = await cursor.continue();
    }
    return latest;
  });
}
