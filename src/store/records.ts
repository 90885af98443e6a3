import type { PressRecord } from '@/core/model';
import {
  latestDocuments,
  loadDocument,
  readable,
  readDocuments,
  type Found,
  type Kept,
} from './reading';
import type { BenchStore } from './types';

type Log = readonly Found<'record'>[];

/** The logs that were read, of which laying out of the bench: years of pressings are read once, not at every look. */
const logs = new WeakMap<BenchStore, { readonly laidOut: number; readonly log: Promise<Log> }>();

function keep(store: BenchStore, log: Promise<Log>): Promise<Log> {
  const entry = { laidOut: store.laidOut(), log };
  logs.set(store, entry);
  // what could not be read is asked for again
  log.catch(() => logs.get(store) === entry && logs.delete(store));
  return log;
}

/** The log with some of its pressings read again. */
async function renewed(
  store: BenchStore,
  log: Promise<Log>,
  ids: ReadonlySet<string>,
): Promise<Log> {
  const others = (await log).filter((one) => !ids.has(one.ok ? one.kept.id : one.lost.raw.id));
  const fresh = await Promise.all([...ids].map((id) => loadDocument(store, 'record', id)));
  return [...others, ...fresh.filter((one) => one !== null)];
}

/** Keeps what was read of a bench's log true as pressings are written, put right or taken away, in any tab. */
export function followLog(store: BenchStore): void {
  store.hear((changes) => {
    const known = logs.get(store);
    const ids = new Set(changes.flatMap(({ kind, id }) => (kind === 'record' ? [id] : [])));
    // of a bench that was cleared nothing is carried on
    if (known?.laidOut === store.laidOut() && ids.size > 0)
      void keep(store, renewed(store, known.log, ids));
  });
}

/** Whether the log of a bench has been read. */
export const isLogRead = (store: BenchStore): boolean =>
  logs.get(store)?.laidOut === store.laidOut();

/** All pressings written down, also what cannot be read. */
export function logOf(store: BenchStore): Promise<Log> {
  const known = logs.get(store);
  if (known?.laidOut === store.laidOut()) return known.log;
  return keep(store, readDocuments(store, 'record'));
}

const latestFirst = (kept: readonly Kept<'record'>[]): Kept<'record'>[] =>
  [...kept].sort((a, b) => b.body.at.localeCompare(a.body.at));

/** Pressings written down, the latest first. */
export const recordsOf = (kept: readonly Kept<'record'>[]): PressRecord[] =>
  latestFirst(kept).map(({ body }) => body);

/** All pressings written down, the latest first. */
export const listRecords = async (store: BenchStore): Promise<PressRecord[]> =>
  recordsOf(readable(await logOf(store)));

/** So many pressings written down at most, the latest first, without reading the others. */
export const latestRecords = async (store: BenchStore, most: number): Promise<PressRecord[]> =>
  recordsOf(await latestDocuments(store, 'record', most));

/** What was written down about one job, the latest first, with the revisions to correct it by. */
export const recordsOfJob = async (store: BenchStore, jobId: string): Promise<Kept<'record'>[]> =>
  latestFirst(readable(await logOf(store)).filter(({ body }) => body.jobId === jobId));
