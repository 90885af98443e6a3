import { failure, success, type Result } from '@/core/result';
import { iccProfileOf } from './icc';
import { signsAt, viewOf, type Stretch } from './stretch';

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

/** What a JPEG says of itself (ITU-T T.81 B.2.2). */
interface JpegStructure {
  readonly width: number;
  readonly height: number;
  readonly transparent: false;
  /** How many figures make a colour: 1 grey, 3 colours, 4 inks. */
  readonly components: number;
}

/** Reads the frame header and sees whether the file is whole. */
export function readJpeg(bytes: Uint8Array): Result<JpegStructure> {
  const view = viewOf(bytes);
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
      return success({ width, height, transparent: false, components: bytes[at + 9] ?? 0 });
    }
    at += 2 + view.getUint16(at + 2);
  }
  return failure(TRUNCATED);
}

/** Whether a JPEG says which colours it is in: four inks without a profile can be those of any press. */
export function tellsColours(bytes: Uint8Array): boolean {
  const read = readJpeg(bytes);
  const inInks = read.ok && read.value.components === 4;
  return !inInks || iccProfileOf(bytes, 'image/jpeg', 4) !== null;
}

/** Start of scan: what follows is the picture itself. */
const SCAN = 0xda;
/** An application's own segment, where EXIF stands. */
const APP1 = 0xe1;

/** Where EXIF stands before the picture (ITU-T T.81 B.1.1.3; Exif 2.32 §4.5.4). */
export function exifOfJpeg(bytes: Uint8Array): Stretch[] {
  const found: Stretch[] = [];
  const view = viewOf(bytes);
  let at = 2;
  while (at + 4 <= bytes.length && bytes[at] === 0xff && bytes[at + 1] !== SCAN) {
    const marker = bytes[at + 1];
    const next = marker === 0xff ? at + 1 : at + 2 + view.getUint16(at + 2);
    if (marker === APP1 && signsAt(bytes, at + 4, 6) === 'Exif\0\0') found.push([at, next]);
    at = next;
  }
  return found;
}
