import { SHELF_KINDS, type DocumentKind } from '@/core/model';
import { toBackup } from '@/files/backup';
import { wholeBench, type AsideDocument, type BenchStore, type RawDocument } from '@/store';
import { packBackupTask, type OnProgress, type Task } from '@/workers';

type Run = <T>(start: (onProgress: OnProgress) => Task<T>) => Promise<T | null>;

/** A document as it goes into a backup. */
function bare({ kind, id, version, savedAt, body }: AsideDocument) {
  // a moment that is none is not passed on
  const at = Number.isNaN(Date.parse(savedAt)) ? '' : new Date(savedAt).toISOString();
  return { kind, id, version, savedAt: at, body };
}

const endingOf = (type: string): string =>
  type === 'image/jpeg' ? 'jpg' : type.replace('image/', '');

/** Packs a bench, all of it, into one file; null where that was stopped. */
export async function packedBench(store: BenchStore, now: Date, run: Run): Promise<Blob | null> {
  const { documents, aside, pictures } = await wholeBench(store);
  return packed(documents, aside, pictures, now, run);
}

const SHELF: ReadonlySet<DocumentKind> = new Set(Object.values(SHELF_KINDS));

/** Packs an evening with its jobs, their pictures and the shelf's own things into one file; null where that was stopped. */
export async function packedEvening(
  store: BenchStore,
  eveningId: string,
  jobIds: readonly string[],
  run: Run,
): Promise<Blob | null> {
  const { documents, pictures } = await wholeBench(store);
  const goes = documents.filter(
    ({ kind, id }) =>
      SHELF.has(kind) ||
      (kind === 'job' && jobIds.includes(id)) ||
      (kind === 'evening' && id === eveningId),
  );
  const told = JSON.stringify(goes);
  const theirs = new Map([...pictures].filter(([sha256]) => told.includes(sha256)));
  return packed(goes, [], theirs, new Date(), run);
}

async function packed(
  documents: readonly RawDocument[],
  aside: readonly AsideDocument[],
  pictures: ReadonlyMap<string, Blob>,
  now: Date,
  run: Run,
): Promise<Blob | null> {
  const parts = [...pictures].map(([sha256, { type }]) => ({
    sha256,
    file: `art/${sha256}.${endingOf(type)}`,
  }));
  return run((onProgress) =>
    packBackupTask(
      toBackup(documents.map(bare), aside.map(bare), parts, now),
      pictures,
      onProgress,
    ),
  );
}
