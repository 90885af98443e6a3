'use client';

import Box from '@mui/material/Box';
import dynamic from 'next/dynamic';
import type { ComponentType, SyntheticEvent } from 'react';
import { STATIONS, type Station } from '@/core/check';

/** Loads the screen of a station, once. */
const LOADS: Record<Station, () => Promise<ComponentType>> = {
  blank: () => import('@/features/blank').then((blank) => blank.BlankStation),
  art: () => import('@/features/art').then((art) => art.ArtStation),
  sheets: () => import('@/features/sheets').then((sheets) => sheets.SheetsStation),
  heat: () => import('@/features/heat').then((heat) => heat.HeatStation),
  press: () => import('@/features/evening').then((evening) => evening.PressStation),
  record: () => import('@/features/record').then((record) => record.RecordStation),
};

/** The stations' screens; none is drawn before the job was opened, which happens in the browser. */
const SCREENS: Record<Station, ComponentType> = {
  blank: dynamic(LOADS.blank),
  art: dynamic(LOADS.art),
  sheets: dynamic(LOADS.sheets),
  heat: dynamic(LOADS.heat),
  press: dynamic(LOADS.press),
  record: dynamic(LOADS.record),
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
