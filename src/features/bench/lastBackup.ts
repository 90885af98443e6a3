'use client';

import { useSyncExternalStore } from 'react';
import type { BenchName } from '@/store';

const keyOf = (bench: BenchName) => `lucky-sheet-backup-${bench}`;
const listeners = new Set<() => void>();

function hear(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

function lastOf(bench: BenchName): string | null {
  try {
    return localStorage.getItem(keyOf(bench));
  } catch {
    return null; // storage is refused; the bench says so
  }
}

/** Remembers that a bench was saved outside the browser. */
export function noteBackup(bench: BenchName, at: Date): void {
  try {
    localStorage.setItem(keyOf(bench), at.toISOString());
  } catch {
    return; // it will be reminded of once more
  }
  listeners.forEach((listener) => listener());
}

/** When a bench was last saved outside the browser; null where it never was. */
export const useLastBackup = (bench: BenchName): string | null =>
  useSyncExternalStore(
    hear,
    () => lastOf(bench),
    () => null,
  );
