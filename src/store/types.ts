import type { DBSchema, IDBPDatabase } from 'idb';
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
  /** By `rev`: told whether a revision still stands without reading the document. */
  documents: {
    key: [DocumentKind, string];
    value: RawDocument;
    indexes: { rev: [string, string, number]; kind: DocumentKind };
  };
  aside: { key: number; value: AsideDocument };
  arts: { key: string; value: StoredArt };
}

export type BenchDatabase = IDBPDatabase<BenchSchema>;
