import { same } from '@/core/model';
import type { AsideDocument, BenchStore, RawDocument } from './types';

/** All that lies on a bench, as it lies. */
export interface WholeBench {
  readonly documents: readonly RawDocument[];
  /** What could not be read and is kept whole. */
  readonly aside: readonly AsideDocument[];
  /** The stored bytes of every picture, by SHA-256. */
  readonly pictures: ReadonlyMap<string, Blob>;
}

/** Reads a bench whole, in one moment. */
export const wholeBench = (store: BenchStore): Promise<WholeBench> =>
  store.use(async (db) => {
    const tx = db.transaction(['documents', 'aside', 'arts']);
    const [documents, aside, arts] = await Promise.all([
      tx.objectStore('documents').getAll(),
      tx.objectStore('aside').getAll(),
      tx.objectStore('arts').getAll(),
    ]);
    await tx.done;
    return { documents, aside, pictures: new Map(arts.map(({ sha256, blob }) => [sha256, blob])) };
  });

/** Which pictures a bench holds, by SHA-256. */
export const picturesKept = (store: BenchStore): Promise<ReadonlySet<string>> =>
  store.use(async (db) => new Set(await db.getAllKeys('arts')));

const plain = ({ kind, id, version, body }: AsideDocument) => ({ kind, id, version, body });

/** Sets documents that cannot be read aside, whole, unless they lie there already. */
export const keepAside = (store: BenchStore, lost: readonly AsideDocument[]): Promise<number> =>
  store.use(async (db) => {
    const tx = db.transaction('aside', 'readwrite');
    const there = await tx.store.getAll();
    const fresh = lost.filter((each) => !there.some((kept) => same(plain(kept), plain(each))));
    for (const each of fresh)
      await tx.store.add({ ...plain(each), rev: each.rev, savedAt: each.savedAt });
    await tx.done;
    return fresh.length;
  });
