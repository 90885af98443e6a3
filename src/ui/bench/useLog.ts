'use client';

import { useEffect, useState } from 'react';
import type { PressRecord } from '@/core/model';
import { listRecords } from '@/store';
import { useBench } from './BenchProvider';

type Store = ReturnType<typeof useBench>['store'];

/** The log of a bench, read once and again after it changed: stations come and go, and evenings write it too. */
const read = new WeakMap<Store, Promise<readonly PressRecord[]>>();
/** Benches that are listened to, for as long as they are open. */
const heard = new WeakSet<Store>();

function recordsIn(store: Store): Promise<readonly PressRecord[]> {
  if (!heard.has(store)) {
    heard.add(store);
    store.hear((changes) => {
      if (changes.some(({ kind }) => kind === 'record')) read.delete(store);
    });
  }
  const known = read.get(store);
  if (known) return known;
  const fresh = listRecords(store);
  read.set(store, fresh);
  // what could not be read is asked for again
  fresh.catch(() => read.delete(store));
  return fresh;
}

const NOTHING = () => undefined;

/**
 * The log of the bench, the latest first; null until it is read.
 * @param onFailed is told where storage fails; a screen that shows the log says it, others are helped by it.
 */
export function useLog(
  onFailed: (error: unknown) => void = NOTHING,
): readonly PressRecord[] | null {
  const { store } = useBench();
  const [records, setRecords] = useState<readonly PressRecord[] | null>(null);
  useEffect(() => {
    let gone = false;
    const show = () =>
      void recordsIn(store).then(
        (found) => !gone && setRecords(found),
        (error: unknown) => !gone && onFailed(error),
      );
    show();
    // the bench was listened to first, so what it had read is forgotten by now
    const unhear = store.hear((changes) => {
      if (changes.some(({ kind }) => kind === 'record')) show();
    });
    return () => {
      gone = true;
      unhear();
    };
  }, [store, onFailed]);
  return records;
}
