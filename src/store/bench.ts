import { createStore, type StoreApi } from 'zustand/vanilla';
import type { DocumentKind } from '@/core/model';
import { openDatabase } from './database';
import type { BenchDatabase, BenchName } from './types';

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

const isClosed = (error: unknown): boolean =>
  error instanceof DOMException &&
  (error.name === 'InvalidStateError' || error.name === 'NotFoundError');

/**
 * Opens a bench. Rejects where storage is refused.
 * @param condition kept up to date from the first moment, while the opening itself has to wait too.
 */
export async function openBench(
  name: BenchName,
  condition: StoreApi<BenchCondition> = createStore<BenchCondition>(() => 'open'),
): Promise<BenchStore> {
  let laidOut = 0;
  let opened: Promise<BenchDatabase> | null = null;
  const open = (): Promise<BenchDatabase> => {
    opened ??= openDatabase(name, {
      onBlocked: () => condition.setState('waiting', true),
      onClosed: (newer) => {
        opened = null;
        if (newer) condition.setState('outdated', true);
      },
      onLaidOut: () => laidOut++,
    }).then(
      (db) => {
        if (condition.getState() === 'waiting') condition.setState('open', true);
        return db;
      },
      (error: unknown) => {
        opened = null;
        if (error instanceof DOMException && error.name === 'VersionError')
          condition.setState('outdated', true);
        throw error;
      },
    );
    return opened;
  };
  await open();

  let closed = false;
  const channel = new BroadcastChannel(`lucky-sheet-${name}`);
  const listeners = new Set<(changes: readonly Change[], elsewhere: boolean) => void>();
  channel.onmessage = ({ data }: MessageEvent<readonly Change[]>) =>
    listeners.forEach((listener) => listener(data, true));

  return {
    name,
    condition,
    laidOut: () => laidOut,
    async use(work) {
      const db = await open();
      try {
        return await work(db);
      } catch (error) {
        if (!isClosed(error)) throw error;
        // closed or cleared under the app: what was asked for is done on a new connection
        db.close();
        opened = null;
        return work(await open());
      }
    },
    tell(changes) {
      if (!closed) channel.postMessage(changes);
      listeners.forEach((listener) => listener(changes, false));
    },
    hear(listener) {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    close() {
      closed = true;
      channel.close();
      void opened?.then((db) => db.close());
      opened = null;
    },
  };
}
