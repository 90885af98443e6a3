'use client';

import { useCallback, useDeferredValue, useEffect, useMemo, useState, type ReactNode } from 'react';
import { applyFix, STATIONS, type Station } from '@/core/check';
import { stateOf } from '@/core/evening';
import { itemOf, limitMet, type JobHistory } from '@/core/job';
import { limitWords, nextAction, stationStates } from '@/words';
import {
  FIRST_ITEM,
  FIRST_PASS,
  onPass,
  passIds,
  seenFrom,
  type EveningRun,
  type Job,
} from '@/core/model';
import { planSeenFrom } from '@/core/plan';
import {
  createJobSession,
  leaveBehind,
  listRecords,
  loadDocument,
  type EditGroup,
  type JobSession,
  type StoredJob,
  type Unreadable,
} from '@/store';
import { BehindContext } from '../fields/useTouched';
import { useBench } from '../bench/BenchProvider';
import { steadyNow } from '../clock';
import { useNotify } from '../notify';
import { keepOffline } from '../offline';
import { eveningNow } from '../press';
import { useUnits } from '../units';
import { useTask } from '../useTask';
import { JobContext, type OpenJob } from './jobContext';
import { NotThere, Opening } from './NotThere';
import { usePlanned } from './usePlanned';
import { useLooks } from './useLooks';
import { useRun } from './useRun';

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
  const touched = useJobOf(session);
  const planned = usePlanned(touched, shelf);
  const jobId = session.jobStore.getState().job.id;
  const [passId, showPass] = useState(FIRST_PASS);
  const [itemId, showItem] = useState(FIRST_ITEM);
  const [lastOutcome, refreshHistory] = useLastOutcome(jobId);
  const [run, keepRun] = useRun(jobId, planned, shelf);
  const { looks, keepLook, endLooks } = useLooks(jobId, run, keepRun);
  const setRun = useCallback(
    (next: EveningRun | null) => {
      endLooks();
      keepRun(next);
    },
    [endLooks, keepRun],
  );
  const history = useMemo(
    () =>
      run === undefined
        ? null
        : {
            run: run && stateOf(run, eveningNow(run, new Date(steadyNow()))),
            lastOutcome,
          },
    [run, lastOutcome],
  );

  const editWhole = useCallback(
    (change: (whole: Job) => Job, group: EditGroup = '') => {
      const refused = session.edit(change, group);
      const limit = refused && limitMet(refused);
      if (limit) notify({ tone: 'error', text: limitWords(limit, units) });
      return refused === null;
    },
    [session, notify, units],
  );
  const edit = useCallback(
    (change: (job: Job) => Job, group: EditGroup = '') =>
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
        whole: planned.job,
        run: run ?? null,
        job: seenFrom(planned.job, passId),
        design: seenFrom(planned.job, passId),
        itemId: itemOf(planned.job, itemId).id,
        showItem,
        plan: planSeenFrom(planned.plan, passId),
        passId: passIds(planned.job).includes(passId) ? passId : FIRST_PASS,
        ...{ showPass, editWhole },
        history,
        stations: stationStates(planned.job, planned.plan, history, units),
        next: nextAction(planned.plan, history),
        session,
        edit,
        editDesign: edit,
        applyFix: (fix, id) =>
          void editWhole((whole) => onPass(whole, id, (seen) => applyFix(seen, fix, shelf))),
        incoming,
        ...{ setRun, looks, keepLook },
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
      itemId,
      edit,
      editWhole,
      incoming,
      run,
      setRun,
      looks,
      keepLook,
      refreshHistory,
      pathTo,
    ],
  );
  // a whole screen drawn in one go would hold the page up: the first time in small steps
  const drawn = useDeferredValue(value !== null, false);
  if (!value || !drawn) return <Opening words="Working out the job" />;
  return (
    <BehindContext value={planned?.job !== touched || planned.shelf !== shelf}>
      <JobContext value={value}>{children}</JobContext>
    </BehindContext>
  );
}
