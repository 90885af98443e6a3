import type { IDBPDatabase, IDBPTransaction } from 'idb';
import { SHELF_KINDS, SHELF_LISTS, isRaw, type DocumentKind, type Raw } from '@/core/model';
import type { AsideDocument, BenchSchema, RawDocument } from './types';

const numberOr = (value: unknown, otherwise: number): number =>
  typeof value === 'number' ? value : otherwise;
const textOr = (value: unknown, otherwise: string): string =>
  typeof value === 'string' ? value : otherwise;

/** Runs said no version; their shape was the same from the first to the third. */
const RUN_VERSION = 3;
/** A version no build ever wrote: what carries it is kept, and read by none. */
const NO_VERSION = 0;

/** One old entry as a document; what is not where it should be stays in the body, whole. */
function documentOf(kind: DocumentKind, id: string, entry: Raw, body: unknown): RawDocument {
  return {
    ...{ kind, id },
    rev: Math.max(1, Math.floor(numberOr(entry.rev, 1))),
    savedAt: textOr(entry.savedAt, ''),
    version: body === undefined ? NO_VERSION : numberOr(entry.schemaVersion, NO_VERSION),
    body: body === undefined ? entry : body,
  };
}

/** The things of the shelf, which was one entry; an entry of another shape is set aside whole. */
function shelfDocuments(entry: Raw): (RawDocument | AsideDocument)[] {
  const aside: AsideDocument = {
    ...documentOf('blank', textOr(entry.id, 'own'), entry, undefined),
    kind: 'shelf',
  };
  const { shelf } = entry;
  if (!isRaw(shelf)) return [aside];
  const lists = SHELF_LISTS.map((list) => [list, shelf[list] ?? []] as const);
  const whole = lists.every(
    ([, things]) =>
      Array.isArray(things) &&
      things.every((thing) => isRaw(thing) && typeof thing.id === 'string'),
  );
  if (!whole) return [aside];
  return lists.flatMap(([list, things]) =>
    (things as Raw[]).map((thing) =>
      documentOf(SHELF_KINDS[list], thing.id as string, { ...entry, rev: 1 }, thing),
    ),
  );
}

type Old = 'jobs' | 'runs' | 'records' | 'shelf';
const OLD: readonly Old[] = ['jobs', 'runs', 'records', 'shelf'];

const FROM_OLD: Record<Old, (id: string, entry: Raw) => (RawDocument | AsideDocument)[]> = {
  jobs: (id, entry) => [documentOf('job', id, entry, entry.job)],
  runs: (id, entry) => [documentOf('run', id, { ...entry, schemaVersion: RUN_VERSION }, entry)],
  records: (id, entry) => [documentOf('record', id, entry, entry.record)],
  shelf: (_id, entry) => shelfDocuments(entry),
};

type Change = IDBPTransaction<BenchSchema, ('arts' | 'documents' | 'aside')[], 'versionchange'>;

/** Brings a bench of database version 1 or 2, with a store for each kind, to one store of documents. */
export async function gatherDocuments(
  db: IDBPDatabase<BenchSchema>,
  change: unknown,
): Promise<void> {
  const to = change as Change;
  // the stores of old are in no schema any more
  const from = change as {
    objectStore: (name: string) => {
      getAll(): Promise<unknown[]>;
      getAllKeys(): Promise<unknown[]>;
    };
  };
  const names = db.objectStoreNames as unknown as DOMStringList;
  for (const name of OLD.filter((each) => names.contains(each))) {
    const store = from.objectStore(name);
    const [entries, keys] = [await store.getAll(), await store.getAllKeys()];
    for (const [i, entry] of entries.entries()) {
      const documents = FROM_OLD[name](String(keys[i]), isRaw(entry) ? entry : { entry });
      for (const document of documents) {
        if (document.kind === 'shelf') await to.objectStore('aside').add(document);
        else await to.objectStore('documents').put(document as RawDocument);
      }
    }
    (db as unknown as IDBDatabase).deleteObjectStore(name);
  }
}
