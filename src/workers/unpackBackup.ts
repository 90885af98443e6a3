import { success, type Result } from '@/core/result';
import type { BackupRead } from '@/files/backup';
import { openBackup } from '@/files/backup/zip';
import type { OnProgress } from './progress';
import { takeInPicture, type TakenIn } from './takeIn';

/** A backup's contents, checked, with its pictures ready to be kept. */
export interface UnpackedBackup {
  readonly read: BackupRead;
  readonly pictures: readonly TakenIn[];
  /** How many of its pictures are missing or damaged. */
  readonly lostPictures: number;
}

/** Reads a backup and takes in those of its pictures that are not there yet, or refuses it whole. */
export async function unpackBackup(
  file: Blob,
  have: ReadonlySet<string>,
  onProgress: OnProgress,
): Promise<Result<UnpackedBackup>> {
  onProgress({ doing: 'Reading the backup', share: 0.05 });
  const opened = await openBackup(file);
  if (!opened.ok) return opened;
  const { picture, ...read } = opened.value;
  const wanted = read.pictures.filter(({ sha256 }) => !have.has(sha256));
  const pictures: TakenIn[] = [];
  for (const [i, { sha256 }] of wanted.entries()) {
    onProgress({
      doing: `Taking in picture ${i + 1} of ${wanted.length}`,
      share: i / wanted.length,
    });
    const bytes = await picture(sha256);
    const taken = bytes.ok ? await takeInPicture(bytes.value, sha256, () => undefined) : bytes;
    if (taken.ok) pictures.push(taken.value);
  }
  return success({ read, pictures, lostPictures: wanted.length - pictures.length });
}
