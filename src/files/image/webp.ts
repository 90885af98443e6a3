import { failure, success, type Result } from '@/core/result';
import { cutOut, signsAt, viewOf, type Stretch } from './stretch';

const TRUNCATED =
  'The WebP ends in the middle: it was cut short when copied or saved. Copy it again.';

const fourCc = (bytes: Uint8Array, at: number): string => signsAt(bytes, at, 4);

/** RIFF container with the form type WEBP (RFC 9649 §2.3). */
export const isWebp = (bytes: Uint8Array): boolean =>
  fourCc(bytes, 0) === 'RIFF' && fourCc(bytes, 8) === 'WEBP';

/** Reads the pixel size from the first chunk and sees whether the file is whole (RFC 9649 §2.5–2.7). */
export function readWebp(
  bytes: Uint8Array,
): Result<{ width: number; height: number; transparent: boolean }> {
  if (bytes.length < 30) return failure(TRUNCATED);
  const view = viewOf(bytes);
  if (view.getUint32(4, true) + 8 > bytes.length) return failure(TRUNCATED);
  switch (fourCc(bytes, 12)) {
    case 'VP8X': {
      const uint24 = (at: number) => view.getUint16(at, true) + (bytes[at + 2] ?? 0) * 65_536;
      return success({ width: uint24(24) + 1, height: uint24(27) + 1, transparent: true });
    }
    case 'VP8L': {
      const bits = view.getUint32(21, true);
      return success({
        width: (bits & 0x3fff) + 1,
        height: ((bits >>> 14) & 0x3fff) + 1,
        transparent: true,
      });
    }
    case 'VP8 ':
      return success({
        width: view.getUint16(26, true) & 0x3fff,
        height: view.getUint16(28, true) & 0x3fff,
        transparent: false,
      });
    default:
      return failure('The WebP holds no picture. Save it again from the program it came from.');
  }
}

/** Where EXIF stands (RFC 9649 §2.7.1.5); chunks are padded to an even length. */
export function exifOfWebp(bytes: Uint8Array): Stretch[] {
  const found: Stretch[] = [];
  const view = viewOf(bytes);
  for (let at = 12; at + 8 <= bytes.length;) {
    const size = view.getUint32(at + 4, true);
    const next = at + 8 + size + (size % 2);
    if (fourCc(bytes, at) === 'EXIF') found.push([at, next]);
    at = next;
  }
  return found;
}

/** The bit of a VP8X chunk's flags that says EXIF follows (RFC 9649 §2.7.1). */
const EXIF_FLAG = 0x08;

/** A WebP without EXIF, in parts: it says how long it is, and whether EXIF follows. */
export function webpWithoutExif(bytes: Uint8Array<ArrayBuffer>): Uint8Array<ArrayBuffer>[] {
  const [first = bytes, ...rest] = cutOut(bytes, exifOfWebp(bytes));
  if (rest.length === 0) return [bytes];
  const head = first.slice();
  const length = rest.reduce((sum, part) => sum + part.length, head.length);
  viewOf(head).setUint32(4, length - 8, true);
  if (fourCc(head, 12) === 'VP8X') head[20] = (head[20] ?? 0) & ~EXIF_FLAG;
  return [head, ...rest];
}
