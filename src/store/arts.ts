import type { BenchStore, StoredArt } from './types';

/** Keeps a picture; the same content is kept once. */
export async function putArt(
  store: BenchStore,
  art: Pick<StoredArt, 'sha256' | 'blob' | 'preview'>,
  now = new Date(),
): Promise<void> {
  await store.use((db) => db.put('arts', { ...art, addedAt: now.toISOString() }));
}

export const getArt = (store: BenchStore, sha256: string): Promise<StoredArt | undefined> =>
  store.use((db) => db.get('arts', sha256));

/** Unused pictures are kept this long, for undo and for imports under way. */
const KEEP_UNUSED_MS = 24 * 3600 * 1000;

/** Every text in a document, whatever its kind and whether it can be read or not. */
function textsIn(value: unknown, seen = new Set<unknown>()): string[] {
  if (typeof value === 'string') return [value];
  if (typeof value !== 'object' || value === null || seen.has(value)) return [];
  seen.add(value);
  return Object.values(value).flatMap((part) => textsIn(part, seen));
}

/** Removes pictures that no document names any more. */
export async function sweepArts(store: BenchStore, now = new Date()): Promise<number> {
  return store.use(async (db) => {
    const tx = db.transaction(['documents', 'aside', 'arts'], 'readwrite');
    const used = new Set<string>();
    for (const name of ['documents', 'aside'] as const) {
      for (const { body } of await tx.objectStore(name).getAll())
        textsIn(body).forEach((text) => used.add(text));
    }
    let removed = 0;
    for (
      let cursor = await tx.objectStore('arts').openCursor();
      cursor;
      cursor = await cursor.continue()
    ) {
      const age = now.getTime() - Date.parse(cursor.value.addedAt);
      if (used.has(cursor.value.sha256) || age < KEEP_UNUSED_MS) continue;
      await cursor.delete();
      removed += 1;
    }
    await tx.done;
    return removed;
  });
}
