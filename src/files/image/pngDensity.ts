import { MM_PER_INCH } from '@/core/units';

/** CRC-32 of PNG chunks (ISO/IEC 15948 annex D). */
function crc32(bytes: Uint8Array): number {
  let crc = 0xffffffff;
  for (const byte of bytes) {
    crc ^= byte;
    for (let bit = 0; bit < 8; bit++) crc = (crc >>> 1) ^ (crc & 1 ? 0xedb88320 : 0);
  }
  return (crc ^ 0xffffffff) >>> 0;
}

/** Length of the signature and the IHDR chunk, which must come first. */
const AFTER_HEADER = 8 + 25;

/**
 * A PNG that says how many pixels an inch it is (pHYs, in pixels per metre), so that programs print it
 * in its true size.
 */
export function withDensity(png: Uint8Array, ppi: number): Uint8Array<ArrayBuffer> {
  const chunk = new Uint8Array(21);
  const view = new DataView(chunk.buffer);
  const perMetre = Math.round((ppi / MM_PER_INCH) * 1000);
  view.setUint32(0, 9);
  chunk.set(new TextEncoder().encode('pHYs'), 4);
  view.setUint32(8, perMetre);
  view.setUint32(12, perMetre);
  chunk[16] = 1;
  view.setUint32(17, crc32(chunk.subarray(4, 17)));
  const out = new Uint8Array(png.length + chunk.length);
  out.set(png.subarray(0, AFTER_HEADER));
  out.set(chunk, AFTER_HEADER);
  out.set(png.subarray(AFTER_HEADER), AFTER_HEADER + chunk.length);
  return out;
}
