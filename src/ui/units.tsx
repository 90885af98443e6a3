'use client';

import { createContext, useContext, useMemo, useSyncExternalStore, type ReactNode } from 'react';
import { TRADE_UNITS, type UnitStyle } from '@/words/units';

const KEY = 'lucky-sheet.units';
const METRIC: UnitStyle = { length: 'mm', temperature: '°C' };
const listeners = new Set<() => void>();

function read(): 'trade' | 'metric' {
  try {
    return localStorage.getItem(KEY) === 'metric' ? 'metric' : 'trade';
  } catch {
    return 'trade';
  }
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener('storage', listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener('storage', listener);
  };
}

function choose(units: UnitStyle): void {
  try {
    localStorage.setItem(KEY, units.length === 'mm' ? 'metric' : 'trade');
  } catch {
    // storage refused: the choice lasts for this page only
  }
  listeners.forEach((listener) => listener());
}

const UnitsContext = createContext<UnitStyle>(TRADE_UNITS);

/** How figures are shown: inches and °F, or mm and °C; remembered on this device. */
export const useUnits = (): UnitStyle => useContext(UnitsContext);

/** Switches between inches/°F and mm/°C. */
export const toggleUnits = (units: UnitStyle): void =>
  choose(units.length === 'in' ? METRIC : TRADE_UNITS);

export function UnitsProvider({ children }: { children: ReactNode }) {
  const chosen = useSyncExternalStore(subscribe, read, () => 'trade' as const);
  const value = useMemo(() => (chosen === 'metric' ? METRIC : TRADE_UNITS), [chosen]);
  return <UnitsContext value={value}>{children}</UnitsContext>;
}
