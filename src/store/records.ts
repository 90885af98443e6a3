import type { PressRecord } from '@/core/model';
import type { BenchStore } from './bench';
import { listDocuments, type Kept } from './documents';

/** Pressings written down, the latest first. */
export const recordsOf = (kept: readonly Kept<'record'>[]): PressRecord[] =>
  kept.map(({ body }) => body).sort((a, b) => b.at.localeCompare(a.at));

/** All pressings written down, the latest first. */
export const listRecords = async (store: BenchStore): Promise<PressRecord[]> =>
  recordsOf(await listDocuments(store, 'record'));

/** What was written down about one job, the latest first, with the revisions to correct it by. */
export async function recordsOfJob(store: BenchStore, jobId: string): Promise<Kept<'record'>[]> {
  const all = await listDocuments(store, 'record');
  return all
    .filter(({ body }) => body.jobId === jobId)
    .sort((a, b) => b.body.at.localeCompare(a.body.at));
}
