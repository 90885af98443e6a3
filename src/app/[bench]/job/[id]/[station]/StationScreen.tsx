'use client';

import dynamic from 'next/dynamic';
import type { ComponentType } from 'react';
import type { Station } from '@/core/check';

/** The stations' screens, each loaded when it is gone to. */
const SCREENS: Record<Station, ComponentType> = {
  blank: dynamic(() => import('@/features/blank').then((blank) => blank.BlankStation)),
  art: dynamic(() => import('@/features/art').then((art) => art.ArtStation)),
  sheets: dynamic(() => import('@/features/sheets').then((sheets) => sheets.SheetsStation)),
  heat: dynamic(() => import('@/features/heat').then((heat) => heat.HeatStation)),
  press: dynamic(() => import('@/features/evening').then((evening) => evening.PressStation)),
  record: dynamic(() => import('@/features/record').then((record) => record.RecordStation)),
};

/** The screen of one station. */
export function StationScreen({ station }: { station: Station }) {
  const Screen = SCREENS[station];
  return <Screen />;
}
