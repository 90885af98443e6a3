import type { Job } from '@/core/model';
import { saveDocument } from './documents';
import { listDocuments, loadDocument, type Kept } from './reading';
import type { BenchStore } from './types';

export type StoredJob = Kept<'job'>;

/** Jobs with the latest saved first. */
export const latestFirst = (jobs: readonly StoredJob[]): StoredJob[] =>
  [...jobs].sort((a, b) => b.savedAt.localeCompare(a.savedAt));

/** All readable jobs, the latest saved first. */
export const listJobs = async (store: BenchStore): Promise<StoredJob[]> =>
  latestFirst(await listDocuments(store, 'job'));

/** A readable job; null when there is none. */
export async function loadJob(store: BenchStore, id: string): Promise<StoredJob | null> {
  const found = await loadDocument(store, 'job', id);
  return found?.ok ? found.kept : null;
}

/** Saves a job if it still stands at `baseRev` (0 for a new one); see `saveDocuments`. */
export const saveJob = (store: BenchStore, job: Job, baseRev: number, now = new Date()) =>
  saveDocument(store, { kind: 'job', id: job.id, body: job, baseRev }, now);
