'use client';

import Box from '@mui/material/Box';
import dynamic from 'next/dynamic';
import type { ComponentType, SyntheticEvent } from 'react';
import { STATIONS, type Station } from '@/core/check';

/** The stations' screens, each loaded when it is gone to. */
const SCREENS: Record<Station, ComponentType> = {
  blank: dynamic(() => import('@/features/blank').then((blank) => blank.BlankStation)),
  art: dynamic(() => import('@/features/art').then((art) => art.ArtStation)),
  sheets: dynamic(() => import('@/features/sheets').then((sheets) => sheets.SheetsStation)),
  heat: dynamic(() => import('@/features/heat').then((heat) => heat.HeatStation)),
  press: dynamic(() => import('@/features/evening').then((evening) => evening.PressStation)),
  record: dynamic(() => import('@/features/record').then((record) => record.RecordStation)),
};

/** Loads a station's code, once. `dynamic` has to see its own imports to name them to the browser with the page. */
const LOADS: Record<Station, () => Promise<unknown>> = {
  blank: () => import('@/features/blank'),
  art: () => import('@/features/art'),
  sheets: () => import('@/features/sheets'),
  heat: () => import('@/features/heat'),
  press: () => import('@/features/evening'),
  record: () => import('@/features/record'),
};

/** Loads a station that is likely to be gone to. What does not come now is asked for again, and told, when it is. */
const load = (station: Station): void => void LOADS[station]().catch(() => undefined);

/** Loads the station that a hand or the keyboard is on the way to: whoever points at a link is about to follow it. */
function loadAhead({ target }: SyntheticEvent): void {
  const path = target instanceof Element && target.closest('a')?.pathname;
  const station = path && STATIONS.find((each) => path.endsWith(`/${each}`));
  if (station) load(station);
}

/** The screen of one station. Once something is done there, the next one is loaded: it is likely, and the hands are still busy here. */
export function StationScreen({ station }: { station: Station }) {
  const Screen = SCREENS[station];
  const loadNext = () => {
    const next = STATIONS[STATIONS.indexOf(station) + 1];
    if (next) load(next);
  };
  return (
    <Box
      sx={{ display: 'contents' }}
      onPointerOver={loadAhead}
      onFocus={loadAhead}
      onChange={loadNext}
      onDrop={loadNext}
    >
      <Screen />
    </Box>
  );
}
