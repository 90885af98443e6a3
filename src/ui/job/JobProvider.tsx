'use client';

import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Link from 'next/link';
import {
  createContext,
  useCallback,
  useContext,
  useDeferredValue,
  useEffect,
  useMemo,
  useState,
  type ReactNode,
} from 'react';
import { STATIONS, type Fix, type Station } from '@/core/check';
import { nextAction, stationStates, type JobHistory, type StationState } from '@/core/job';
import type { Job } from '@/core/model';
import { planJob, type JobPlan } from '@/core/plan';
import type { Run } from '@/core/press';
import {
  createJobSession,
  getRun,
  listRecords,
  loadJob,
  putRun,
  deleteRun,
  storageProblem,
  type JobSession,
} from '@/store';
import { useBench } from '../bench/BenchProvider';
import { useNotify } from '../notify';
import { keepOffline } from '../offline';
import { useUnits } from '../units';
import { useTask, type TaskRunner } from '../useTask';

interface OpenJob {
  readonly job: Job;
  readonly plan: JobPlan;
  readonly history: JobHistory;
  readonly stations: readonly StationState[];
  readonly next: { station: Station; label: string };
  readonly session: JobSession;
  readonly edit: JobSession['edit'];
  readonly applyFix: (fix: Fix) => void;
  /** Pictures and lettering being taken in; goes on at whatever station one is. */
  readonly incoming: TaskRunner;
  /** Keeps (or with null ends) the pressing under way. */
  readonly setRun: (run: Run | null) => void;
  /** Reads the log again after a record was written. */
  readonly refreshHistory: () => Promise<void>;
  readonly pathTo: (station: Station) => string;
}

const JobContext = createContext<OpenJob | null>(null);

export function useJob(): OpenJob {
  const open = useContext(JobContext);
  if (!open) throw new Error('useJob needs a JobProvider above it');
  return open;
}

/**
 * Part of the job's screen, drawn at once while the hand is on it. While it is not, it follows in
 * small steps when there is time, job and words always of one moment.
 */
export function Follows({ hand, children }: { hand: boolean; children: ReactNode }) {
  const open = useJob();
  const now = useMemo(() => ({ open, children }), [open, children]);
  const later = useDeferredValue(now);
  const shown = hand ? now : later;
  return <JobContext value={shown.open}>{shown.children}</JobContext>;
}

/** Opens a job from the bench; says so when it is not there. */
export function JobProvider({ id, children }: { id: string; children: ReactNode }) {
  const { db, name } = useBench();
  const [session, setSession] = useState<JobSession | null | 'missing'>(null);
  const [history, setHistory] = useState<JobHistory>({ run: null, lastOutcome: null });

  const readHistory = useCallback(async () => {
    const records = await listRecords(db);
    const lastOutcome = records.find(({ jobId }) => jobId === id)?.outcome ?? null;
    setHistory({ run: await getRun(db, id), lastOutcome });
  }, [db, id]);

  useEffect(() => {
    let opened: JobSession | null = null;
    let gone = false;
    (async () => {
      const stored = await loadJob(db, id);
      await readHistory();
      if (gone) return;
      opened = stored ? createJobSession(db, name, stored) : null;
      setSession(opened ?? 'missing');
    })().catch(() => setSession('missing'));
    return () => {
      gone = true;
      opened?.close();
    };
  }, [db, name, id, readHistory]);

  if (session === null) return <Box component="main" aria-busy="true" sx={{ p: 6 }} />;
  if (session === 'missing') {
    return (
      <Box component="main" sx={{ p: 6, maxWidth: 720 }}>
        <Alert severity="warning">
          This job is not on the bench; it was deleted, or belongs to another browser.{' '}
          <Link href={`/${name}`}>Go to the bench</Link>
        </Alert>
      </Box>
    );
  }
  return (
    <OpenJobProvider {...{ session, history, setHistory, readHistory }}>{children}</OpenJobProvider>
  );
}

/**
 * The job as it is shown. It is kept as state of the interface, so that an edit made inside
 * `startTransition` (a picture taken in, a batch of names) is drawn in small steps between other
 * work, and any other edit at once.
 */
function useJobOf({ jobStore }: JobSession): Job {
  const [job, setJob] = useState(() => jobStore.getState().job);
  useEffect(() => {
    const show = (state: { job: Job }) => setJob(state.job);
    const end = jobStore.subscribe(show);
    show(jobStore.getState());
    return end;
  }, [jobStore]);
  return job;
}

interface OpenProps {
  session: JobSession;
  history: JobHistory;
  setHistory: (change: (history: JobHistory) => JobHistory) => void;
  readHistory: () => Promise<void>;
  children: ReactNode;
}

function OpenJobProvider({ session, history, setHistory, readHistory, children }: OpenProps) {
  const { db, name, shelf } = useBench();
  const units = useUnits();
  const notify = useNotify();
  const job = useJobOf(session);
  const incoming = useTask();
  const plan = useMemo(() => planJob(job, shelf, units), [job, shelf, units]);

  const setRun = useCallback(
    (run: Run | null) => {
      setHistory((old) => ({ ...old, run }));
      const kept = run ? putRun(db, run) : deleteRun(db, job.id);
      kept.catch((error: unknown) => notify({ tone: 'error', text: storageProblem(error) }));
    },
    [db, job.id, notify, setHistory],
  );

  const pathTo = useCallback(
    (station: Station) => `/${name}/job/${encodeURIComponent(job.id)}/${station}`,
    [name, job.id],
  );
  useEffect(() => {
    const ends = ['pagehide', 'pointerup', 'focusout'] as const;
    ends.forEach((end) => window.addEventListener(end, session.saveNow));
    return () => ends.forEach((end) => window.removeEventListener(end, session.saveNow));
  }, [session]);
  useEffect(() => keepOffline(STATIONS.map(pathTo)), [pathTo]);

  const value = useMemo<OpenJob>(
    () => ({
      job,
      plan,
      history,
      stations: stationStates(job, plan, history, units),
      next: nextAction(plan, history),
      session,
      edit: session.edit,
      applyFix: ({ patch }) => session.edit((old) => ({ ...old, ...patch })),
      incoming,
      setRun,
      refreshHistory: readHistory,
      pathTo,
    }),
    [job, plan, history, units, session, incoming, setRun, readHistory, pathTo],
  );
  return <JobContext value={value}>{children}</JobContext>;
}
