import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { BENCHES, type BenchName } from '@/store';
import { DemoBench } from '@/demo';
import { BenchProvider } from '@/ui/bench/BenchProvider';

interface Props {
  params: Promise<{ bench: string }>;
  children: ReactNode;
}

export default async function BenchLayout({ params, children }: Props) {
  const { bench } = await params;
  if (!BENCHES.includes(bench as BenchName)) notFound();
  return (
    <BenchProvider key={bench} bench={bench as BenchName}>
      {bench === 'demo' ? <DemoBench>{children}</DemoBench> : children}
    </BenchProvider>
  );
}
