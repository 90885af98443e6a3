'use client';

import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import NextLink from 'next/link';
import { useCallback, useEffect, useState } from 'react';
import { areTestPieces } from '@/core/model';
import { recordsOfJob, type Kept } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { JobFrame } from '@/ui/job/JobFrame';
import { useJob } from '@/ui/job/jobContext';
import { EarlierRecords } from './EarlierRecords';
import { PieceOutcomes } from './PieceOutcomes';
import { RecordForm } from './RecordForm';
import { UsedSettings } from './UsedSettings';

/** Several are being pressed: each is told of by itself, where they are pressed. */
function AtThePress({ count, href }: { count: number; href: string }) {
  return (
    <Box sx={{ flex: 1, p: 3, display: 'flex', flexDirection: 'column', gap: 2, maxWidth: 760 }}>
      <Typography variant="h1" component="h2">
        {count} of them are being pressed
      </Typography>
      <Typography>
        When all are done, each is told of by itself, and is a record of its own.
      </Typography>
      <Button component={NextLink} href={href} variant="contained" sx={{ alignSelf: 'flex-start' }}>
        To the press
      </Button>
    </Box>
  );
}

/** Station 6: how it came out, written down with what was used; and what was written down before. */
export function RecordStation() {
  const { store } = useBench();
  const { job, run, pathTo, refreshHistory } = useJob();
  const [records, setRecords] = useState<readonly Kept<'record'>[]>([]);
  const [corrected, setCorrected] = useState<Kept<'record'> | null>(null);

  const read = useCallback(() => recordsOfJob(store, job.id), [store, job.id]);
  const refresh = useCallback(async () => {
    setRecords(await read());
    await refreshHistory();
  }, [read, refreshHistory]);

  useEffect(() => {
    let gone = false;
    const again = () =>
      void read()
        .then((found) => !gone && setRecords(found))
        .catch(() => undefined); // the log's own screen tells the trouble
    again();
    const unhear = store.hear(
      (changes) => changes.some(({ kind }) => kind === 'record') && again(),
    );
    return () => {
      gone = true;
      unhear();
    };
  }, [read, store]);

  return (
    <JobFrame
      station="record"
      stage={
        run && run.things.length > 1 && !corrected ? (
          <AtThePress count={run.things.length} href={pathTo('press')} />
        ) : areTestPieces(job) && !corrected ? (
          <PieceOutcomes onDone={refresh} />
        ) : (
          <RecordForm
            key={corrected?.id ?? 'new'}
            corrected={corrected}
            onDone={() => {
              setCorrected(null);
              return refresh();
            }}
          />
        )
      }
      card={
        <>
          <UsedSettings />
          <EarlierRecords records={records} onChanged={refresh} onCorrect={setCorrected} />
        </>
      }
    />
  );
}
