import { expose } from 'comlink';
import { dotsOf, warpRows, type Piece, type Pixels } from '@/core/layout';
import type { Point } from '@/core/geometry';
import type { Job, Shelf } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import { failure, success, type Result } from '@/core/result';
import type { LevelPlan } from '@/core/look';
import type { LevelFault, PracticeFault } from '@/devices';
import type { BackupDocument } from '@/files/backup';
import type { Pattern } from '@/words';
import type { ChartReading } from '@/core/colour';
import { takeInLine } from './lettering';
import { rehearse } from './rehearse';
import type { ReadPage } from './pdfPages';
import type { PhotoLook, Practised } from './look';
import type { LookInput } from './mustLie';
import type { Preparation } from './prepare';
import type { PaperSize, SheetsInput } from './printing';
import type { OnProgress } from './progress';
import { blobOf, storedIn } from './stored';
import { takeInPicture, type TakenIn } from './takeIn';
import type { UnpackedBackup } from './unpackBackup';
import type { TrialResult, TrialSettings } from './trial';

/** A job file's contents, checked, with its pictures ready to be kept. */
export interface UnpackedJob {
  readonly job: Job;
  readonly shelf: Shelf;
  readonly pictures: readonly TakenIn[];
}

/** What a trial print is made from. */
export interface TrialInput {
  readonly job: Job;
  readonly plan: JobPlan;
  readonly pages: readonly ReadPage[];
  readonly settings: TrialSettings;
  readonly blobs: ReadonlyMap<string, Blob>;
}

/** All that is done beside the page. Only what taking in a picture needs is loaded at once: the rest when it is asked for. */
const benchWorker = {
  rehearse,
  takeIn: takeInPicture,
  takeInLine,
  async prepare(picture: Blob, step: Preparation, longestPx: number): Promise<Blob> {
    return (await import('./prepare')).preparePicture(picture, step, longestPx);
  },
  async drawChart(): Promise<Blob> {
    return (await import('./chart')).drawChart();
  },
  async readChartPhoto(photo: Blob, corners: readonly Point[]): Promise<Result<ChartReading>> {
    return (await import('./chart')).readChartPhoto(photo, corners);
  },
  async readPages(file: Blob, onProgress: OnProgress): Promise<readonly ReadPage[]> {
    return (await import('./pdfPages')).readPages(file, onProgress);
  },

  /** The print file of a plan. */
  async sheetsPdf(input: SheetsInput, onProgress: OnProgress): Promise<Blob> {
    return (await import('./printing')).sheetsPdf(input, onProgress);
  },

  /** A true-size line drawing as a PDF, fit for a paper where it can be. */
  async patternPdf(pattern: Pattern, paper: PaperSize): Promise<Blob> {
    return (await import('./printing')).patternPdf(pattern, paper);
  },

  /** A bent piece drawn from small pictures, for the stage. */
  async bentPreview(
    piece: Piece,
    pixels: ReadonlyMap<string, Pixels>,
    dotsPerMm: number,
  ): Promise<Blob> {
    const { width, height } = dotsOf(piece, dotsPerMm);
    const rows = warpRows(piece, pixels, dotsPerMm, 0, height);
    const canvas = new OffscreenCanvas(width, height);
    const image = new ImageData(rows as Uint8ClampedArray<ArrayBuffer>, width, height);
    canvas.getContext('2d')?.putImageData(image, 0, 0);
    return canvas.convertToBlob();
  },

  /** One sheet of a plan as a PNG at the printer's resolution. */
  async sheetPng(
    { job, plan, blobs, units }: SheetsInput,
    sheetId: string,
    onProgress: OnProgress,
  ): Promise<Blob> {
    const sheet = plan.sheets.find(({ id }) => id === sheetId);
    if (!sheet) throw new Error('That sheet is no longer in the plan.');
    const stored = (sha256: string) => storedIn(blobs, sha256);
    const { writeSheetPng } = await import('./sheetPng');
    const bytes = await writeSheetPng(plan, sheet, { job, units, blobOf: stored, onProgress });
    return blobOf([bytes], 'image/png');
  },

  /** Every sheet of a plan as a PNG, all in one archive. */
  async allPngs({ job, plan, blobs, units }: SheetsInput, onProgress: OnProgress): Promise<Blob> {
    const stored = (sha256: string) => storedIn(blobs, sha256);
    const { zipPngs } = await import('./zipPngs');
    return zipPngs(plan, { job, units, blobOf: stored, onProgress });
  },

  /** The PDF's pages through the simulated printer and onto the blank. */
  async trial(
    { job, plan, pages, settings, blobs }: TrialInput,
    onProgress: OnProgress,
  ): Promise<TrialResult> {
    const stored = (sha256: string) => storedIn(blobs, sha256);
    const { runTrial } = await import('./trial');
    return runTrial(plan, pages, settings, { job, blobOf: stored, onProgress });
  },

  /** Makes ready what must be in a photo, ahead of it. */
  async readyToLook(input: LookInput): Promise<void> {
    await (await import('./look')).readyForPhoto(input);
  },

  /** A photo of a print or of sheets laid together, held against the plan. */
  async look(
    input: LookInput,
    photo: Blob,
    corners: readonly Point[],
    onProgress: OnProgress,
  ): Promise<Result<PhotoLook>> {
    return (await import('./look')).lookAtPhoto(input, photo, corners, onProgress);
  },

  /** A photo by the simulated camera, looked at. */
  async practise(
    input: LookInput,
    of: { fault: PracticeFault; seed: number },
    onProgress: OnProgress,
  ): Promise<Practised> {
    return (await import('./look')).practised(input, of, onProgress);
  },

  /** A photo by the simulated camera of a print on its blank. */
  async practiceOnBlank(plan: LevelPlan, of: { fault: LevelFault; seed: number }): Promise<Blob> {
    return (await import('./look')).practiceOnBlank(plan, of);
  },

  /** A job with its pictures as one file. */
  async packJob(job: Job, shelf: Shelf, blobs: ReadonlyMap<string, Blob>): Promise<Blob> {
    return (await import('@/files/jobFile')).packJobFile(job, shelf, blobs);
  },

  /** Packs a bench into one file; pictures go in as they came. */
  async packBackup(
    document: BackupDocument,
    pictures: ReadonlyMap<string, Blob>,
    onProgress: OnProgress,
  ): Promise<Blob> {
    const { packBackup } = await import('@/files/backup/zip');
    return packBackup(document, pictures, (done, of) =>
      onProgress({ doing: `Packing picture ${done} of ${of}`, share: done / of }),
    );
  },

  /** Whether a zip says that it is a backup. */
  async isBackup(file: Blob): Promise<boolean> {
    return (await import('@/files/backup/zip')).isBackup(file);
  },

  /** Reads a backup and takes in those of its pictures that are not there yet, or refuses it whole. */
  async unpackBackup(
    file: Blob,
    have: ReadonlySet<string>,
    onProgress: OnProgress,
  ): Promise<Result<UnpackedBackup>> {
    return (await import('./unpackBackup')).unpackBackup(file, have, onProgress);
  },

  /** Reads a job file and takes its pictures in, or refuses it whole. */
  async unpackJob(file: Blob, onProgress: OnProgress): Promise<Result<UnpackedJob>> {
    onProgress({ doing: 'Reading the job file', share: 0.1 });
    const { readJobFile } = await import('@/files/jobFile');
    const read = await readJobFile(new Uint8Array(await file.arrayBuffer()));
    if (!read.ok) return read;
    const { job, shelf, arts } = read.value;
    const pictures: TakenIn[] = [];
    for (const [sha256, bytes] of arts) {
      const { name = 'original' } = job.arts.find((art) => art.sha256 === sha256) ?? {};
      const blob = new Blob([bytes as Uint8Array<ArrayBuffer>]);
      const taken = await takeInPicture(blob, name, onProgress);
      if (!taken.ok) return failure(`This job file is refused. ${taken.reason}`);
      pictures.push(taken.value);
    }
    return success({ job, shelf, pictures });
  },
};

export type BenchWorker = typeof benchWorker;

expose(benchWorker);
