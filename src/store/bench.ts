import { createStore, type StoreApi } from 'zustand/vanilla';
import { openDatabase } from './database';
import { followLog } from './records';
import type { BenchCondition, BenchDatabase, BenchName, BenchStore, Change } from './types';

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

  const store: BenchStore = {
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
  followLog(store);
  return store;
}
