import type { FilePart } from '@/files/pdf';

/** A picture of a job as the browser keeps it. @throws where it is missing. */
export function storedIn(blobs: ReadonlyMap<string, Blob>, sha256: string): Blob {
  const blob = blobs.get(sha256);
  if (!blob) throw new Error('A picture of this job is missing from the browser’s storage.');
  return blob;
}

/** A file made here goes out as a blob: the page need not copy it. */
export const blobOf = (parts: readonly FilePart[], type: string): Blob =>
  new Blob(parts as BlobPart[], { type });
