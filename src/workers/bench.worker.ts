import { expose } from 'comlink';
import { dotsOf, warpRows, type Piece, type Pixels } from '@/core/layout';
import type { Point } from '@/core/geometry';
import type { Job, Shelf } from '@/core/model';
import type { JobPlan } from '@/core/plan';
import { failure, success, type Result } from '@/core/result';
import type { PracticeFault } from '@/devices';
import type { UnitStyle } from '@/words/units';
import type { BackupDocument } from '@/files/backup';
import { isBackup, packBackup } from '@/files/backup/zip';
import { packJobFile, readJobFile } from '@/files/jobFile';
import { patternToPdf, writeSheetsPdf, type PrintedJob, type PrintPlan } from '@/files/pdf';
import type { Pattern } from '@/words';
import { decodePixels, decodeWhole, packBentPiece } from './decode';
import { inflateBeside } from './inflate';
import { takeInLine } from './lettering';
import { letterTools, loadLetters } from './letters';
import { readPages, type ReadPage } from './pdfPages';
import { drawChart, readChartPhoto } from './chart';
import { lookAtPhoto, practicePhoto, type LookedAt, type PhotoLook } from './look';
import { preparePicture } from './prepare';
import { writeSheetPng } from './sheetPng';
import { zipPngs } from './zipPngs';
import type { OnProgress } from './progress';
import { takeInPicture, type TakenIn } from './takeIn';
import { unpackBackup } from './unpackBackup';
import { runTrial, type TrialResult, type TrialSettings } from './trial';

/** A job file's contents, checked, with its pictures ready to be kept. */
export interface UnpackedJob {
  readonly job: Job;
  readonly shelf: Shelf;
  readonly pictures: readonly TakenIn[];
}

/** A paper's size, mm. */
export interface PaperSize {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** What sheets are written from. */
export interface SheetsInput {
  readonly job: PrintedJob;
  readonly plan: PrintPlan;
  readonly blobs: ReadonlyMap<string, Blob>;
  /** How figures are written on them. */
  readonly units: UnitStyle;
}

/** What a photo is held against. */
export interface LookInput extends SheetsInput {
  readonly plan: JobPlan;
  readonly what: LookedAt;
}

/** What a trial print is made from. */
export interface TrialInput {
  readonly job: Job;
  readonly plan: JobPlan;
  readonly pages: readonly ReadPage[];
  readonly settings: TrialSettings;
  readonly blobs: ReadonlyMap<string, Blob>;
}

function storedIn(blobs: ReadonlyMap<string, Blob>, sha256: string): Blob {
  const blob = blobs.get(sha256);
  if (!blob) throw new Error('A picture of this job is missing from the browser’s storage.');
  return blob;
}

/** A file made here goes out as a blob: the page need not copy it. */
const blobOf = (parts: readonly Uint8Array[], type: string): Blob =>
  new Blob(parts as readonly Uint8Array<ArrayBuffer>[] as Uint8Array<ArrayBuffer>[], { type });

const benchWorker = {
  loadLetters: async () => void (await loadLetters()),
  takeIn: takeInPicture,
  takeInLine,
  prepare: preparePicture,
  drawChart,
  readChartPhoto,
  readPages,

  /** The print file of a plan; pictures come as blobs, so that only what is needed is read. */
  async sheetsPdf({ job, plan, blobs, units }: SheetsInput, onProgress: OnProgress): Promise<Blob> {
    const bytesOf = async (sha256: string) =>
      new Uint8Array(await storedIn(blobs, sha256).arrayBuffer());
    const decoded = new Map<string, Pixels>();
    const drawBent = async (piece: Piece) => {
      const wanted = new Set(piece.arts.map(({ artSha256 }) => artSha256));
      for (const art of job.arts.filter(({ sha256 }) => wanted.has(sha256))) {
        if (decoded.has(art.sha256)) continue;
        onProgress({ doing: `Decoding ${art.name}`, share: 0.1 });
        decoded.set(art.sha256, await decodeWhole(await bytesOf(art.sha256), art));
      }
      return packBentPiece(piece, decoded, (share) =>
        onProgress({ doing: 'Bending the picture to the cup', share: 0.2 + 0.6 * share }),
      );
    };
    const parts = await writeSheetsPdf({
      job,
      plan,
      units,
      bytesOf,
      letters: await letterTools(),
      pixels: { decode: decodePixels, inflate: inflateBeside },
      drawBent,
      onProgress: (share) => onProgress({ doing: 'Writing the PDF', share }),
    });
    return blobOf(parts, 'application/pdf');
  },

  /** A true-size line drawing as a PDF, fit for a paper where it can be. */
  async patternPdf(pattern: Pattern, paper: PaperSize): Promise<Blob> {
    const pdf = await patternToPdf(pattern, paper, await letterTools());
    return blobOf([pdf], 'application/pdf');
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
    const bytes = await writeSheetPng(plan, sheet, { job, units, blobOf: stored, onProgress });
    return blobOf([bytes], 'image/png');
  },

  /** Every sheet of a plan as a PNG, all in one archive. */
  async allPngs({ job, plan, blobs, units }: SheetsInput, onProgress: OnProgress): Promise<Blob> {
    const stored = (sha256: string) => storedIn(blobs, sha256);
    return zipPngs(plan, { job, units, blobOf: stored, onProgress });
  },

  /** The PDF's pages through the simulated printer and onto the blank. */
  async trial(
    { job, plan, pages, settings, blobs }: TrialInput,
    onProgress: OnProgress,
  ): Promise<TrialResult> {
    const stored = (sha256: string) => storedIn(blobs, sha256);
    return runTrial(plan, pages, settings, { job, blobOf: stored, onProgress });
  },

  /** A photo of a print or of sheets laid together, held against the plan. */
  async look(
    { job, plan, blobs, units, what }: LookInput,
    photo: Blob,
    corners: readonly Point[],
    onProgress: OnProgress,
  ): Promise<Result<PhotoLook>> {
    const stored = (sha256: string) => storedIn(blobs, sha256);
    return lookAtPhoto(plan, what, photo, corners, { job, units, blobOf: stored, onProgress });
  },

  /** A photo by the simulated camera. */
  async practice(
    { job, plan, blobs, units, what }: LookInput,
    of: { fault: PracticeFault; seed: number },
    onProgress: OnProgress,
  ): Promise<Blob> {
    const stored = (sha256: string) => storedIn(blobs, sha256);
    return practicePhoto(plan, what, of, { job, units, blobOf: stored, onProgress });
  },

  /** A job with its pictures as one file. */
  async packJob(job: Job, shelf: Shelf, blobs: ReadonlyMap<string, Blob>): Promise<Blob> {
    const arts = new Map<string, Uint8Array>();
    for (const [sha256, blob] of blobs) arts.set(sha256, new Uint8Array(await blob.arrayBuffer()));
    return blobOf([packJobFile(job, shelf, arts)], 'application/zip');
  },

  /** Packs a bench into one file; pictures go in as they came. */
  packBackup(
    document: BackupDocument,
    pictures: ReadonlyMap<string, Blob>,
    onProgress: OnProgress,
  ): Promise<Blob> {
    return packBackup(document, pictures, (done, of) =>
      onProgress({ doing: `Packing picture ${done} of ${of}`, share: done / of }),
    );
  },

  /** Whether a zip says that it is a backup. */
  isBackup: (file: Blob): Promise<boolean> => isBackup(file),

  /** Reads a backup and takes in those of its pictures that are not there yet, or refuses it whole. */
  unpackBackup: (file: Blob, have: ReadonlySet<string>, onProgress: OnProgress) =>
    unpackBackup(file, have, onProgress),

  /** Reads a job file and takes its pictures in, or refuses it whole. */
  async unpackJob(file: Blob, onProgress: OnProgress): Promise<Result<UnpackedJob>> {
    onProgress({ doing: 'Reading the job file', share: 0.1 });
    const read = await readJobFile(new Uint8Array(await file.arrayBuffer()));
    if (!read.ok) return read;
    const { job, shelf, arts } = read.value;
    const pictures: TakenIn[] = [];
    for (const art of job.arts) {
      const blob = new Blob([arts.get(art.sha256) as Uint8Array<ArrayBuffer>], { type: art.mime });
      const taken = await takeInPicture(blob, art.name, onProgress);
      if (!taken.ok) return failure(`This job file is refused. ${taken.reason}`);
      pictures.push(taken.value);
    }
    return success({ job, shelf, pictures });
  },
};

export type BenchWorker = typeof benchWorker;

expose(benchWorker);
