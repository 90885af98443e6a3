import type { PressRecord } from '@/core/model';
import type { BenchStore } from './bench';
import { listDocuments } from './documents';

/** All pressings written down, the latest first. */
export async function listRecords(store: BenchStore): Promise<PressRecord[]> {
  const all = await listDocuments(store, 'record');
  return all.map(({ body }) => body).sort((a, b) => b.at.localeCompare(a.at));
}
