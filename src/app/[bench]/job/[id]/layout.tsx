import type { ReactNode } from 'react';
import { JobProvider } from '@/ui/job/JobProvider';

interface Props {
  params: Promise<{ id: string }>;
  children: ReactNode;
}

export default async function JobLayout({ params, children }: Props) {
  const { id } = await params;
  return (
    <JobProvider key={id} id={decodeURIComponent(id)}>
      {children}
    </JobProvider>
  );
}
