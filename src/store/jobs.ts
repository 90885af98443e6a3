import { jobSchema, migrate, SCHEMA_VERSION, type Job } from '@/core/model';
import type { BenchDatabase, StoredJob } from './database';

export type SaveOutcome =
  | { kind: 'saved'; rev: number }
  /** Someone else saved in between; nothing was written. */
  | { kind: 'conflict'; stored: StoredJob };

/** Today's shape of a stored job, or null when it cannot be read any more. */
function revive(stored: StoredJob): StoredJob | null {
  const document = stored.job as unknown as Record<string, unknown>;
  const read = jobSchema.safeParse(migrate(document, stored.schemaVersion));
  return read.success ? { ...stored, job: read.data } : null;
}

/** All readable jobs, the latest saved first. */
export async function listJobs(db: BenchDatabase): Promise<StoredJob[]> {
  const all = await db.getAll('jobs');
  return all
    .map(revive)
    .filter((job): job is StoredJob => job !== null)
    .sort((a, b) => b.savedAt.localeCompare(a.savedAt));
}

export async function loadJob(db: BenchDatabase, id: string): Promise<StoredJob | null> {
  const stored = await db.get('jobs', id);
  return stored ? revive(stored) : null;
}

/**
 * Saves a job if it still stands at `baseRev` (0 for a new one); compares and writes in one
 * transaction, so that two tabs cannot both win.
 */
export async function saveJob(
  db: BenchDatabase,
  job: Job,
  baseRev: number,
  now = new Date(),
): Promise<SaveOutcome> {
  const tx = db.transaction('jobs', 'readwrite');
  const stands = await tx.store.index('rev').getKey([job.id, baseRev]);
  const other = stands === undefined ? await tx.store.get(job.id) : undefined;
  if (other) {
    await tx.done;
    return { kind: 'conflict', stored: other };
  }
  const rev = baseRev + 1;
  await tx.store.put({
    id: job.id,
    rev,
    savedAt: now.toISOString(),
    schemaVersion: SCHEMA_VERSION,
    job,
  });
  await tx.done;
  return { kind: 'saved', rev };
}

/** Takes a job off the bench; its pictures stay until `sweepArts`, so that this can be undone. */
export const deleteJob = (db: BenchDatabase, id: string): Promise<void> => db.delete('jobs', id);

/** Puts a deleted job back as it was. */
export const restoreJob = (db: BenchDatabase, stored: StoredJob): Promise<string> =>
  db.put('jobs', stored);
