import * as z from 'zod/mini';
import { DOCUMENT_KINDS, DOCUMENTS, readDocument } from '@/core/model';
import type { BenchName, BenchStore } from './types';
import { saveDocument, type Write } from './documents';
import { newId } from './newId';
import { textTo } from '@/core/schema';

/** Whatever keeps text at once, without waiting: the browser's `localStorage`. */
export type AtOnceStorage = Pick<Storage, 'length' | 'key' | 'getItem' | 'setItem' | 'removeItem'>;

const leftSchema = z.array(
  z.object({
    kind: z.enum(DOCUMENT_KINDS),
    id: textTo(200),
    version: z.int(),
    baseRev: z.int().check(z.minimum(0)),
    body: z.unknown(),
  }),
);

const prefixOf = (bench: BenchName) => `lucky-sheet-left/${bench}/`;

/**
 * Notes down what is not yet written when a page is left: a database answers too late for that.
 * @param writes in order; of one document each is based on the revision the one before makes.
 */
export function leaveBehind(
  bench: BenchName,
  writes: readonly Write[],
  storage: AtOnceStorage,
): void {
  if (writes.length === 0) return;
  const left = writes.map((write) => ({ ...write, version: DOCUMENTS[write.kind].version }));
  try {
    storage.setItem(prefixOf(bench) + newId(), JSON.stringify(left));
  } catch {
    // full or refused: what was said to be saved is saved, this last edit is not
  }
}

function readLeft(text: string) {
  try {
    return leftSchema.parse(JSON.parse(text));
  } catch {
    return []; // not of our writing
  }
}

/** Writes one thing that was left; whether it is stored now. What another tab stored since stands. */
async function takeUp(store: BenchStore, left: z.infer<typeof leftSchema>[number]) {
  const { kind, id, version, baseRev } = left;
  const read = left.body === null ? null : readDocument(kind, version, left.body);
  if (read && !read.ok) return false;
  const body = read ? read.value : null;
  const outcome = await saveDocument(store, { kind, id, body, baseRev });
  if (outcome.kind === 'saved') return true;
  const { stored } = outcome;
  // it was written after all while the page was going
  return stored?.ok ? JSON.stringify(stored.kept.body) === JSON.stringify(body) : false;
}

/**
 * Writes what pages left behind unwritten (`leaveBehind`), before anything of the bench is read.
 * @throws where the database refuses; it is tried again the next time then.
 */
export async function takeUpLeft(store: BenchStore, storage: AtOnceStorage): Promise<void> {
  const prefix = prefixOf(store.name);
  const keys = Array.from({ length: storage.length }, (_, i) => storage.key(i) ?? '');
  for (const key of keys.filter((each) => each.startsWith(prefix))) {
    const overtaken = new Set<string>();
    for (const left of readLeft(storage.getItem(key) ?? '')) {
      const document = `${left.kind}/${left.id}`;
      if (!overtaken.has(document) && !(await takeUp(store, left))) overtaken.add(document);
    }
    storage.removeItem(key);
  }
}
