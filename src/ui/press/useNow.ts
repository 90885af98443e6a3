'use client';

import { useEffect, useState } from 'react';
import { steadyNow } from '../clock';

const TICK_MS = 250;

/** The time now, renewed four times a second and whenever the page comes back to the front. */
export function useNow(): Date {
  const [now, setNow] = useState(() => new Date(steadyNow()));
  useEffect(() => {
    const tick = () => setNow(new Date(steadyNow()));
    const timer = setInterval(tick, TICK_MS);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, []);
  return now;
}
