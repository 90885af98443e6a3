import { BlobReader, ZipReader, type FileEntry } from '@zip.js/zip.js';
import { failure, success, type Result } from '@/core/result';
import { sha256Of } from '../sha256';
import { zipped } from '../zipped';
import { readBackup, type BackupDocument, type BackupRead } from './document';

const JSON_NAME = 'backup.json';
const ART_NAME = /^art\/[0-9a-f]{64}\.(png|jpg|webp)$/;
/** Bounds of one part when it is unpacked, bytes (own choice: above any honest bench and picture). */
const MAX_JSON_BYTES = 400_000_000;
const MAX_PICTURE_BYTES = 400_000_000;
/** Parts in a backup: one document, and pictures. */
const MAX_PARTS = 6_000;

/**
 * Packs a bench: `backup.json` and the pictures as they came. One part is in memory at a time.
 * @param pictures the stored bytes of each picture the document names, by SHA-256.
 */
export async function packBackup(
  document: BackupDocument,
  pictures: ReadonlyMap<string, Blob>,
  onPart: (done: number, of: number) => void = () => undefined,
): Promise<Blob> {
  const { length } = document.pictures;
  const parts = document.pictures.map(({ sha256, file }) => {
    const holds = pictures.get(sha256);
    if (!holds) throw new Error(`The bytes of picture ${sha256} are missing.`);
    return { name: file, holds };
  });
  const all = [{ name: JSON_NAME, holds: JSON.stringify(document) }, ...parts];
  return zipped(all, new Date(), (done) => {
    if (done > 1) onPart(done - 1, length);
  });
}

/** Refused while unpacking, with the reason. */
class Refused extends Error {}

/** Unpacks one part, and stops where it grows beyond what it may. */
async function unpacked(entry: FileEntry, most: number): Promise<Blob> {
  const parts: Blob[] = [];
  let size = 0;
  const sink = new WritableStream<Uint8Array<ArrayBuffer>>({
    write(part) {
      size += part.length;
      if (size > most) throw new Refused(`${entry.filename} unpacks to over ${most / 1e6} MB`);
      parts.push(new Blob([part.slice()]));
    },
  });
  await entry.getData(sink, { checkSignature: true });
  return new Blob(parts);
}

/** A backup opened: what it holds, and its pictures one by one. */
export interface OpenedBackup extends BackupRead {
  /** The bytes of a picture; or why they cannot be had. */
  readonly picture: (sha256: string) => Promise<Result<Blob>>;
}

const listed = async (zip: Blob): Promise<Map<string, FileEntry>> => {
  const parts = new Map<string, FileEntry>();
  for await (const entry of new ZipReader(new BlobReader(zip)).getEntriesGenerator()) {
    const { filename } = entry;
    if (entry.directory || (filename !== JSON_NAME && !ART_NAME.test(filename)))
      throw new Refused(`it holds “${filename.slice(0, 80)}”, which does not belong in a backup`);
    if (parts.has(filename)) throw new Refused(`it holds “${filename}” twice`);
    if (entry.encrypted) throw new Refused('it is locked by a password');
    if (parts.size >= MAX_PARTS) throw new Refused(`it holds over ${MAX_PARTS} parts`);
    parts.set(filename, entry);
  }
  return parts;
};

/** Whether a zip says that it is a backup: it holds a `backup.json`. Anything that is no zip is none. */
export async function isBackup(file: Blob): Promise<boolean> {
  try {
    for await (const { filename } of new ZipReader(new BlobReader(file)).getEntriesGenerator())
      if (filename === JSON_NAME) return true;
    return false;
  } catch {
    return false;
  }
}

/** Opens a backup and reads its documents, or refuses it with a reason; nothing outside is touched. */
export async function openBackup(zip: Blob): Promise<Result<OpenedBackup>> {
  try {
    const parts = await listed(zip);
    const json = parts.get(JSON_NAME);
    if (!json) throw new Refused('it holds no backup.json');
    const text = await (await unpacked(json, MAX_JSON_BYTES)).text();
    const read = readBackup(parsed(text));
    if (!read.ok) throw new Refused(read.reason);
    const files = new Map(read.value.pictures.map(({ sha256, file }) => [sha256, file]));
    return success({
      ...read.value,
      async picture(sha256) {
        const entry = parts.get(files.get(sha256) ?? '');
        if (!entry) return failure('it is not in the backup');
        try {
          const bytes = await unpacked(entry, MAX_PICTURE_BYTES);
          const intact = (await sha256Of(new Uint8Array(await bytes.arrayBuffer()))) === sha256;
          return intact ? success(bytes) : failure('its bytes were changed');
        } catch (error) {
          return failure(error instanceof Refused ? error.message : 'it is damaged');
        }
      },
    });
  } catch (error) {
    const reason =
      error instanceof Refused ? error.message : 'it is not a zip file, or a broken one';
    return failure(`This backup is refused: ${reason}. Nothing was changed.`);
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw new Refused('its backup.json is not JSON');
  }
}
