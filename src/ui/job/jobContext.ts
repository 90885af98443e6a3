'use client';

import { createContext, useContext } from 'react';
import type { Fix, Station } from '@/core/check';
import type { JobHistory } from '@/core/job';
import type { EveningEvent, EveningRun, Job, KeptLook } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import type { EditGroup, JobSession } from '@/store';
import type { StationState } from '@/words';
import type { TaskRunner } from '../useTask';

/** The job that is open, what follows from it, and how it is changed. */
export interface OpenJob {
  /** The job, and what follows from it, as seen from the pass that is worked on; where one row is looked at, as it. */
  readonly job: Job;
  readonly plan: JobPlan;
  /** The job as all its rows have it in common, seen from that pass. */
  readonly design: Job;
  /** Which of the job's passes that is, and how to work on another. */
  readonly passId: string;
  readonly showPass: (id: string) => void;
  /** Which row of what is made is looked at, and how to look at another. */
  readonly itemId: string;
  readonly showItem: (id: string) => void;
  /** Changes the job as a whole, seen from its first pass. */
  readonly editWhole: (change: (whole: Job) => Job) => boolean;
  readonly history: JobHistory;
  readonly stations: readonly StationState[];
  readonly next: { station: Station; label: string };
  readonly session: JobSession;
  /** Changes the job; false where it cannot be kept so (the person has been told the limit). */
  readonly edit: (change: (job: Job) => Job, group?: EditGroup) => boolean;
  /** Changes the design that all rows have in common, or the rows themselves. */
  readonly editDesign: (change: (job: Job) => Job, group?: EditGroup) => boolean;
  /** Carries a way out out at the pass its finding is of. */
  readonly applyFix: (fix: Fix, passId: string) => void;
  /** Pictures and lettering being taken in; goes on at whatever station one is. */
  readonly incoming: TaskRunner;
  /** The job as a whole, seen from its first pass. */
  readonly whole: Job;
  /** The pressing under way, if any; keeps it, or with null ends it. What waited to go into it is ended with it. */
  readonly run: EveningRun | null;
  readonly setRun: (run: EveningRun | null) => void;
  /** Looks at photos of its prints that wait for a run or a record; and how one is kept, in a run where one is under way. */
  readonly looks: readonly EveningEvent[];
  readonly keepLook: (look: KeptLook) => void;
  /** Reads the log again after a record was written. */
  readonly refreshHistory: () => Promise<void>;
  readonly pathTo: (station: Station) => string;
}

/** Where the screen finds the job that is open. */
export const JobContext = createContext<OpenJob | null>(null);

/** The open job. */
export function useJob(): OpenJob {
  const open = useContext(JobContext);
  if (!open) throw new Error('useJob needs a JobProvider above it');
  return open;
}
