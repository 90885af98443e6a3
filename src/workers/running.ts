import { proxy, wrap, type Remote } from 'comlink';
import type { BenchWorker } from './bench.worker';
import type { LookInput } from './mustLie';
import type { OnProgress } from './progress';
import { Cancelled, type Task } from './task';

/** A worker and the one handle to its functions: were that forgotten, the worker would stop listening. */
export interface Started {
  readonly worker: Worker;
  readonly bench: Remote<BenchWorker>;
}

function startWorker(): Started {
  const worker = new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module' });
  return { worker, bench: wrap<BenchWorker>(worker) };
}

/** A worker that waits for a task: started ahead of it, or left by the one before, its code loaded and compiled. */
let spare: Started | null = null;

/** Keeps a worker for the next task in place of one that has not worked yet. */
function keep(started: Started): Started {
  spare?.worker.terminate();
  spare = started;
  // one that cannot start is not kept; the next task meets the trouble itself and tells it
  started.worker.onerror = () => {
    if (spare === started) spare = null;
  };
  return started;
}

/**
 * Starts a worker ahead of the next task, and lets it rehearse, so that what is asked next is done at once. A screen calls it whose work is likely; calling it again costs nothing.
 */
export function warmUp(): void {
  const { bench } = spare ?? keep(startWorker());
  // what does not come now is asked for again by the task that needs it, which tells it
  bench.rehearse().catch(() => undefined);
}

/** A worker of looks alone that makes ready what must be in a photo to come: no other task waits for it. */
let looker: Started | null = null;

/** Makes ready, on a worker of its own, what must be in a photo that is likely to come; what was made ready before goes. */
export function readyToLook(input: LookInput): void {
  endLooking();
  looker = startWorker();
  // what goes wrong is met again, and told, by the look itself
  looker.worker.onerror = endLooking;
  looker.bench.readyToLook(input).catch(() => undefined);
}

/** Lets go of what was made ready for a photo that is no longer likely. */
export function endLooking(): void {
  looker?.worker.terminate();
  looker = null;
}

/** The worker that made something ready for a look where there is one, else any. */
export function takeLooker(): Started {
  const started = looker ?? takeWorker();
  looker = null;
  return started;
}

/** The spare worker where there is one, else a new one. */
function takeWorker(): Started {
  const started = spare ?? startWorker();
  spare = null;
  return started;
}

/**
 * Runs one task on a worker of its own, or several; stopping the task ends them, so nothing lingers, and so does its failing.
 * A worker that has done its task waits for the next.
 * `result` rejects with `Cancelled` when stopped.
 * @param work is handed the worker, and what starts another beside it. @param take gives the worker.
 */
export function runTask<T>(
  work: (
    bench: Remote<BenchWorker>,
    onProgress: OnProgress,
    another: () => Remote<BenchWorker>,
  ) => PromiseLike<T>,
  onProgress: OnProgress,
  take: () => Started = takeWorker,
): Task<T> {
  const all: Started[] = [];
  let stop: (reason: Error) => void = () => undefined;
  const stopped = new Promise<never>((_, reject) => {
    stop = reject;
  });
  const own = (started: Started): Remote<BenchWorker> => {
    const { worker, bench } = started;
    worker.onerror = (event) => stop(new Error(event.message || 'The background task failed.'));
    all.push(started);
    return bench;
  };
  const end = (some: readonly Started[]) => some.forEach(({ worker }) => worker.terminate());
  const working = work(own(take()), proxy(onProgress), () => own(startWorker()));
  const result = Promise.race([working, stopped]).then(
    (done) => {
      const [first, ...others] = all;
      if (first) keep(first);
      end(others);
      return done;
    },
    (reason: unknown) => {
      end(all);
      throw reason;
    },
  );
  return { result, cancel: () => stop(new Cancelled()) };
}
