import { failure, success, type Result } from '@/core/result';

const TRUNCATED =
  'The WebP ends in the middle: it was cut short when copied or saved. Copy it again.';

const fourCc = (bytes: Uint8Array, at: number): string =>
  String.fromCharCode(...bytes.subarray(at, at + 4));

/** RIFF container with the form type WEBP (RFC 9649 §2.3). */
export const isWebp = (bytes: Uint8Array): boolean =>
  fourCc(bytes, 0) === 'RIFF' && fourCc(bytes, 8) === 'WEBP';

/** Reads the pixel size from the first chunk and sees whether the file is whole (RFC 9649 §2.5–2.7). */
export function readWebp(
  bytes: Uint8Array,
): Result<{ width: number; height: number; transparent: boolean }> {
  if (bytes.length < 30) return failure(TRUNCATED);
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
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
