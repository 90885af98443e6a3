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

/** Runs one long task at a time; a new one stops the one before. */
export function createTaskRunner(onFailed: (reason: string) => void): TaskRunner {
  const progress = createStore<Progress | null>(() => null);
  let current: Task<unknown> | null = null;
  return {
    progress,
    cancel: () => current?.cancel(),
    async run(start) {
      let over = false;
      current?.cancel();
      progress.setState({ doing: 'Starting', share: 0 }, true);
      // what a worker had told before it was stopped may arrive after that
      const task = start((step) => {
        if (!over) progress.setState(step, true);
      });
      current = task;
      try {
        return await task.result;
      } catch (error) {
        if (!(error instanceof Cancelled))
          onFailed(error instanceof Error ? error.message : String(error));
        return null;
      } finally {
        over = true;
        if (current === task) progress.setState(null, true);
      }
    },
  };
}
