import { DOCUMENTS, jobProblem, type DocumentKind, type Documents } from '@/core/model';
import { complaints } from '@/words/documents';
import { found, type Found } from './reading';
import type { AsideDocument, BenchDatabase, BenchStore, Change } from './types';

/** A change to be written: `body` null removes; `baseRev` is what it is based on, 0 for a new one. */
export interface Write<K extends DocumentKind = DocumentKind> {
  readonly kind: K;
  readonly id: string;
  readonly body: Documents[K] | null;
  readonly baseRev: number;
  /** When it was saved, where that was not just now: what comes back from a backup. */
  readonly savedAt?: string;
}

export type SaveOutcome<K extends DocumentKind = DocumentKind> =
  | { readonly kind: 'saved'; readonly revs: readonly number[] }
  /** Someone else saved in between, or took it away (`stored` null); nothing was written. */
  | { readonly kind: 'conflict'; readonly at: number; readonly stored: Found<K> | null };

/** A body that its own reader would refuse is never stored: a mistake of the program. */
function demandValid({ kind, body }: Write): void {
  if (body === null) return;
  const problem =
    kind === 'job'
      ? jobProblem(body as Documents['job'])
      : (DOCUMENTS[kind].schema.safeParse(body).error?.issues ?? null);
  if (problem) throw new TypeError(`A ${kind} was not stored: ${complaints(problem)}.`);
}

type Transaction = ReturnType<typeof openTransaction>;
const openTransaction = (db: BenchDatabase) => db.transaction(['documents', 'aside'], 'readwrite');

/** Whether a change may be written; what cannot be read makes room for a new one, kept whole. */
async function clash(
  tx: Transaction,
  { kind, id, baseRev }: Write,
): Promise<Found<DocumentKind> | null | 'none'> {
  const documents = tx.objectStore('documents');
  if (baseRev > 0) {
    const stands = await documents.index('rev').getKey([kind, id, baseRev]);
    if (stands !== undefined) return 'none';
  }
  const raw = await documents.get([kind, id]);
  if (!raw) return baseRev === 0 ? 'none' : null;
  const other = found(raw);
  if (baseRev === 0 && !other.ok) {
    await tx.objectStore('aside').add(raw);
    return 'none';
  }
  return other;
}

/**
 * Writes changes, all or none, if each still stands at the revision it is based on; compared and
 * written in one transaction, so that two tabs cannot both win.
 * @throws TypeError when a body is not valid for its kind.
 */
export async function saveDocuments(
  store: BenchStore,
  writes: readonly Write[],
  now = new Date(),
): Promise<SaveOutcome> {
  writes.forEach(demandValid);
  const outcome = await store.use(async (db): Promise<SaveOutcome> => {
    const tx = openTransaction(db);
    const revs: number[] = [];
    try {
      for (const [at, write] of writes.entries()) {
        const { kind, id, body, baseRev } = write;
        const stored = await clash(tx, write);
        if (stored !== 'none') {
          tx.abort();
          await tx.done.catch(() => undefined); // aborted here, on purpose
          return { kind: 'conflict', at, stored };
        }
        revs.push(baseRev + 1);
        if (body === null) await tx.objectStore('documents').delete([kind, id]);
        else
          await tx.objectStore('documents').put({
            ...{ kind, id, rev: baseRev + 1, savedAt: write.savedAt ?? now.toISOString() },
            ...{ version: DOCUMENTS[kind].version, body },
          });
      }
      await tx.done;
    } catch (error) {
      tx.done.catch(() => undefined); // what went wrong is told once
      throw error;
    }
    return { kind: 'saved', revs };
  });
  if (outcome.kind === 'saved')
    store.tell(
      writes.map(({ kind, id, body }, i): Change => {
        return { kind, id, rev: body === null ? null : (outcome.revs[i] ?? 0) };
      }),
    );
  return outcome;
}

/** Writes one change; see `saveDocuments`. */
export async function saveDocument<K extends DocumentKind>(
  store: BenchStore,
  write: Write<K>,
  now = new Date(),
): Promise<SaveOutcome<K>> {
  return (await saveDocuments(store, [write as Write], now)) as SaveOutcome<K>;
}

/**
 * Takes a document away as it lies, readable or not.
 * @returns it, to be put back by `restoreRaw`; null when there was none.
 */
export async function removeRaw(
  store: BenchStore,
  raw: Pick<AsideDocument, 'kind' | 'id' | 'key'>,
): Promise<AsideDocument | null> {
  const { kind, id, key } = raw;
  const removed = await store.use(async (db) => {
    const tx = openTransaction(db);
    const aside = tx.objectStore('aside');
    const documents = tx.objectStore('documents');
    const one =
      key !== undefined
        ? await aside.get(key)
        : kind === 'shelf'
          ? undefined
          : await documents.get([kind, id]);
    if (key !== undefined) await aside.delete(key);
    else if (kind !== 'shelf') await documents.delete([kind, id]);
    await tx.done;
    return one ?? null;
  });
  if (removed && kind !== 'shelf') store.tell([{ kind, id, rev: null }]);
  return removed;
}

/** Puts back what `removeRaw` took away, unless its place is taken by now. */
export async function restoreRaw(store: BenchStore, raw: AsideDocument): Promise<boolean> {
  const restored = await store.use(async (db) => {
    const tx = openTransaction(db);
    const { kind, key, id } = raw;
    let free = true;
    if (key !== undefined) await tx.objectStore('aside').put(raw);
    else if (kind !== 'shelf') {
      free = (await tx.objectStore('documents').getKey([kind, id])) === undefined;
      if (free) await tx.objectStore('documents').put({ ...raw, kind });
    }
    await tx.done;
    return free;
  });
  const { kind, id, rev, key } = raw;
  if (restored && key === undefined && kind !== 'shelf') store.tell([{ kind, id, rev }]);
  return restored;
}
