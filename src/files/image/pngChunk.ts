import { signsAt, viewOf } from './stretch';

/** A chunk where it stands in a PNG: what it is called, what it holds, and from where up to where it reaches in the file. */
export interface FoundChunk {
  readonly type: string;
  readonly data: Uint8Array;
  readonly from: number;
  readonly to: number;
}

/** The length of what every PNG begins with. */
const SIGNATURE_LENGTH = 8;

/** The chunks of a PNG in order, up to the end of the picture or to the last that is whole (W3C PNG, 3rd edition, §5.3). */
export function* chunksOf(bytes: Uint8Array): Generator<FoundChunk> {
  const view = viewOf(bytes);
  for (let from = SIGNATURE_LENGTH; from + 12 <= bytes.length;) {
    const end = from + 8 + view.getUint32(from);
    const to = end + 4;
    if (to > bytes.length) return;
    const type = signsAt(bytes, from + 4, 4);
    yield { type, data: bytes.subarray(from + 8, end), from, to };
    if (type === 'IEND') return;
    from = to;
  }
}

/** CRC-32 of PNG chunks (ISO/IEC 15948 annex D). */
function crc32(bytes: Uint8Array): number {
  let crc = 0xffffffff;
  for (const byte of bytes) {
    crc ^= byte;
    for (let bit = 0; bit < 8; bit++) crc = (crc >>> 1) ^ (crc & 1 ? 0xedb88320 : 0);
  }
  return (crc ^ 0xffffffff) >>> 0;
}

/** A chunk of a PNG: its length, type, data and checksum. */
export function pngChunk(type: string, data: Uint8Array): Uint8Array<ArrayBuffer> {
  const chunk = new Uint8Array(data.length + 12);
  const view = new DataView(chunk.buffer);
  view.setUint32(0, data.length);
  chunk.set(new TextEncoder().encode(type), 4);
  chunk.set(data, 8);
  view.setUint32(8 + data.length, crc32(chunk.subarray(4, 8 + data.length)));
  return chunk;
}

/** Length of the signature and the IHDR chunk, which must come first (W3C PNG, 3rd edition, §5.6). */
const AFTER_HEADER = SIGNATURE_LENGTH + 25;

/** A PNG that says one thing more of itself, before its picture. */
export function withChunk(
  png: Uint8Array,
  type: string,
  data: Uint8Array,
): Uint8Array<ArrayBuffer> {
  const chunk = pngChunk(type, data);
  const out = new Uint8Array(png.length + chunk.length);
  out.set(png.subarray(0, AFTER_HEADER));
  out.set(chunk, AFTER_HEADER);
  out.set(png.subarray(AFTER_HEADER), AFTER_HEADER + chunk.length);
  return out;
}
