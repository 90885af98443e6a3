import { deleteDB, openDB } from 'idb';
import { gatherDocuments } from './layout';
import type { BenchDatabase, BenchName, BenchSchema } from './types';

const DATABASE_VERSION = 4;
const databaseName = (bench: BenchName): string => `lucky-sheet-${bench}`;

/** What happens to an open database from outside. */
export interface DatabaseEvents {
  /** Another tab holds an older layout open, and this one has to wait for it. */
  readonly onBlocked: () => void;
  /** The connection is no more; `newer` when a newer Lucky Sheet lays the bench out anew. */
  readonly onClosed: (newer: boolean) => void;
  /** It was not there and has been laid out. */
  readonly onLaidOut: () => void;
}

/** Opens (and lays out, or brings forward) a bench's database. Rejects where storage is refused. */
export const openDatabase = (bench: BenchName, events: DatabaseEvents): Promise<BenchDatabase> =>
  openDB<BenchSchema>(databaseName(bench), DATABASE_VERSION, {
    upgrade(db, old, _new, change) {
      if (old < 1) {
        db.createObjectStore('arts', { keyPath: 'sha256' });
        events.onLaidOut();
      }
      if (old < 3) {
        const documents = db.createObjectStore('documents', { keyPath: ['kind', 'id'] });
        documents.createIndex('rev', ['kind', 'id', 'rev']);
        documents.createIndex('kind', 'kind');
        db.createObjectStore('aside', { keyPath: 'key', autoIncrement: true });
      }
      if (old < 4) change.objectStore('documents').createIndex('at', ['kind', 'body.at']);
      // what cannot be carried over whole is not carried over at all: the old layout stays
      if (old > 0 && old < 3) gatherDocuments(db, change).catch(() => change.abort());
    },
    blocked: events.onBlocked,
    blocking(_old, next, event) {
      (event.target as IDBDatabase).close();
      events.onClosed(next !== null);
    },
    terminated: () => events.onClosed(false),
  });

/** Removes a bench and everything on it. */
export const wipeBench = (bench: BenchName): Promise<void> => deleteDB(databaseName(bench));
