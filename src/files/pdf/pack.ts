import type { Packer } from '../deflate';

/** Pixels as two zlib streams: colours, and opacity where there is any. */
export interface PackedPixels {
  readonly width: number;
  readonly height: number;
  /** Bits of each sample. */
  readonly bits: 8 | 16;
  /** Channels of the colours: RGB or grey. */
  readonly colours: 1 | 3;
  /** Whether each row begins with a PNG filter byte. */
  readonly filtered: boolean;
  readonly rgb: readonly Uint8Array[];
  readonly alpha: readonly Uint8Array[] | null;
}

/** The longest stored block (RFC 1951 §3.2.4). */
const BLOCK = 0xffff;
/** The largest prime under 65536, and how many bytes keep both sums small integers. */
const [ADLER_PRIME, ADLER_RUN] = [65521, 2655];

/** Adler-32 of what it is fed (RFC 1950 §9). */
function adler32() {
  let a = 1;
  let b = 0;
  return {
    add(bytes: Uint8Array): void {
      for (let at = 0; at < bytes.length;) {
        const end = Math.min(at + ADLER_RUN, bytes.length);
        let more = 0;
        // four at a time: the same sums with a quarter of the steps that wait for each other
        for (; at + 4 <= end; at += 4) {
          const p = bytes[at] as number;
          const q = bytes[at + 1] as number;
          const r = bytes[at + 2] as number;
          const s = bytes[at + 3] as number;
          more = (more + 4 * (a + p) + 3 * q + 2 * r + s) | 0;
          a = (a + p + q + r + s) | 0;
        }
        while (at < end) more += a += bytes[at++] as number;
        a %= ADLER_PRIME;
        b = (b + more) % ADLER_PRIME;
      }
    },
    sum: () => [b >> 8, b & 255, a >> 8, a & 255],
  };
}

const storedHead = (length: number, last: boolean): Uint8Array =>
  Uint8Array.of(last ? 1 : 0, length & 255, length >> 8, ~length & 255, (~length >> 8) & 255);

/**
 * Frames without compressing or copying, for what would hardly get smaller. A quarter of the time
 * a compressing library takes with compression set to none, since nothing is copied; what is
 * written must not be changed afterwards.
 */
export function storing(): Packer {
  const parts: Uint8Array[] = [Uint8Array.of(0x78, 0x01)];
  const check = adler32();
  return {
    write: (bytes) => {
      check.add(bytes);
      for (let at = 0; at < bytes.length; at += BLOCK) {
        const block = bytes.subarray(at, at + BLOCK);
        parts.push(storedHead(block.length, false), block);
      }
      return Promise.resolve();
    },
    finish: () => Promise.resolve([...parts, storedHead(0, true), Uint8Array.from(check.sum())]),
  };
}
