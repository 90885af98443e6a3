import { randomInt } from 'node:crypto';
import { networkInterfaces } from 'node:os';

/** A parcel is kept this long and no longer, ms (own choice: the way from desk to table). */
const KEPT_MS = 10 * 60_000;
/** Largest parcel, bytes, and how many lie ready at once: they are kept in memory. */
export const MAX_PARCEL_BYTES = 300_000_000;
const MOST_PARCELS = 3;
/** So many wrong codes and every parcel is gone: six digits cannot be guessed in so few. */
const MOST_WRONG = 20;

interface Parcel {
  readonly bytes: Uint8Array<ArrayBuffer>;
  readonly until: number;
}

const parcels = new Map<string, Parcel>();
let wrong = 0;

/** Addresses that only this machine can reach. */
const OWN_MACHINE = ['127.0.0.1', 'localhost', '::1', ''];

/** Whether the person opened the server to their network; otherwise nothing is handed over. */
export const isOpened = (): boolean => !OWN_MACHINE.includes(process.env.HOST ?? '');

/** What this machine is called on its network, as numbers: its IPv4 addresses. */
export const addresses = (): string[] =>
  Object.values(networkInterfaces())
    .flatMap((each) => each ?? [])
    .filter(({ family, internal }) => family === 'IPv4' && !internal)
    .map(({ address }) => address);

function forgetOld(now: number): void {
  for (const [code, { until }] of parcels) if (until <= now) parcels.delete(code);
  if (parcels.size === 0) wrong = 0;
}

/**
 * Lays a file ready to be fetched once.
 * @returns its one-time code, six digits; null where as many as can lie ready already.
 */
export function layReady(bytes: Uint8Array<ArrayBuffer>, now = Date.now()): string | null {
  forgetOld(now);
  if (parcels.size >= MOST_PARCELS) return null;
  let code: string;
  do code = String(randomInt(1_000_000)).padStart(6, '0');
  while (parcels.has(code));
  parcels.set(code, { bytes, until: now + KEPT_MS });
  return code;
}

/** Hands a file over, once; null for a code that none lies under. After too many of those all parcels are gone. */
export function handOver(code: string, now = Date.now()): Uint8Array<ArrayBuffer> | null {
  forgetOld(now);
  const parcel = parcels.get(code);
  if (parcel) {
    parcels.delete(code);
    return parcel.bytes;
  }
  wrong += 1;
  if (wrong >= MOST_WRONG) parcels.clear();
  return null;
}
