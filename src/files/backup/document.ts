import * as z from 'zod/mini';
import { DOCUMENT_KINDS, readDocument, type DocumentKind, type Documents } from '@/core/model';
import { failure, success, type Result } from '@/core/result';
import { complaints, documentFaultWords } from '@/words/documents';
import { textTo, listTo } from '@/core/schema';

export const BACKUP_FORMAT = 'lucky-sheet-backup';
const VERSION = 1;

/** Most documents and pictures a backup may hold: far above any honest bench (own choice). */
export const MOST_DOCUMENTS = 50_000;
export const MOST_PICTURES = 5_000;

const time = z.iso.datetime({ offset: true });

/** A document as it lay on the bench. */
const keptSchema = z.object({
  kind: z.string().check(z.minLength(1), z.maxLength(40)),
  id: z.string().check(z.minLength(1), z.maxLength(200)),
  /** Version of its kind that it was written as. */
  version: z.int().check(z.minimum(0)),
  /** When it was last saved; empty where that was not known. */
  savedAt: z.union([time, z.literal('')]),
  body: z.unknown(),
});
/** A document as it lies in a backup; its body is not trusted before it was read. */
export type KeptInBackup = z.infer<typeof keptSchema>;

/** `backup.json` of a backup. */
export const backupSchema = z.object({
  format: z.literal(BACKUP_FORMAT),
  version: z.literal(VERSION),
  writtenAt: time,
  documents: listTo(keptSchema, MOST_DOCUMENTS),
  /** What could not be read on the bench, and was kept whole. */
  aside: listTo(keptSchema, MOST_DOCUMENTS),
  /** The pictures, each a file of the zip, byte for byte as it came. */
  pictures: listTo(
    z.object({ sha256: z.string().check(z.regex(/^[0-9a-f]{64}$/)), file: textTo(80) }),
    MOST_PICTURES,
  ),
});
export type BackupDocument = z.infer<typeof backupSchema>;

/** A document of a backup that can be read here, brought forward to the present version. */
export interface Readable<K extends DocumentKind = DocumentKind> {
  readonly kind: K;
  readonly id: string;
  readonly savedAt: string;
  readonly body: Documents[K];
}

/** What a backup holds, each document read. */
export interface BackupRead {
  readonly writtenAt: string;
  readonly documents: readonly Readable[];
  /** What cannot be read here, or could not when it was written, and why. */
  readonly unreadable: readonly { readonly kept: KeptInBackup; readonly reason: string }[];
  readonly pictures: BackupDocument['pictures'];
}

/** `backup.json` of what lies on a bench. */
export const toBackup = (
  documents: readonly KeptInBackup[],
  aside: readonly KeptInBackup[],
  pictures: BackupDocument['pictures'],
  now: Date,
): BackupDocument => ({
  format: BACKUP_FORMAT,
  version: VERSION,
  writtenAt: now.toISOString(),
  documents: [...documents],
  aside: [...aside],
  pictures: [...pictures],
});

const isKind = (kind: string): kind is DocumentKind =>
  (DOCUMENT_KINDS as readonly string[]).includes(kind);

/** Whether a document that says its id is kept under it: by it, screens find and keep it. */
const isItsOwn = (id: string, body: { readonly id?: string } | object): boolean =>
  !('id' in body) || body.id === id;

/** Reads a parsed JSON value as a backup; what cannot be read in it is kept apart, whole. */
export function readBackup(value: unknown): Result<BackupRead> {
  const envelope = z
    .object({ format: z.literal(BACKUP_FORMAT), version: z.int() })
    .safeParse(value);
  if (!envelope.success)
    return failure(`this is no backup of Lucky Sheet (${complaints(envelope.error.issues)})`);
  if (envelope.data.version > VERSION)
    return failure(
      `it was written by a newer Lucky Sheet (version ${envelope.data.version}; this one reads up to ${VERSION})`,
    );
  const whole = backupSchema.safeParse(value);
  if (!whole.success)
    return failure(`its backup.json is damaged (${complaints(whole.error.issues)})`);
  const { writtenAt, documents, aside, pictures } = whole.data;
  const readable: Readable[] = [];
  const unreadable: BackupRead['unreadable'][number][] = aside.map((kept) => ({
    kept,
    reason: 'it could not be read when the backup was written',
  }));
  for (const kept of documents) {
    if (!isKind(kept.kind)) {
      unreadable.push({ kept, reason: 'it is of a kind this version does not know' });
      continue;
    }
    const read = readDocument(kept.kind, kept.version, kept.body);
    if (read.ok && !isItsOwn(kept.id, read.value))
      unreadable.push({ kept, reason: 'it is kept under another id than its own' });
    else if (read.ok)
      readable.push({ kind: kept.kind, id: kept.id, savedAt: kept.savedAt, body: read.value });
    else unreadable.push({ kept, reason: documentFaultWords(read.reason) });
  }
  return success({ writtenAt, documents: readable, unreadable, pictures });
}
