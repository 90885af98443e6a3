'use client';

import { useEffect } from 'react';

/** Keeps the screen awake while something is pressed, where the device can. */
export function useWakeLock(active: boolean): void {
  useEffect(() => {
    if (!active || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let gone = false;
    const request = () =>
      navigator.wakeLock
        .request('screen')
        .then((held) => {
          if (gone) void held.release();
          else lock = held;
        })
        .catch(() => undefined); // low battery or no permission: the run goes on all the same
    const onVisible = () => document.visibilityState === 'visible' && void request();
    void request();
    document.addEventListener('visibilitychange', onVisible);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', onVisible);
      void lock?.release();
    };
  }, [active]);
}
