import { originalsOf } from '@/core/art';
import type { Job, Shelf } from '@/core/model';
import { adoptTools, figuresClashes, shelfFor, type FiguresClash } from '@/core/shelf';
import { success, type Result } from '@/core/result';
import {
  getArt,
  loadJob,
  putArt,
  saveDocuments,
  type BenchStore,
  type Keeper,
  type ShelfSession,
  newId,
} from '@/store';
import { packJobTask, type OnProgress, type Task, type TakenIn } from '@/workers';
import { download, fileName } from '../files';

/** The stored bytes of pictures, by SHA-256; those that are not there are left out. */
async function blobsOf(store: BenchStore, all: readonly string[]): Promise<Map<string, Blob>> {
  const blobs = new Map<string, Blob>();
  for (const sha256 of all) {
    const stored = await getArt(store, sha256);
    if (stored) blobs.set(sha256, stored.blob);
  }
  return blobs;
}

const picturesOf = ({ arts }: Pick<Job, 'arts'>) => arts.map(({ sha256 }) => sha256);

/** The stored bytes of a job's pictures. */
export const artBlobs = (store: BenchStore, job: Pick<Job, 'arts'>): Promise<Map<string, Blob>> =>
  blobsOf(store, picturesOf(job));

/** Packs a job with its pictures and what they were prepared from; null where that was stopped. */
export async function packedJob(
  store: BenchStore,
  job: Job,
  shelf: Shelf,
  run: <T>(start: (onProgress: OnProgress) => Task<T>) => Promise<T | null>,
): Promise<Blob | null> {
  const blobs = await blobsOf(store, [...picturesOf(job), ...originalsOf(job)]);
  return run((onProgress) => packJobTask({ job, shelf: shelfFor(job, shelf), blobs }, onProgress));
}

/** Packs a job with its pictures and hands it to the user as a file. */
export async function exportJob(...[store, job, ...rest]: Parameters<typeof packedJob>) {
  const file = await packedJob(store, job, ...rest);
  if (file) download(fileName(job.name, 'job.zip'), file);
}

interface Incoming {
  readonly job: Job;
  readonly shelf: Shelf;
  readonly pictures: readonly TakenIn[];
}

/** Where a job comes to. */
interface Onto {
  readonly store: BenchStore;
  readonly keeper: Keeper;
  readonly own: ShelfSession;
  /** Presets and own things together. */
  readonly shelf: Shelf;
}

/**
 * Puts a checked job file on the bench; a job that can be read there already comes in as a second one.
 * Job and tools are written together or not at all.
 * @param ask which figures hold, where both sides press the same thing otherwise; null leaves the file.
 * @returns the job; null where the person left it; or why the shelf cannot take its tools.
 */
export async function importJob(
  { store, keeper, own, shelf }: Onto,
  incoming: Incoming,
  ask: (clashes: readonly FiguresClash[]) => Promise<'mine' | 'as sent' | null>,
): Promise<Result<Job | null>> {
  const clashes = figuresClashes(incoming.job, incoming.shelf, shelf);
  const figures = clashes.length > 0 ? await ask(clashes) : 'as sent';
  if (!figures) return success(null);
  const { job: adopted, add } = adoptTools(incoming.job, incoming.shelf, shelf, newId, figures);
  const fits = own.fits(add);
  if (!fits.ok) return fits;
  const taken = (await loadJob(store, adopted.id)) !== null;
  const job = taken ? { ...adopted, id: newId() } : adopted;
  for (const { art, blob, preview } of incoming.pictures)
    await putArt(store, { sha256: art.sha256, blob, preview });
  const things = own.writesOf(add);
  const writes = [{ kind: 'job', id: job.id, body: job, baseRev: 0 } as const, ...things];
  const saved = await saveDocuments(store, writes);
  if (saved.kind === 'conflict') throw new Error('Another tab took in the same thing meanwhile.');
  things.forEach(({ kind, id }, i) => keeper.know(kind, id, saved.revs[i + 1] ?? 1));
  own.show(add);
  return success(job);
}
