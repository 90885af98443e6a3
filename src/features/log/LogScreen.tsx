'use client';

import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { logLesson } from '@/words';
import type { PressRecord } from '@/core/model';
import { listRecords, storageProblem } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { useNotify } from '@/ui/notify';
import { OffBench } from '@/ui/OffBench';
import { useUnits } from '@/ui/units';
import { LogTable } from './LogTable';

const OutcomeChart = dynamic(() => import('./OutcomeChart').then((m) => m.OutcomeChart), {
  ssr: false,
});

/** Every pressing written down, and what they teach. */
export function LogScreen() {
  const { store } = useBench();
  const units = useUnits();
  const notify = useNotify();
  const [records, setRecords] = useState<readonly PressRecord[] | null>(null);

  useEffect(() => {
    listRecords(store)
      .then(setRecords)
      .catch((error: unknown) => notify({ tone: 'error', text: storageProblem(error) }));
  }, [store, notify]);

  // what simulated machines did teaches nothing
  const real = records?.filter(({ simulated }) => !simulated) ?? [];
  return (
    <OffBench title="Log">
      <Typography variant="h1" sx={{ mb: 1 }}>
        What the log says
      </Typography>
      {records?.length === 0 && (
        <Typography>
          Nothing is written down yet. Press something, then tell on its Record station how it came
          out.
        </Typography>
      )}
      {records && records.length > 0 && (
        <>
          <Typography sx={{ mb: 1.5, fontSize: 17 }}>{logLesson(real, units)}</Typography>
          {real.length > 0 && <OutcomeChart records={real} units={units} />}
          <LogTable records={records} units={units} />
        </>
      )}
    </OffBench>
  );
}
