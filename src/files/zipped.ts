import { BlobReader, BlobWriter, configure, TextReader, ZipWriter } from '@zip.js/zip.js';

// it runs in a worker of ours already
configure({ useWebWorkers: false });

/** One part of a zip: text is packed, pictures are packed in themselves and go in as they are. */
export interface ZipPart {
  readonly name: string;
  readonly holds: string | Blob;
}

/**
 * Packs parts into a zip, one in memory at a time.
 * @param at the moment that each part is of. @param onPart is told how many parts are in.
 */
export async function zipped(
  parts: readonly ZipPart[],
  at: Date,
  onPart: (done: number) => void = () => undefined,
): Promise<Blob> {
  const zip = new ZipWriter(new BlobWriter('application/zip'), {
    ...{ keepOrder: true, lastModDate: at },
  });
  for (const [i, { name, holds }] of parts.entries()) {
    if (typeof holds === 'string') await zip.add(name, new TextReader(holds), { level: 6 });
    else await zip.add(name, new BlobReader(holds), { level: 0 });
    onPart(i + 1);
  }
  return zip.close();
}
