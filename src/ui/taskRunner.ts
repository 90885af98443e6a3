import { createStore, type StoreApi } from 'zustand/vanilla';
import type { OnProgress, Progress } from '@/workers/progress';
import { Cancelled, type Task } from '@/workers/task';

export interface TaskRunner {
  /** What is under way, or null; a store, so that only what shows it is drawn again at each step. */
  readonly progress: StoreApi<Progress | null>;
  readonly cancel: () => void;
  /** Runs a task; resolves to null when it was stopped or failed (the person has been told). */
  readonly run: <T>(start: (onProgress: OnProgress) => Task<T>) => Promise<T | null>;
}

/** A task under way. */
interface Current {
  readonly task: Task<unknown>;
  /** Settles when it is over, however it ended. */
  readonly over: Promise<void>;
}

/** Runs one long task at a time; a new one waits for those before. Stopping stops those that wait, too. */
export function createTaskRunner(onFailed: (reason: string) => void): TaskRunner {
  const progress = createStore<Progress | null>(() => null);
  let current: Current | null = null;
  let stops = 0;
  return {
    progress,
    cancel() {
      stops += 1;
      current?.task.cancel();
    },
    async run(start) {
      const asked = stops;
      while (current) await current.over;
      if (asked !== stops) return null;
      let ended = false;
      let end: () => void = () => undefined;
      const over = new Promise<void>((resolve) => (end = resolve));
      progress.setState({ doing: 'Starting', share: 0 }, true);
      // what a worker had told before it was stopped may arrive after that
      const task = start((step) => {
        if (!ended) progress.setState(step, true);
      });
      current = { task, over };
      try {
        return await task.result;
      } catch (error) {
        if (!(error instanceof Cancelled))
          onFailed(error instanceof Error ? error.message : String(error));
        return null;
      } finally {
        ended = true;
        current = null;
        progress.setState(null, true);
        end();
      }
    },
  };
}
