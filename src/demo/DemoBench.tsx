'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { startTransition, useEffect, useState, type ReactNode } from 'react';
import { listJobs, listRecords, type BenchStore } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';

/** Lays the demo out where nothing is in use; what paints it comes only then. */
async function layOut(store: BenchStore): Promise<void> {
  if ((await listJobs(store)).length > 0 || (await listRecords(store)).length > 0) return;
  const { seedDemo } = await import('./seed');
  await seedDemo(store);
}

/** Sees to it that the demo bench is laid out before anything on it is shown. */
export function DemoBench({ children }: { children: ReactNode }) {
  const { store } = useBench();
  const [state, setState] = useState<'laying-out' | 'ready' | 'failed'>('laying-out');

  useEffect(() => {
    const lay = () => layOut(store);
    // denied to pages that come over a home network without a certificate; two tabs at once are unlikely there
    const locks = navigator.locks as LockManager | undefined;
    (locks ? locks.request('lucky-sheet-demo-seed', lay) : lay())
      // a whole screen drawn in one go would hold the page up: in small steps
      .then(() => startTransition(() => setState('ready')))
      .catch(() => setState('failed'));
  }, [store]);

  if (state === 'ready') return children;
  return (
    <Box component="main" sx={{ p: 6, maxWidth: 560 }}>
      {state === 'failed' ? (
        <Alert severity="error">
          The demo could not be laid out in this browser. Reload to try again.
        </Alert>
      ) : (
        <>
          <Typography sx={{ mb: 2 }}>Drawing the demo’s pictures</Typography>
          <LinearProgress aria-label="Laying out the demo" />
        </>
      )}
    </Box>
  );
}
