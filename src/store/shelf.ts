import { migrate, SCHEMA_VERSION, shelfSchema, type Shelf } from '@/core/model';
import { EMPTY_SHELF } from '@/core/shelf';
import type { BenchDatabase } from './database';

/** What the user put on the shelf; our presets are not in it. */
export async function loadOwnShelf(db: BenchDatabase): Promise<Shelf> {
  const stored = await db.get('shelf', 'own');
  if (!stored) return EMPTY_SHELF;
  const document = stored.shelf as unknown as Record<string, unknown>;
  const read = shelfSchema.safeParse(migrate(document, stored.schemaVersion));
  return read.success ? read.data : EMPTY_SHELF;
}

export async function saveOwnShelf(db: BenchDatabase, shelf: Shelf): Promise<void> {
  await db.put('shelf', { id: 'own', schemaVersion: SCHEMA_VERSION, shelf });
}
