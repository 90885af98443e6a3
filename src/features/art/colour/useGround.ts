'use client';

import { useMemo } from 'react';
import { groundOf, type Ground } from '@/core/colour';
import { TRANSFERS } from '@/core/transfer';
import { useJob } from '@/ui/job/jobContext';

/** What the pass that is worked on meets on the blank as it is shown. */
export function useGround(): Ground {
  const { job, plan, passId } = useJob();
  const { transfer, blank } = job;
  const own = plan.layers.find((layer) => layer.passId === passId)?.own ?? null;
  return useMemo(
    () => groundOf(TRANSFERS[transfer], blank.substrate, own),
    [transfer, blank.substrate, own],
  );
}
