import { failure, success, type Result } from '@/core/result';

const TRUNCATED =
  'The JPEG ends in the middle: it was cut short when copied or saved. Copy it again.';

export const isJpeg = (bytes: Uint8Array): boolean => bytes[0] === 0xff && bytes[1] === 0xd8;

/** Start-of-frame markers, ITU-T T.81 table B.1: C0–CF less DHT (C4), JPG (C8) and DAC (CC). */
const isFrame = (marker: number): boolean =>
  marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);

/** Whether an end-of-image marker stands somewhere near the end (cameras may append a trailer). */
function hasEnd(bytes: Uint8Array): boolean {
  for (let i = bytes.length - 2; i > 2; i--) {
    if (bytes[i] === 0xff && bytes[i + 1] === 0xd9) return true;
  }
  return false;
}

/** Reads the pixel size from the frame header and sees whether the file is whole. */
export function readJpeg(
  bytes: Uint8Array,
): Result<{ width: number; height: number; transparent: false }> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let at = 2;
  while (at + 9 < bytes.length) {
    if (bytes[at] !== 0xff) return failure(TRUNCATED);
    const marker = bytes[at + 1] ?? 0;
    if (marker === 0xff) {
      at += 1;
      continue;
    }
    if (isFrame(marker)) {
      if (!hasEnd(bytes.subarray(at))) return failure(TRUNCATED);
      const [width, height] = [view.getUint16(at + 7), view.getUint16(at + 5)];
      return success({ width, height, transparent: false });
    }
    at += 2 + view.getUint16(at + 2);
  }
  return failure(TRUNCATED);
}
