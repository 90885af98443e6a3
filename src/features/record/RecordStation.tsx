'use client';

import { useCallback, useEffect, useState } from 'react';
import { recordsOfJob, type Kept } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { JobFrame } from '@/ui/job/JobFrame';
import { useJob } from '@/ui/job/jobContext';
import { EarlierRecords } from './EarlierRecords';
import { RecordForm } from './RecordForm';
import { UsedSettings } from './UsedSettings';

/** Station 6: how it came out, written down with what was used; and what was written down before. */
export function RecordStation() {
  const { store } = useBench();
  const { job, refreshHistory } = useJob();
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
        <RecordForm
          key={corrected?.id ?? 'new'}
          corrected={corrected}
          onDone={() => {
            setCorrected(null);
            return refresh();
          }}
        />
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
