import type { Unreadable } from '@/store';
import { download, fileName } from '../files';

/** What a document calls itself, where that can be made out. */
export function asideName({ raw }: Unreadable): string {
  const { body, kind, id } = raw;
  const named = typeof body === 'object' && body !== null ? (body as { name?: unknown }) : {};
  return typeof named.name === 'string' && named.name.trim() !== ''
    ? named.name.slice(0, 120)
    : `${kind} ${id}`;
}

/** Hands what cannot be read to the person as a file, whole. */
export function saveAside(lost: Unreadable): void {
  const { kind, id, version, savedAt, body } = lost.raw;
  const file = { format: 'lucky-sheet-aside', kind, version, id, savedAt, body };
  download(
    fileName(asideName(lost), `${kind}.json`),
    new Blob([JSON.stringify(file, null, 1)], { type: 'application/json' }),
  );
}
