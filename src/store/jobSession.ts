import { temporal } from 'zundo';
import { createStore } from 'zustand/vanilla';
import type { Job } from '@/core/model';
import type { BenchDatabase, BenchName, StoredJob } from './database';
import { loadJob, saveJob } from './jobs';
import { storageProblem } from './problem';

/** Where the work on the screen stands against what is stored. */
export type SaveState =
  | { kind: 'saved' }
  | { kind: 'saving' }
  | { kind: 'conflict'; stored: StoredJob }
  | { kind: 'failed'; message: string };

export type JobSession = ReturnType<typeof createJobSession>;

/** Edits of one field closer together than this are one step of undo. */
const GROUP_MS = 1000;
const UNDO_STEPS = 200;
/** A change is saved at once; those that follow on its heels as one edit (a drag) this far apart (own choice). */
const SAVE_EVERY_MS = 200;

function createJobStore(job: Job) {
  return createStore<{ job: Job }>()(
    temporal(() => ({ job }), { limit: UNDO_STEPS, equality: (a, b) => a.job === b.job }),
  );
}

/**
 * One job open for editing: the job with undo and redo, saved after every change, and watchful of
 * other tabs. Framework-free; the interface subscribes to `job` and `saveState`.
 */
export function createJobSession(db: BenchDatabase, bench: BenchName, opened: StoredJob) {
  const jobStore = createJobStore(opened.job);
  const saveState = createStore<SaveState>(() => ({ kind: 'saved' }));
  const channel = new BroadcastChannel(`lucky-sheet-${bench}`);
  let rev = opened.rev;
  let savedJob = opened.job;
  let saving: Promise<void> | null = null;
  let lastGroup = { name: '', at: 0 };
  let savedAt = 0;
  let hurried = false;
  let wake: () => void = () => undefined;

  const current = () => jobStore.getState().job;
  const say = (state: SaveState) => saveState.setState(state, true);

  async function untilDue(): Promise<void> {
    const wait = savedAt + SAVE_EVERY_MS - Date.now();
    if (wait > 0 && !hurried) {
      await new Promise<void>((due) => {
        wake = due;
        setTimeout(due, wait);
      });
    }
    hurried = false;
    savedAt = Date.now();
  }

  function saveNow(): void {
    hurried = true;
    wake();
  }

  async function saveOnce(): Promise<void> {
    const job = current();
    const outcome = await saveJob(db, job, rev);
    if (outcome.kind === 'conflict') return say(outcome);
    rev = outcome.rev;
    savedJob = job;
    channel.postMessage({ jobId: job.id, rev });
  }

  /** Saves until nothing is left to save; one save runs at a time. */
  function save(): Promise<void> {
    if (saveState.getState().kind === 'conflict') return Promise.resolve();
    say({ kind: 'saving' });
    saving ??= (async () => {
      try {
        while (current() !== savedJob && saveState.getState().kind === 'saving') {
          await untilDue();
          await saveOnce();
        }
        if (saveState.getState().kind === 'saving') say({ kind: 'saved' });
      } catch (error) {
        say({ kind: 'failed', message: storageProblem(error) });
      } finally {
        saving = null;
      }
    })();
    return saving;
  }

  const unsubscribe = jobStore.subscribe(() => {
    if (current() !== savedJob) void save();
  });

  function adopt(stored: StoredJob): void {
    rev = stored.rev;
    savedJob = stored.job;
    say({ kind: 'saved' });
    jobStore.setState({ job: stored.job });
  }

  channel.onmessage = async ({ data }: MessageEvent<{ jobId: string; rev: number }>) => {
    if (data.jobId !== opened.id || data.rev <= rev || current() !== savedJob) return;
    const stored = await loadJob(db, opened.id);
    if (stored && stored.rev > rev && current() === savedJob) adopt(stored);
  };

  return {
    jobStore,
    saveState,
    /**
     * Changes the job. Edits with the same `group` in quick succession (a drag, typing in one
     * field) make one step of undo.
     */
    edit(change: (job: Job) => Job, group = ''): void {
      const history = jobStore.temporal.getState();
      const now = Date.now();
      const joins = group !== '' && group === lastGroup.name && now - lastGroup.at < GROUP_MS;
      lastGroup = { name: group, at: now };
      if (joins) history.pause();
      else saveNow();
      jobStore.setState((state) => ({ job: change(state.job) }));
      if (joins) history.resume();
    },
    undo(): void {
      lastGroup = { name: '', at: 0 };
      saveNow();
      jobStore.temporal.getState().undo();
    },
    redo(): void {
      lastGroup = { name: '', at: 0 };
      saveNow();
      jobStore.temporal.getState().redo();
    },
    /** Tries again after storage failed. */
    retry: save,
    /** In a conflict: what this tab shows replaces what the other tab stored. */
    keepMine(): Promise<void> {
      const state = saveState.getState();
      if (state.kind === 'conflict') {
        rev = state.stored.rev;
        savedJob = state.stored.job;
        say({ kind: 'saving' });
      }
      saveNow();
      return save();
    },
    /** In a conflict: takes what the other tab stored; undo brings this tab's back. */
    takeTheirs(): void {
      const state = saveState.getState();
      if (state.kind === 'conflict') adopt(state.stored);
    },
    /** Saves what waits to be saved, because the hand let go or the page is left. */
    saveNow,
    close(): void {
      saveNow();
      unsubscribe();
      channel.close();
    },
  };
}
