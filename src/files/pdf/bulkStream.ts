import { PDFStream, type PDFDict, type PDFDocument } from '@cantoo/pdf-lib';

/** A part of a file: bytes, or a stretch of a picture where the browser keeps it, which need not be read to be written on. */
export type FilePart = Uint8Array | Blob;

const lengthOf = (part: FilePart): number => (part instanceof Blob ? part.size : part.length);

/**
 * A PDF stream of many megabytes, in parts. The library's own stream copies byte by byte into the
 * file; this one only leaves room and remembers where, so that the file can be put together from
 * parts without copying a picture.
 */
export class BulkStream extends PDFStream {
  /** Where the room for the parts begins in the file; known once it is written. */
  at = 0;

  constructor(
    dict: PDFDict,
    readonly parts: readonly FilePart[],
  ) {
    super(dict);
  }

  override getContentsSize(): number {
    return this.parts.reduce((sum, part) => sum + lengthOf(part), 0);
  }

  override copyBytesInto(buffer: Uint8Array, offset: number): number {
    this.updateDict();
    const words = new TextEncoder();
    const head = words.encode('\nstream\n');
    const tail = words.encode('\nendstream');
    const dictSize = this.dict.copyBytesInto(buffer, offset);
    buffer.set(head, offset + dictSize);
    this.at = offset + dictSize + head.length;
    const end = this.at + this.getContentsSize();
    buffer.set(tail, end);
    return end + tail.length - offset;
  }
}

/** A document as a file in parts, in order: what the library wrote, and the pictures between. */
export async function savedInParts(doc: PDFDocument): Promise<readonly FilePart[]> {
  const whole = await doc.save({
    useObjectStreams: false,
    objectsPerTick: Infinity,
    updateFieldAppearances: false,
  });
  const bulk = doc.context
    .enumerateIndirectObjects()
    .flatMap(([, object]) => (object instanceof BulkStream ? [object] : []))
    .sort((a, b) => a.at - b.at);
  const parts: FilePart[] = [];
  let from = 0;
  for (const stream of bulk) {
    parts.push(whole.subarray(from, stream.at), ...stream.parts);
    from = stream.at + stream.getContentsSize();
  }
  return [...parts, whole.subarray(from)];
}
