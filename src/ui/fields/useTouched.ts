'use client';

import { createContext, useContext, useState } from 'react';

/** Whether what is shown is behind what was last touched: its plan is still worked out, or it follows when there is time. */
export const BehindContext = createContext(false);

/**
 * What a switch or a choice shows: what was touched at once, although the screen has job and plan of
 * one moment and follows only then. What comes of it, a refusal too, is shown as soon as the screen
 * is no longer behind.
 */
export function useTouched<T>(value: T): readonly [T, (to: T) => void] {
  const behind = useContext(BehindContext);
  const [touched, setTouched] = useState<{ readonly from: T; readonly to: T } | null>(null);
  if (touched && !(behind && Object.is(touched.from, value))) setTouched(null);
  return [touched ? touched.to : value, (to) => setTouched({ from: value, to })];
}
