import type { Job } from '@/core/model';
import type { BenchStore } from './bench';
import { listDocuments, loadDocument, saveDocument, type Kept } from './documents';

export type StoredJob = Kept<'job'>;

/** All readable jobs, the latest saved first. */
export async function listJobs(store: BenchStore): Promise<StoredJob[]> {
  const all = await listDocuments(store, 'job');
  return all.sort((a, b) => b.savedAt.localeCompare(a.savedAt));
}

/** A readable job; null when there is none. */
export async function loadJob(store: BenchStore, id: string): Promise<StoredJob | null> {
  const found = await loadDocument(store, 'job', id);
  return found?.ok ? found.kept : null;
}

/** Saves a job if it still stands at `baseRev` (0 for a new one); see `saveDocuments`. */
export const saveJob = (store: BenchStore, job: Job, baseRev: number, now = new Date()) =>
  saveDocument(store, { kind: 'job', id: job.id, body: job, baseRev }, now);
