'use client';

import { useMemo } from 'react';
import { alikeTo, type Alike } from '@/core/log';
import type { PressRecord } from '@/core/model';
import { useBench } from '../bench/BenchProvider';
import { useLog } from '../bench/useLog';
import { useJob } from './jobContext';

const NONE: readonly PressRecord[] = [];

/** Pressings like that of the open job; nothing until the log is read. */
export function useAlike(): Alike {
  const { shelf } = useBench();
  const { job, plan } = useJob();
  const records = useLog() ?? NONE;
  const { blank, transfer } = job;
  const machineId = plan.tools.machine.id;
  return useMemo(
    () => alikeTo({ blank, transfer, machineId }, records, shelf),
    [blank, transfer, machineId, records, shelf],
  );
}
