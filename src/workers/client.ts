import { proxy, transfer, wrap, type Remote } from 'comlink';
import type { ChartReading } from '@/core/colour';
import type { Pattern } from '@/words';
import type { Piece, Pixels } from '@/core/layout';
import type { Job, Shelf } from '@/core/model';
import { failure, success, type Result } from '@/core/result';
import type { Point } from '@/core/geometry';
import type { LevelPlan } from '@/core/look';
import type { LevelFault, PracticeFault } from '@/devices';
import type { PhotoLook, Practised } from './look';
import type { LookInput } from './mustLie';
import type { BenchWorker, TrialInput, UnpackedJob } from './bench.worker';
import type { PaperSize, SheetsInput } from './printing';
import type { DrawnLine } from './lettering';
import type { ReadPage } from './pdfPages';
import type { Preparation } from './prepare';
import { Cancelled, type Task } from './task';
import type { OnProgress } from './progress';
import type { TakenIn } from './takeIn';
import type { TrialResult } from './trial';
import type { UnpackedBackup } from './unpackBackup';
import type { BackupDocument } from '@/files/backup';

/** A worker and the one handle to its functions: were that forgotten, the worker would stop listening. */
interface Started {
  readonly worker: Worker;
  readonly bench: Remote<BenchWorker>;
}

function startWorker(): Started {
  const worker = new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module' });
  return { worker, bench: wrap<BenchWorker>(worker) };
}

/** A worker started ahead of its task, its code loaded. */
let spare: Started | null = null;

/**
 * Starts a worker ahead of the next task, so that what is asked next begins at once. A screen calls
 * it whose work is likely; calling it again costs nothing.
 * @param forPrint whether a print file is likely: what that is written with is loaded too.
 */
export function warmUp(forPrint: boolean): void {
  if (!spare) {
    spare = startWorker();
    // one that cannot start is not kept; the next task meets the trouble itself and tells it
    spare.worker.onerror = () => (spare = null);
  }
  // what does not come now is asked for again by the task that needs it, which tells it
  if (forPrint) spare.bench.readyToPrint().catch(() => undefined);
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
function takeLooker(): Started {
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
 * Runs one task on a worker of its own, or several; stopping the task ends them, so nothing lingers.
 * `result` rejects with `Cancelled` when stopped.
 * @param work is handed the worker, and what starts another beside it. @param take gives the worker.
 */
function runTask<T>(
  work: (
    bench: Remote<BenchWorker>,
    onProgress: OnProgress,
    another: () => Remote<BenchWorker>,
  ) => PromiseLike<T>,
  onProgress: OnProgress,
  take: () => Started = takeWorker,
): Task<T> {
  const all: Worker[] = [];
  let stop: (reason: Error) => void = () => undefined;
  const stopped = new Promise<never>((_, reject) => {
    stop = reject;
  });
  const own = ({ worker, bench }: Started): Remote<BenchWorker> => {
    worker.onerror = (event) => stop(new Error(event.message || 'The background task failed.'));
    all.push(worker);
    return bench;
  };
  const working = work(own(take()), proxy(onProgress), () => own(startWorker()));
  const result = Promise.race([working, stopped]).finally(() =>
    all.forEach((worker) => worker.terminate()),
  );
  return { result, cancel: () => stop(new Cancelled()) };
}

/** Packs a bench into one file, off the main thread. */
export const packBackupTask = (
  document: BackupDocument,
  pictures: ReadonlyMap<string, Blob>,
  onProgress: OnProgress,
) =>
  runTask<Blob>((worker, progress) => worker.packBackup(document, pictures, progress), onProgress);

/** Tells whether a zip is a backup, off the main thread. */
export const isBackupTask = (file: Blob, onProgress: OnProgress) =>
  runTask<boolean>((worker) => worker.isBackup(file), onProgress);

/** Reads a backup and takes its pictures in, off the main thread; those that are there already stay as they are. */
export const unpackBackupTask = (file: Blob, have: ReadonlySet<string>, onProgress: OnProgress) =>
  runTask<Result<UnpackedBackup>>(
    (worker, progress) => worker.unpackBackup(file, have, progress),
    onProgress,
  );

/** Takes a picture file in, off the main thread. */
export const takeInTask = (file: Blob, name: string, onProgress: OnProgress) =>
  runTask<Result<TakenIn>>((worker, progress) => worker.takeIn(file, name, progress), onProgress);

/** So many workers take lines of lettering in at once, each so many lines at least (own choices). */
const MOST_WORKERS = 3;
const LINES_A_WORKER = 4;

/**
 * Takes lines of lettering in on several workers, so that the page only draws them.
 * @param draw draws the nth line; null where it has no words.
 */
export const letteringTask = (
  count: number,
  draw: (nth: number) => Promise<DrawnLine | null>,
  onProgress: OnProgress,
) =>
  runTask<Result<readonly TakenIn[]>>(async (first, progress, another) => {
    const taken: TakenIn[] = [];
    let [next, failed]: [number, Result<never> | null] = [0, null];
    const takeIn = async (worker: Remote<BenchWorker>): Promise<void> => {
      while (next < count && !failed) {
        const nth = next++;
        const line = await draw(nth);
        if (line) progress({ doing: `Setting “${line.label}”`, share: (nth + 0.5) / count });
        const one = line
          ? await worker.takeInLine(transfer(line, [line.bitmap]))
          : failure('There is nothing to draw in these words.');
        if (one.ok) taken[nth] = one.value;
        else failed ??= one;
      }
    };
    const more = Math.min(MOST_WORKERS, Math.ceil(count / LINES_A_WORKER)) - 1;
    await Promise.all([first, ...Array.from({ length: more }, another)].map(takeIn));
    return failed ?? success(taken);
  }, onProgress);

/** Reads the pages of a print file as pixels, off the main thread. */
export const readPagesTask = (file: Blob, onProgress: OnProgress) =>
  runTask<readonly ReadPage[]>((worker, progress) => worker.readPages(file, progress), onProgress);

/** Prepares a picture, off the main thread. */
export const prepareTask = (
  blob: Blob,
  step: Preparation,
  longestPx: number,
  onProgress: OnProgress,
) =>
  runTask<Blob>((worker) => {
    onProgress({ doing: 'Preparing the picture', share: 0.3 });
    return worker.prepare(blob, step, longestPx);
  }, onProgress);

/** Draws our colour chart, off the main thread. */
export const drawChartTask = (onProgress: OnProgress) =>
  runTask<Blob>((worker) => {
    onProgress({ doing: 'Drawing the chart', share: 0.4 });
    return worker.drawChart();
  }, onProgress);

/** Reads the pressed colour chart from a photo, by its marks or by points on them, off the main thread. */
export const readChartTask = (photo: Blob, corners: readonly Point[], onProgress: OnProgress) =>
  runTask<Result<ChartReading>>((worker) => {
    onProgress({ doing: 'Looking for the chart', share: 0.4 });
    return worker.readChartPhoto(photo, corners);
  }, onProgress);

/** Writes the print file, off the main thread. */
export const sheetsPdfTask = (input: SheetsInput, onProgress: OnProgress) =>
  runTask<Blob>((worker, progress) => worker.sheetsPdf(input, progress), onProgress);

/** Writes a line drawing as a PDF, off the main thread. */
export const patternPdfTask = (pattern: Pattern, paper: PaperSize, onProgress: OnProgress) =>
  runTask<Blob>((worker) => {
    onProgress({ doing: `Writing “${pattern.name}”`, share: 0.5 });
    return worker.patternPdf(pattern, paper);
  }, onProgress);

/** Draws a bent piece for the stage, off the main thread. */
export const bentPreviewTask = (
  piece: Piece,
  pixels: ReadonlyMap<string, Pixels>,
  dotsPerMm: number,
) =>
  runTask<Blob>(
    (worker) => worker.bentPreview(piece, pixels, dotsPerMm),
    () => undefined,
  );

/** Draws one sheet as a PNG, off the main thread. */
export const sheetPngTask = (input: SheetsInput & { sheetId: string }, onProgress: OnProgress) =>
  runTask<Blob>((worker, progress) => worker.sheetPng(input, input.sheetId, progress), onProgress);

/** Draws every sheet as a PNG into one archive, off the main thread. */
export const allPngsTask = (input: SheetsInput, onProgress: OnProgress) =>
  runTask<Blob>((worker, progress) => worker.allPngs(input, progress), onProgress);

/** Prints on the simulated printer and presses, off the main thread. */
export const trialTask = (input: TrialInput, onProgress: OnProgress) =>
  runTask<TrialResult>((worker, progress) => worker.trial(input, progress), onProgress);

/** Holds a photo against the plan, off the main thread. */
export const lookTask = (
  input: LookInput,
  photo: Blob,
  corners: readonly Point[],
  onProgress: OnProgress,
) =>
  runTask<Result<PhotoLook>>(
    (worker, progress) => worker.look(input, photo, corners, progress),
    onProgress,
    takeLooker,
  );

/** Takes a photo by the simulated camera and looks at it, off the main thread. */
export const practiseTask = (
  input: LookInput,
  of: { fault: PracticeFault; seed: number },
  onProgress: OnProgress,
) =>
  runTask<Practised>(
    (worker, progress) => worker.practise(input, of, progress),
    onProgress,
    takeLooker,
  );

/** Takes a photo of a print on its blank by the simulated camera, off the main thread. */
export const practiceOnBlankTask = (
  plan: LevelPlan,
  of: { fault: LevelFault; seed: number },
  onProgress: OnProgress,
) =>
  runTask<Blob>((worker) => {
    onProgress({ doing: 'Taking a photo by the simulated camera', share: 0.5 });
    return worker.practiceOnBlank(plan, of);
  }, onProgress);

/** Packs a job file, off the main thread. */
export const packJobTask = (
  input: { job: Job; shelf: Shelf; blobs: ReadonlyMap<string, Blob> },
  onProgress: OnProgress,
) => runTask<Blob>((worker) => worker.packJob(input.job, input.shelf, input.blobs), onProgress);

/** Reads a job file, off the main thread. */
export const unpackJobTask = (file: Blob, onProgress: OnProgress) =>
  runTask<Result<UnpackedJob>>((worker, progress) => worker.unpackJob(file, progress), onProgress);
