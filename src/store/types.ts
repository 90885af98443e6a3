import type { DBSchema, IDBPDatabase } from 'idb';
import type { StoreApi } from 'zustand/vanilla';
import type { DocumentKind } from '@/core/model';

/** The two benches: the user's own work, and the demo that never mixes with it. */
export const BENCHES = ['own', 'demo'] as const;
export type BenchName = (typeof BENCHES)[number];

/** A document as it lies in the database; its body is not trusted before it was read. */
export interface RawDocument {
  readonly kind: DocumentKind;
  readonly id: string;
  /** Counts the saves; a save based on an older one is a conflict. */
  readonly rev: number;
  readonly savedAt: string;
  /** Version of its kind that it was written as. */
  readonly version: number;
  readonly body: unknown;
}

/** What could not be read and had to make room, kept whole. */
export interface AsideDocument extends Omit<RawDocument, 'kind'> {
  readonly kind: DocumentKind | 'shelf';
  readonly key?: number;
}

/** A picture file, once per content, with a small upright preview of it. */
export interface StoredArt {
  readonly sha256: string;
  readonly addedAt: string;
  readonly blob: Blob;
  readonly preview: Blob;
}

export interface BenchSchema extends DBSchema {
  /** By `rev`: told whether a revision still stands without reading the document. By `at`: what has a moment, in order. */
  documents: {
    key: [DocumentKind, string];
    value: RawDocument;
    indexes: { rev: [string, string, number]; kind: DocumentKind; at: [string, string] };
  };
  aside: { key: number; value: AsideDocument };
  arts: { key: string; value: StoredArt };
}

export type BenchDatabase = IDBPDatabase<BenchSchema>;

/** A document that was written or removed (`rev` null). */
export interface Change {
  readonly kind: DocumentKind;
  readonly id: string;
  readonly rev: number | null;
}

/**
 * `waiting`: another tab holds an older layout open. `outdated`: a newer Lucky Sheet has taken the bench
 * over, this tab can save no more.
 */
export type BenchCondition = 'open' | 'waiting' | 'outdated';

/** A bench's storage: opened again when it was closed under the app, and heard by all tabs. */
export interface BenchStore {
  readonly name: BenchName;
  readonly condition: StoreApi<BenchCondition>;
  /** How often the bench was found empty and laid out afresh since it was opened here. */
  readonly laidOut: () => number;
  /** Does something with the database. */
  readonly use: <T>(work: (db: BenchDatabase) => Promise<T>) => Promise<T>;
  /** Tells other tabs, and listeners here, what was written. */
  readonly tell: (changes: readonly Change[]) => void;
  /** Hears of changes; `elsewhere` when another tab made them. Returns the end of it. */
  readonly hear: (listener: (changes: readonly Change[], elsewhere: boolean) => void) => () => void;
  readonly close: () => void;
}
