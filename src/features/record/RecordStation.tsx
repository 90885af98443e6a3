'use client';

import { useCallback, useEffect, useState } from 'react';
import type { PressRecord } from '@/core/model';
import { listRecords } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { JobFrame } from '@/ui/job/JobFrame';
import { useJob } from '@/ui/job/JobProvider';
import { EarlierRecords } from './EarlierRecords';
import { RecordForm } from './RecordForm';
import { UsedSettings } from './UsedSettings';

/** Station 6: how it came out, written down with what was used. */
export function RecordStation() {
  const { store } = useBench();
  const { job } = useJob();
  const [records, setRecords] = useState<readonly PressRecord[]>([]);

  const refresh = useCallback(async () => {
    const all = await listRecords(store);
    setRecords(all.filter(({ jobId }) => jobId === job.id));
  }, [store, job.id]);

  useEffect(() => {
    let gone = false;
    void listRecords(store).then((all) => {
      if (!gone) setRecords(all.filter(({ jobId }) => jobId === job.id));
    });
    return () => {
      gone = true;
    };
  }, [store, job.id]);

  return (
    <JobFrame
      station="record"
      stage={<RecordForm onSaved={refresh} />}
      card={
        <>
          <UsedSettings />
          <EarlierRecords records={records} />
        </>
      }
    />
  );
}
