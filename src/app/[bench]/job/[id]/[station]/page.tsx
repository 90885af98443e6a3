import { notFound } from 'next/navigation';
import { STATIONS, type Station } from '@/core/check';
import { StationScreen } from './StationScreen';

interface Props {
  params: Promise<{ bench: string; id: string; station: string }>;
}

export default async function StationPage({ params }: Props) {
  const { station } = await params;
  if (!STATIONS.includes(station as Station)) notFound();
  return <StationScreen station={station as Station} />;
}
