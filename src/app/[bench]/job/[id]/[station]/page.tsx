import { notFound } from 'next/navigation';
import type { ComponentType } from 'react';
import { STATIONS, type Station } from '@/core/check';
import { ArtStation } from '@/features/art';
import { BlankStation } from '@/features/blank';
import { PressStation } from '@/features/evening';
import { HeatStation } from '@/features/heat';
import { RecordStation } from '@/features/record';
import { SheetsStation } from '@/features/sheets';

const SCREENS: Record<Station, ComponentType> = {
  blank: BlankStation,
  art: ArtStation,
  sheets: SheetsStation,
  heat: HeatStation,
  press: PressStation,
  record: RecordStation,
};

interface Props {
  params: Promise<{ bench: string; id: string; station: string }>;
}

export default async function StationPage({ params }: Props) {
  const { station } = await params;
  if (!STATIONS.includes(station as Station)) notFound();
  const Screen = SCREENS[station as Station];
  return <Screen />;
}
