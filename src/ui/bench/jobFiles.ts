import type { Job, Shelf } from '@/core/model';
import { adoptTools, shelfFor } from '@/core/shelf';
import { getArt, listJobs, putArt, saveJob, type BenchDatabase } from '@/store';
import { packJobTask, type OnProgress, type Task, type TakenIn } from '@/workers';
import { download, fileName } from '../files';

/** The stored bytes of a job's pictures. */
export async function artBlobs(db: BenchDatabase, job: Job): Promise<Map<string, Blob>> {
  const blobs = new Map<string, Blob>();
  for (const { sha256 } of job.arts) {
    const stored = await getArt(db, sha256);
    if (stored) blobs.set(sha256, stored.blob);
  }
  return blobs;
}

/** Packs a job with its pictures and hands it to the user as a file. */
export async function exportJob(
  db: BenchDatabase,
  job: Job,
  shelf: Shelf,
  run: <T>(start: (onProgress: OnProgress) => Task<T>) => Promise<T | null>,
): Promise<void> {
  const blobs = await artBlobs(db, job);
  const file = await run((onProgress) =>
    packJobTask({ job, shelf: shelfFor(job, shelf), blobs }, onProgress),
  );
  if (file) download(fileName(job.name, 'job.zip'), file);
}

interface Incoming {
  readonly job: Job;
  readonly shelf: Shelf;
  readonly pictures: readonly TakenIn[];
}

/** Puts a checked job file on the bench; a job that is there already comes in as a second one. */
export async function importJob(
  db: BenchDatabase,
  incoming: Incoming,
  shelf: Shelf,
  addToShelf: (things: Shelf) => Promise<void>,
): Promise<Job> {
  const { job: adopted, add } = adoptTools(incoming.job, incoming.shelf, shelf, () =>
    crypto.randomUUID(),
  );
  const taken = (await listJobs(db)).some(({ id }) => id === adopted.id);
  const job = taken ? { ...adopted, id: crypto.randomUUID() } : adopted;
  for (const { art, blob, preview } of incoming.pictures) {
    await putArt(db, { sha256: art.sha256, blob, preview });
  }
  await addToShelf(add);
  await saveJob(db, job, 0);
  return job;
}
