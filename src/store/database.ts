import { deleteDB, openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Job, PressRecord, Shelf } from '@/core/model';
import type { Run } from '@/core/press';

/** The two benches: the user's own work, and the demo that never mixes with it. */
export const BENCHES = ['own', 'demo'] as const;
export type BenchName = (typeof BENCHES)[number];

export interface StoredJob {
  readonly id: string;
  /** Counts the saves; a save based on an older one is a conflict. */
  readonly rev: number;
  readonly savedAt: string;
  readonly schemaVersion: number;
  readonly job: Job;
}

/** A picture file, once per content, with a small upright preview of it. */
export interface StoredArt {
  readonly sha256: string;
  readonly addedAt: string;
  readonly blob: Blob;
  readonly preview: Blob;
}

interface BenchSchema extends DBSchema {
  /** By `rev`, its id and revision: told whether one still stands without reading all of a job. */
  jobs: { key: string; value: StoredJob; indexes: { rev: [string, number] } };
  arts: { key: string; value: StoredArt };
  runs: { key: string; value: Run };
  records: { key: string; value: { id: string; schemaVersion: number; record: PressRecord } };
  shelf: { key: string; value: { id: 'own'; schemaVersion: number; shelf: Shelf } };
}

export type BenchDatabase = IDBPDatabase<BenchSchema>;

const DATABASE_VERSION = 2;
const databaseName = (bench: BenchName): string => `lucky-sheet-${bench}`;

/** Opens (and on first use lays out) a bench's database. Rejects where storage is refused. */
export const openBench = (bench: BenchName): Promise<BenchDatabase> =>
  openDB<BenchSchema>(databaseName(bench), DATABASE_VERSION, {
    upgrade(db, old, _new, change) {
      if (old < 1) {
        db.createObjectStore('jobs', { keyPath: 'id' });
        db.createObjectStore('arts', { keyPath: 'sha256' });
        db.createObjectStore('runs', { keyPath: 'jobId' });
        db.createObjectStore('records', { keyPath: 'id' });
        db.createObjectStore('shelf', { keyPath: 'id' });
      }
      if (old < 2) change.objectStore('jobs').createIndex('rev', ['id', 'rev']);
    },
    blocking(_old, _new, event) {
      (event.target as IDBDatabase).close();
    },
  });

/** Removes a bench and everything on it. */
export const wipeBench = (bench: BenchName): Promise<void> => deleteDB(databaseName(bench));
