'use client';

import { useEffect } from 'react';

const available = (): boolean =>
  process.env.NODE_ENV === 'production' && 'serviceWorker' in navigator;

/** Lets the app work without a network, where the browser can; without it all works online. */
export function useOffline(): void {
  useEffect(() => {
    if (!available()) return;
    navigator.serviceWorker.register('/sw.js').catch(() => undefined); // refused: online only
  }, []);
}

/** Asks for the pages of a job that is no longer on the bench to be dropped. */
export function forgetOffline(bench: string, jobId: string): void {
  if (!available()) return;
  navigator.serviceWorker.ready
    .then(({ active }) =>
      active?.postMessage({ forget: `/${bench}/job/${encodeURIComponent(jobId)}/` }),
    )
    .catch(() => undefined); // no service worker: nothing was kept
}

/** Asks for pages of this app to be kept for later without a network. */
export function keepOffline(paths: readonly string[]): void {
  if (!available()) return;
  navigator.serviceWorker.ready
    .then((registration) => registration.active?.postMessage({ keep: paths }))
    .catch(() => undefined); // no service worker: nothing is kept
}
