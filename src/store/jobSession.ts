import { temporal } from 'zundo';
import { createStore } from 'zustand/vanilla';
import { jobProblem, type Job } from '@/core/model';
import type { Write } from './documents';
import type { Found } from './reading';
import { loadJob, saveJob, type StoredJob } from './jobs';
import { storageProblem } from './problem';
import type { BenchStore } from './types';

/** Where the work on the screen stands against what is stored. */
export type SaveState =
  | { kind: 'saved' }
  | { kind: 'saving' }
  /** Changed elsewhere at the same moment; `stored` is null where it was taken off the bench. */
  | { kind: 'conflict'; stored: Found<'job'> | null }
  | { kind: 'failed'; message: string };

/**
 * What edits belong together as one step of undo: those of one name in quick succession (typing in one field), or all
 * of one movement of the hand, told by a symbol of its own, however long the hand rests meanwhile.
 */
export type EditGroup = string | symbol;

export type JobSession = ReturnType<typeof createJobSession>;

/** Edits of one name closer together than this are one step of undo. */
const GROUP_MS = 1000;
const UNDO_STEPS = 200;
/** A change is saved at once; those that follow on its heels as one edit (a drag) this far apart (own choice). */
const SAVE_EVERY_MS = 200;

/** Stands for what is stored while nothing of what is shown is. */
const NOT_SAVED: Job | null = null;

/** The task after this one, also where the page is out of sight: what an edit changes on the screen comes first. */
const nextTask = () =>
  new Promise<void>((begin) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      begin();
    };
    port2.postMessage(null);
  });

function createJobStore(job: Job) {
  return createStore<{ job: Job }>()(
    temporal(() => ({ job }), { limit: UNDO_STEPS, equality: (a, b) => a.job === b.job }),
  );
}

/**
 * One job open for editing: the job with undo and redo, saved after every change, and watchful of
 * other tabs. Framework-free; the interface subscribes to `job` and `saveState`.
 */
export function createJobSession(store: BenchStore, opened: StoredJob) {
  const jobStore = createJobStore(opened.body);
  const saveState = createStore<SaveState>(() => ({ kind: 'saved' }));
  let rev = opened.rev;
  let savedJob: Job | null = opened.body;
  let laidOut = store.laidOut();
  let saving: Promise<void> | null = null;
  /** What is being written just now. */
  let inFlight: Job | null = null;
  let lastGroup: { of: EditGroup; at: number } = { of: '', at: 0 };
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
    await nextTask();
    hurried = false;
    savedAt = Date.now();
  }

  function saveNow(): void {
    hurried = true;
    wake();
  }

  async function saveOnce(): Promise<void> {
    const job = current();
    inFlight = job;
    const outcome = await saveJob(store, job, rev).finally(() => (inFlight = null));
    if (outcome.kind === 'conflict') {
      const cleared = outcome.stored === null && laidOut !== store.laidOut();
      if (!cleared) return say(outcome);
      // the storage was cleared, not this job taken away: it is written anew
      laidOut = store.laidOut();
      rev = 0;
      hurried = true;
      return;
    }
    rev = outcome.revs[0] ?? rev + 1;
    savedJob = job;
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
    savedJob = stored.body;
    say({ kind: 'saved' });
    jobStore.setState({ job: stored.body });
  }

  async function follow(theirs: number | null): Promise<void> {
    if (theirs === null) return say({ kind: 'conflict', stored: null });
    const stored = await loadJob(store, opened.id);
    const gone = saveState.getState().kind === 'conflict';
    if (stored && (stored.rev > rev || gone) && current() === savedJob) adopt(stored);
  }

  const unhear = store.hear((changes, elsewhere) => {
    const change = changes.find(({ kind, id }) => kind === 'job' && id === opened.id);
    if (!change || !elsewhere || current() !== savedJob) return;
    // a job that cannot be read now stays on the screen; the next save compares all the same
    follow(change.rev).catch(() => undefined);
  });

  return {
    jobStore,
    saveState,
    /**
     * Changes the job; edits of one `group` make one step of undo.
     * @returns the job it would have made where that cannot be kept; nothing has changed then.
     */
    edit(change: (job: Job) => Job, group: EditGroup = ''): Job | null {
      const job = change(current());
      if (job === current()) return null;
      if (jobProblem(job)) return job;
      const history = jobStore.temporal.getState();
      const now = Date.now();
      const soon = typeof group === 'symbol' || now - lastGroup.at < GROUP_MS;
      const joins = group !== '' && group === lastGroup.of && soon;
      lastGroup = { of: group, at: now };
      if (joins) history.pause();
      else saveNow();
      jobStore.setState({ job });
      if (joins) history.resume();
      return null;
    },
    undo(): void {
      lastGroup = { of: '', at: 0 };
      saveNow();
      jobStore.temporal.getState().undo();
    },
    redo(): void {
      lastGroup = { of: '', at: 0 };
      saveNow();
      jobStore.temporal.getState().redo();
    },
    /** Tries again after storage failed. */
    retry: save,
    /** In a conflict: what this tab shows replaces what the other tab stored, or is put back. */
    keepMine(): Promise<void> {
      const state = saveState.getState();
      if (state.kind === 'conflict') {
        const { stored } = state;
        rev = stored?.ok ? stored.kept.rev : 0;
        savedJob = NOT_SAVED;
        say({ kind: 'saving' });
      }
      saveNow();
      return save();
    },
    /** In a conflict: takes what the other tab stored; undo brings this tab's back. */
    takeTheirs(): void {
      const state = saveState.getState();
      if (state.kind === 'conflict' && state.stored?.ok) adopt(state.stored.kept);
    },
    /** What is not written yet, in order, each with the revision it is based on. */
    unwritten(): readonly Write<'job'>[] {
      const { kind } = saveState.getState();
      if (kind === 'conflict' || (current() === savedJob && !inFlight)) return [];
      const states = [...new Set([inFlight ?? current(), current()])];
      return states.map((body, i) => ({ kind: 'job', id: body.id, body, baseRev: rev + i }));
    },
    /** Saves what waits to be saved, because the hand let go or the page is left. */
    saveNow,
    close(): void {
      saveNow();
      unsubscribe();
      unhear();
    },
  };
}
