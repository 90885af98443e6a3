import { transfer, type Remote } from 'comlink';
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
import { runTask, takeLooker, warmUp } from './running';
import type { OnProgress } from './progress';
import type { TakenIn } from './takeIn';
import type { TrialResult } from './trial';
import type { UnpackedBackup } from './unpackBackup';
import type { BackupDocument } from '@/files/backup';

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

/** At most so many workers take lines of lettering in at once, no more than there are cores, each so many lines at least (own choices). */
const MOST_WORKERS = 3;
const LINES_A_WORKER = 4;
/** How many workers take so many lines in. */
const workersFor = (lines: number): number =>
  Math.min(MOST_WORKERS, navigator.hardwareConcurrency, Math.ceil(lines / LINES_A_WORKER));

/** Has the workers ready that take so many lines in; calling it again costs nothing. */
export const warmUpForLines = (lines: number): void => warmUp(workersFor(lines));

/**
 * Takes lines of lettering in on several workers, so that the page only draws them and keeps what comes.
 * @param draw draws the nth line; null where it has no words. @param keep keeps a line that was taken in, while others still are.
 * @returns what was made of each line by keeping it, or why one could not be kept: none is begun after it.
 */
export const letteringTask = <T>(
  count: number,
  draw: (nth: number) => Promise<DrawnLine | null>,
  keep: (taken: TakenIn) => Promise<Result<T>>,
  onProgress: OnProgress,
) =>
  runTask<Result<readonly T[]>>(async (first, progress, another) => {
    const kept: Promise<Result<T>>[] = [];
    let next = 0;
    let failed: Result<never> | null = null;
    const told = (one: Result<T>): Result<T> => {
      if (!one.ok) failed ??= one;
      return one;
    };
    const drawNext = async () => {
      if (next >= count || failed) return null;
      const nth = next++;
      return { nth, line: await draw(nth) };
    };
    const takeIn = async (worker: Remote<BenchWorker>): Promise<void> => {
      for (let drawn = await drawNext(); drawn;) {
        const { nth, line } = drawn;
        if (line) progress({ doing: `Setting “${line.label}”`, share: (nth + 0.5) / count });
        const taking = line
          ? worker.takeInLine(transfer(line, [line.bitmap]))
          : failure('There is nothing to draw in these words.');
        // the next is drawn while this one is taken in
        const later = drawNext();
        const one = await taking;
        if (one.ok) kept[nth] = keep(one.value).then(told);
        else failed ??= one;
        drawn = await later;
      }
    };
    const others = Array.from({ length: workersFor(count) - 1 }, another);
    await Promise.all([first, ...others].map(takeIn));
    const all = await Promise.all(kept);
    return failed ?? success(all.flatMap((one) => (one.ok ? [one.value] : [])));
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
