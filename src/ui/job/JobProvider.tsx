'use client';

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
import { applyFix, STATIONS, type Fix, type Station } from '@/core/check';
import { limitMet, type JobHistory } from '@/core/job';
import { limitWords, nextAction, stationStates, type StationState } from '@/words';
import { FIRST_PASS, onPass, passIds, seenFrom, type Job, type Run } from '@/core/model';
import { planSeenFrom, type JobPlan } from '@/core/plan';
import {
  createJobSession,
  leaveBehind,
  listRecords,
  loadDocument,
  type JobSession,
  type StoredJob,
  type Unreadable,
} from '@/store';
import { useBench } from '../bench/BenchProvider';
import { useNotify } from '../notify';
import { keepOffline } from '../offline';
import { useUnits } from '../units';
import { useTask, type TaskRunner } from '../useTask';
import { NotThere, Opening } from './NotThere';
import { usePlanned } from './usePlanned';
import { useRun } from './useRun';

interface OpenJob {
  /** The job, and what follows from it, as seen from the pass that is worked on. */
  readonly job: Job;
  readonly plan: JobPlan;
  /** Which of the job's passes that is, and how to work on another. */
  readonly passId: string;
  readonly showPass: (id: string) => void;
  /** Changes the job as a whole, seen from its first pass. */
  readonly editWhole: (change: (whole: Job) => Job) => boolean;
  readonly history: JobHistory;
  readonly stations: readonly StationState[];
  readonly next: { station: Station; label: string };
  readonly session: JobSession;
  /** Changes the job; false where it cannot be kept so (the person has been told the limit). */
  readonly edit: (change: (job: Job) => Job, group?: string) => boolean;
  /** Carries a way out out at the pass its finding is of. */
  readonly applyFix: (fix: Fix, passId: string) => void;
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
 * @param held a finger rests on a button there: nothing moves before it is lifted, or the click is lost.
 */
export function Follows({
  hand,
  held = false,
  children,
}: {
  hand: boolean;
  held?: boolean;
  children: ReactNode;
}) {
  const open = useJob();
  const now = useMemo(() => ({ open, children }), [open, children]);
  const later = useDeferredValue(now);
  const fresh = hand ? now : later;
  const [kept, setKept] = useState(fresh);
  if (!held && kept !== fresh) setKept(fresh);
  const shown = held ? kept : fresh;
  return <JobContext value={shown.open}>{shown.children}</JobContext>;
}

/** Opens a job from the bench; says so when it is not there or cannot be read. */
export function JobProvider({ id, children }: { id: string; children: ReactNode }) {
  const { store } = useBench();
  const [opened, setOpened] = useState<
    { session: JobSession; stored: StoredJob } | { lost: Unreadable | null } | null
  >(null);

  useEffect(() => {
    let session: JobSession | null = null;
    let gone = false;
    (async () => {
      const found = await loadDocument(store, 'job', id);
      if (gone) return;
      if (!found?.ok) return setOpened({ lost: found?.lost ?? null });
      session = createJobSession(store, found.kept);
      setOpened({ session, stored: found.kept });
    })().catch(() => setOpened({ lost: null }));
    return () => {
      gone = true;
      session?.close();
    };
  }, [store, id]);

  if (opened === null) return <Opening />;
  if ('lost' in opened) return <NotThere lost={opened.lost} />;
  return <OpenJobProvider session={opened.session}>{children}</OpenJobProvider>;
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

/** How the job came out the last time it was pressed. */
function useLastOutcome(jobId: string) {
  const { store } = useBench();
  const [lastOutcome, setLastOutcome] = useState<JobHistory['lastOutcome']>(null);
  const read = useCallback(async () => {
    const records = await listRecords(store);
    setLastOutcome(records.find((each) => each.jobId === jobId)?.outcome ?? null);
  }, [store, jobId]);
  useEffect(() => {
    const again = () => void read().catch(() => undefined); // the log's own screen tells the trouble
    again();
    return store.hear((changes) => changes.some(({ kind }) => kind === 'record') && again());
  }, [store, read]);
  return [lastOutcome, read] as const;
}

function OpenJobProvider({ session, children }: { session: JobSession; children: ReactNode }) {
  const { name, shelf } = useBench();
  const units = useUnits();
  const notify = useNotify();
  const incoming = useTask();
  const planned = usePlanned(useJobOf(session), shelf);
  const jobId = session.jobStore.getState().job.id;
  const [passId, showPass] = useState(FIRST_PASS);
  const [lastOutcome, refreshHistory] = useLastOutcome(jobId);
  const [run, setRun] = useRun(jobId);
  const history = useMemo(
    () => (run === undefined ? null : { run, lastOutcome }),
    [run, lastOutcome],
  );

  const editWhole = useCallback(
    (change: (whole: Job) => Job, group = '') => {
      const refused = session.edit(change, group);
      const limit = refused && limitMet(refused);
      if (limit) notify({ tone: 'error', text: limitWords(limit, units) });
      return refused === null;
    },
    [session, notify, units],
  );
  const edit = useCallback(
    (change: (job: Job) => Job, group = '') =>
      editWhole((whole) => onPass(whole, passId, change), group),
    [editWhole, passId],
  );
  const pathTo = useCallback(
    (station: Station) => `/${name}/job/${encodeURIComponent(jobId)}/${station}`,
    [name, jobId],
  );
  useEffect(() => {
    const ends = ['pagehide', 'pointerup', 'focusout'] as const;
    const hidden = () => document.visibilityState === 'hidden' && session.saveNow();
    const leaving = () => leaveBehind(name, session.unwritten(), localStorage);
    window.addEventListener('pagehide', leaving);
    ends.forEach((end) => window.addEventListener(end, session.saveNow));
    document.addEventListener('visibilitychange', hidden);
    return () => {
      ends.forEach((end) => window.removeEventListener(end, session.saveNow));
      window.removeEventListener('pagehide', leaving);
      document.removeEventListener('visibilitychange', hidden);
    };
  }, [name, session]);
  useEffect(() => keepOffline(STATIONS.map(pathTo)), [pathTo]);

  const value = useMemo<OpenJob | null>(
    () =>
      planned &&
      history && {
        job: seenFrom(planned.job, passId),
        plan: planSeenFrom(planned.plan, passId),
        passId: passIds(planned.job).includes(passId) ? passId : FIRST_PASS,
        ...{ showPass, editWhole },
        history,
        stations: stationStates(planned.job, planned.plan, history, units),
        next: nextAction(planned.plan, history),
        session,
        edit,
        applyFix: (fix, id) =>
          void editWhole((whole) => onPass(whole, id, (seen) => applyFix(seen, fix, shelf))),
        incoming,
        setRun,
        refreshHistory,
        pathTo,
      },
    [
      planned,
      history,
      units,
      shelf,
      session,
      passId,
      edit,
      editWhole,
      incoming,
      setRun,
      refreshHistory,
      pathTo,
    ],
  );
  if (!value) return <Opening words="Working out the job" />;
  return <JobContext value={value}>{children}</JobContext>;
}
