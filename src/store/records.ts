import { migrate, recordSchema, SCHEMA_VERSION, type PressRecord } from '@/core/model';
import { runSchema, type Run } from '@/core/press';
import type { BenchDatabase } from './database';

/** All pressings written down, the latest first. */
export async function listRecords(db: BenchDatabase): Promise<PressRecord[]> {
  const all = await db.getAll('records');
  return all
    .flatMap(({ record, schemaVersion }) => {
      const document = record as unknown as Record<string, unknown>;
      const read = recordSchema.safeParse(migrate(document, schemaVersion));
      return read.success ? [read.data] : [];
    })
    .sort((a, b) => b.at.localeCompare(a.at));
}

export async function putRecord(db: BenchDatabase, record: PressRecord): Promise<void> {
  await db.put('records', { id: record.id, schemaVersion: SCHEMA_VERSION, record });
}

export const deleteRecord = (db: BenchDatabase, id: string): Promise<void> =>
  db.delete('records', id);

/** The pressing under way for a job, if any. */
export async function getRun(db: BenchDatabase, jobId: string): Promise<Run | null> {
  const read = runSchema.safeParse(await db.get('runs', jobId));
  return read.success ? read.data : null;
}

export async function putRun(db: BenchDatabase, run: Run): Promise<void> {
  await db.put('runs', run);
}

export const deleteRun = (db: BenchDatabase, jobId: string): Promise<void> =>
  db.delete('runs', jobId);
