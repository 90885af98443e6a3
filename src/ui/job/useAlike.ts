'use client';

import { useEffect, useMemo, useState } from 'react';
import { alikeTo, type Alike } from '@/core/log';
import type { PressRecord } from '@/core/model';
import { listRecords } from '@/store';
import { useBench } from '../bench/BenchProvider';
import { useJob } from './jobContext';

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

/** The log of the bench; nothing until it is read. */
export function useLog(): readonly PressRecord[] {
  const { store } = useBench();
  const [records, setRecords] = useState<readonly PressRecord[]>([]);
  useEffect(() => {
    let gone = false;
    const show = () =>
      void recordsIn(store).then(
        (found) => !gone && setRecords(found),
        () => undefined, // where storage fails it is said elsewhere
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
  }, [store]);
  return records;
}

/** Pressings like that of the open job; nothing until the log is read. */
export function useAlike(): Alike {
  const { shelf } = useBench();
  const { job, plan } = useJob();
  const records = useLog();
  const { blank, transfer } = job;
  const machineId = plan.tools.machine.id;
  return useMemo(
    () => alikeTo({ blank, transfer, machineId }, records, shelf),
    [blank, transfer, machineId, records, shelf],
  );
}
