'use client';

import { useEffect, useState } from 'react';
import type { PressRecord } from '@/core/model';
import { isLogRead, latestRecords, listRecords } from '@/store';
import { useBench } from './BenchProvider';

const NOTHING = () => undefined;

/**
 * The log of the bench, the latest first; null until it is read.
 * @param onFailed is told where storage fails; a screen that shows the log says it, others are helped by it.
 * @param later whether it is not to be read yet.
 */
export function useLog(
  onFailed: (error: unknown) => void = NOTHING,
  later = false,
): readonly PressRecord[] | null {
  const { store } = useBench();
  const [records, setRecords] = useState<readonly PressRecord[] | null>(null);
  useEffect(() => {
    if (later) return;
    let gone = false;
    const show = () =>
      void listRecords(store).then(
        (found) => !gone && setRecords(found),
        (error: unknown) => !gone && onFailed(error),
      );
    show();
    const unhear = store.hear((changes) => {
      if (changes.some(({ kind }) => kind === 'record')) show();
    });
    return () => {
      gone = true;
      unhear();
    };
  }, [store, onFailed, later]);
  return records;
}

/** Pressings of a bench, the latest first, and whether they are all there are. */
export interface LogSoFar {
  readonly records: readonly PressRecord[];
  readonly whole: boolean;
}

/**
 * The log of the bench for a screen that shows it: the last pressings at once, then all of it.
 * @param most so many are read before the others.
 */
export function useLogSoFar(most: number, onFailed: (error: unknown) => void): LogSoFar {
  const { store } = useBench();
  const [latest, setLatest] = useState<readonly PressRecord[] | null>(null);
  const all = useLog(onFailed, latest === null);
  useEffect(() => {
    let gone = false;
    // a failure is met again, and told, where all of it is read
    const first = isLogRead(store) ? Promise.resolve([]) : latestRecords(store, most);
    void first.catch(() => []).then((found) => !gone && setLatest(found));
    return () => {
      gone = true;
    };
  }, [store, most]);
  return all ? { records: all, whole: true } : { records: latest ?? [], whole: false };
}
