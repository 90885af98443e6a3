import type { BenchDatabase, StoredArt } from './database';

/** Keeps a picture; the same content is kept once. */
export async function putArt(
  db: BenchDatabase,
  art: Pick<StoredArt, 'sha256' | 'blob' | 'preview'>,
  now = new Date(),
): Promise<void> {
  await db.put('arts', { ...art, addedAt: now.toISOString() });
}

export const getArt = (db: BenchDatabase, sha256: string): Promise<StoredArt | undefined> =>
  db.get('arts', sha256);

/** Unused pictures are kept this long, for undo and for imports under way. */
const KEEP_UNUSED_MS = 24 * 3600 * 1000;

/** Removes pictures that no job and no record uses any more. */
export async function sweepArts(db: BenchDatabase, now = new Date()): Promise<number> {
  const tx = db.transaction(['jobs', 'records', 'arts'], 'readwrite');
  const used = new Set<string>();
  for (const { job } of await tx.objectStore('jobs').getAll()) {
    for (const { sha256, madeFrom } of job.arts) {
      used.add(sha256);
      if (madeFrom) used.add(madeFrom); // the original of a prepared picture
    }
  }
  for (const { record } of await tx.objectStore('records').getAll()) {
    if (record.photoSha256) used.add(record.photoSha256);
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
}
