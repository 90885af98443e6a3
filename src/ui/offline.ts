'use client';

import { useEffect, useState } from 'react';

const available = (): boolean =>
  process.env.NODE_ENV === 'production' && 'serviceWorker' in navigator;

/** Between two looks for a newer version, ms. */
const LOOK_EVERY_MS = 3600_000;

/** On a first visit what is asked for comes before what is kept for later, ms (own choice). */
const FIRST_AFTER_MS = 8000;

/** A newer version that was let in takes over within this, or the page goes first, ms (own choice). */
const TAKEN_WITHIN_MS = 5000;

/**
 * What a newer version waits for: `ready` to be let in by the person, `taken` means another tab has let it in
 * and this one still runs the old.
 */
export type Newer = { readonly is: 'ready'; readonly take: () => void } | { readonly is: 'taken' };

/**
 * Lets the app work without a network, where the browser can; without it all works online. A newer version is
 * fetched beside the running one and takes over only when it is let in.
 * @returns the newer version, null as long as there is none.
 */
export function useOffline(): Newer | null {
  const [newer, setNewer] = useState<Newer | null>(null);
  useEffect(() => {
    if (!available()) return;
    const { serviceWorker } = navigator;
    let asked = false;
    let looking: ReturnType<typeof setInterval> | undefined;
    // the first version of all takes over nothing
    let first = serviceWorker.controller === null;

    const offer = (waiting: ServiceWorker) =>
      setNewer({
        is: 'ready',
        take: () => {
          asked = true;
          waiting.postMessage({ takeOver: true });
          // it waits for whatever the old one still does, also for this page: with the page that ends
          setTimeout(() => window.location.reload(), TAKEN_WITHIN_MS);
        },
      });
    const watch = (coming: ServiceWorker) =>
      coming.addEventListener('statechange', () => {
        if (coming.state === 'installed' && serviceWorker.controller) offer(coming);
      });
    const changed = () => {
      if (asked) return window.location.reload();
      if (!first) setNewer({ is: 'taken' });
      first = false;
    };
    serviceWorker.addEventListener('controllerchange', changed);
    const register = async () => {
      const registration = await serviceWorker.register('/sw.js');
      if (registration.waiting && serviceWorker.controller) offer(registration.waiting);
      if (registration.installing) watch(registration.installing);
      registration.addEventListener('updatefound', () => {
        if (registration.installing) watch(registration.installing);
      });
      const look = () => void registration.update().catch(() => undefined);
      looking = setInterval(look, LOOK_EVERY_MS);
    };
    // refused: online only
    const begin = () => void register().catch(() => undefined);
    const beginning = setTimeout(begin, first ? FIRST_AFTER_MS : 0);
    return () => {
      serviceWorker.removeEventListener('controllerchange', changed);
      clearTimeout(beginning);
      clearInterval(looking);
    };
  }, []);
  return newer;
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
