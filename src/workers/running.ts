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

/** A worker that waits for a task, and whether it has done one. */
interface Waiting extends Started {
  readonly worked: boolean;
}

/** So many workers wait at most: as many as lettering takes where there are two cores (own choice). */
const MOST_WAIT = 2;
/** Workers started ahead of a task or left by the one before, their code compiled; the last is taken first. */
const waiting: Waiting[] = [];

/** Keeps a worker for a task to come; those that have waited longest go. */
function keep(started: Started, worked: boolean): void {
  const { worker } = started;
  waiting.push({ ...started, worked });
  // one that cannot start is not kept; the next task meets the trouble itself and tells it
  worker.onerror = () => letGo((one) => one.worker === worker);
  letGo((one) => waiting.indexOf(one) < waiting.length - MOST_WAIT);
}

/** Ends some of the workers that wait. @returns how many. */
function letGo(whom: (one: Waiting) => boolean): number {
  const gone = waiting.filter(whom);
  for (const one of gone) {
    one.worker.terminate();
    waiting.splice(waiting.indexOf(one), 1);
  }
  return gone.length;
}

/** So long after its task a worker is let go, with all the memory that its pictures took, ms (own choice). */
const WORKED_WAITS_MS = 5000;
let renewal: ReturnType<typeof setTimeout> | undefined;

/** How many screens are open whose task is likely. */
let likely = 0;

/** Tells that a screen is open whose task is likely: a worker that has gone is replaced meanwhile. @returns how to tell that it is closed. */
export function taskIsLikely(): () => void {
  likely++;
  return () => {
    likely--;
  };
}

/**
 * Keeps workers that have done their task for what is asked next, the first of them on top: it has done most. Where nothing was
 * asked they go, and a new one rehearses in their place while a task is likely.
 */
function keepWorked(all: readonly Started[]): void {
  for (const started of all.toReversed()) keep(started, true);
  clearTimeout(renewal);
  renewal = setTimeout(() => {
    const gone = letGo(({ worked }) => worked);
    if (gone > 0 && likely > 0) warmUp();
  }, WORKED_WAITS_MS);
}

/**
 * Starts workers ahead of the next task, and lets them rehearse, so that what is asked next is done at once. A screen calls it
 * whose work is likely; calling it again costs nothing.
 * @param count how many workers the task takes, 1 or more.
 */
export function warmUp(count = 1): void {
  while (waiting.length < Math.min(count, MOST_WAIT)) keep(startWorker(), false);
  // what does not come now is asked for again by the task that needs it, which tells it
  for (const { bench } of waiting.slice(-count)) bench.rehearse().catch(() => undefined);
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

/** A worker that waits where there is one, else a new one. */
const takeWorker = (): Started => waiting.pop() ?? startWorker();

/**
 * Runs one task on a worker of its own, or several; stopping the task ends them, so nothing lingers, and so does its failing.
 * A worker that has done its task waits a while for the next.
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
  const working = work(own(take()), proxy(onProgress), () => own(takeWorker()));
  const result = Promise.race([working, stopped]).then(
    (done) => {
      keepWorked(all);
      return done;
    },
    (reason: unknown) => {
      all.forEach(({ worker }) => worker.terminate());
      throw reason;
    },
  );
  return { result, cancel: () => stop(new Cancelled()) };
}
