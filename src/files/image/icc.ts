import { Unzlib } from 'fflate';
import { chunksOf } from './pngChunk';

/** Larger profiles are not carried along, bytes. */
const MOST_BYTES = 4_000_000;
const HEADER = 128;

/** How many figures make a colour: grey, light of three colours, four inks. */
type Channels = 1 | 3 | 4;

/** Colour spaces of pictures by the signature in a profile's header (ICC.1:2010 §7.2.6), and how many channels they have. */
const SPACES: Readonly<Record<string, Channels>> = { 'RGB ': 3, GRAY: 1, CMYK: 4 };

/** A colour profile as a picture carries it. */
export interface IccProfile<C extends Channels = 1 | 3> {
  readonly bytes: Uint8Array;
  readonly channels: C;
}

const ascii = (bytes: Uint8Array, from: number, length: number): string =>
  String.fromCharCode(...bytes.subarray(from, from + length));

/** A profile that says what it is and is whole; null where it is not, or it is not for pictures. */
export function checkedProfile(bytes: Uint8Array): IccProfile<Channels> | null {
  if (bytes.length < HEADER || bytes.length > MOST_BYTES) return null;
  const said = new DataView(bytes.buffer, bytes.byteOffset).getUint32(0);
  const channels = SPACES[ascii(bytes, 16, 4)];
  if (ascii(bytes, 36, 4) !== 'acsp' || said < HEADER || said > bytes.length || !channels)
    return null;
  return { bytes: bytes.slice(0, said), channels };
}

/** Parts as one; null where they are too much. */
function joined(parts: readonly Uint8Array[]): Uint8Array | null {
  const length = parts.reduce((sum, part) => sum + part.length, 0);
  if (length > MOST_BYTES) return null;
  const whole = new Uint8Array(length);
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}

/** The payloads of a JPEG's application segments of one kind, up to its picture. */
function* segments(bytes: Uint8Array, marker: number, title: string): Generator<Uint8Array> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  for (let at = 2; at + 4 <= bytes.length && bytes[at] === 0xff;) {
    const kind = bytes[at + 1] ?? 0;
    if (kind === 0xda || kind === 0xd9) return;
    const length = view.getUint16(at + 2);
    const body = bytes.subarray(at + 4, at + 2 + length);
    if (kind === marker && ascii(body, 0, title.length) === title)
      yield body.subarray(title.length);
    at += 2 + length;
  }
}

const JPEG_APP2 = 0xe2;
const JPEG_TITLE = 'ICC_PROFILE\0';

/** The profile of a JPEG: parts in APP2 segments, numbered from 1 (ICC.1:2010 annex B.4). */
function ofJpeg(bytes: Uint8Array): Uint8Array | null {
  const parts: Uint8Array[] = [];
  let of = 0;
  for (const body of segments(bytes, JPEG_APP2, JPEG_TITLE)) {
    const [number = 0, count = 0] = body;
    of = count;
    parts[number - 1] = body.subarray(2);
  }
  const missing = parts.length !== of || parts.includes(undefined as never);
  return of === 0 || missing ? null : joined(parts);
}

/** Unpacks a zlib stream that may not become too large; null where it would, or is damaged. */
function unpacked(packed: Uint8Array): Uint8Array | null {
  const parts: Uint8Array[] = [];
  let length = 0;
  const unzlib = new Unzlib((part) => {
    length += part.length;
    parts.push(part);
  });
  try {
    // little by little, so that a bomb is noticed early
    const STEP = 16_384;
    for (let at = 0; at < packed.length && length <= MOST_BYTES; at += STEP)
      unzlib.push(packed.subarray(at, at + STEP), at + STEP >= packed.length);
  } catch {
    return null;
  }
  return joined(parts);
}

/** The profile of a PNG: a name, how it is packed, and it (W3C PNG §11.3.2.3). */
function ofPng(bytes: Uint8Array): Uint8Array | null {
  for (const { type, data } of chunksOf(bytes)) {
    if (type === 'IDAT') return null;
    if (type !== 'iCCP') continue;
    const end = data.indexOf(0);
    return end < 0 || data[end + 1] !== 0 ? null : unpacked(data.subarray(end + 2));
  }
  return null;
}

/**
 * The colour profile a picture carries, so that wide-gamut photographs are not taken as sRGB.
 * @returns null where it has none, a damaged one, or one for other channels than `channels`.
 */
export function iccProfileOf<C extends Channels>(
  bytes: Uint8Array,
  mime: 'image/png' | 'image/jpeg',
  channels: C,
): IccProfile<C> | null {
  const raw = mime === 'image/png' ? ofPng(bytes) : ofJpeg(bytes);
  const profile = raw && checkedProfile(raw);
  return profile?.channels === channels ? { ...profile, channels } : null;
}
