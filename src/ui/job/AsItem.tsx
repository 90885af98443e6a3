'use client';

import { useMemo, type ReactNode } from 'react';
import { itemOf, onItem } from '@/core/job';
import { designOn } from '@/core/layout';
import { JobContext, useJob, type OpenJob } from './jobContext';

/** Part of the screen where the job is looked at, and worked on, as one row of what is made shows it. */
export function AsItem({ children }: { children: ReactNode }) {
  const open = useJob();
  const value = useMemo((): OpenJob => {
    const { design, itemId, editDesign } = open;
    return {
      ...open,
      job: designOn(design, itemOf(design, itemId)),
      edit: (change, group) => editDesign((now) => onItem(now, itemId, change), group),
    };
  }, [open]);
  return <JobContext value={value}>{children}</JobContext>;
}
