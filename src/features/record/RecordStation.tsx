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
  const { db } = useBench();
  const { job } = useJob();
  const [records, setRecords] = useState<readonly PressRecord[]>([]);

  const refresh = useCallback(async () => {
    const all = await listRecords(db);
    setRecords(all.filter(({ jobId }) => jobId === job.id));
  }, [db, job.id]);

  useEffect(() => {
    let gone = false;
    void listRecords(db).then((all) => {
      if (!gone) setRecords(all.filter(({ jobId }) => jobId === job.id));
    });
    return () => {
      gone = true;
    };
  }, [db, job.id]);

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
