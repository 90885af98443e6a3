/** A stretch of a file, bytes from its beginning: from here up to there. */
export type Stretch = readonly [from: number, to: number];

/** A file without some stretches of it, in parts; they are in order. */
export function cutOut(
  bytes: Uint8Array<ArrayBuffer>,
  gone: readonly Stretch[],
): Uint8Array<ArrayBuffer>[] {
  const to = [...gone.map(([at]) => at), bytes.length];
  return [0, ...gone.map(([, end]) => end)].map((from, i) => bytes.subarray(from, to[i]));
}

/** Bytes read as the signs they stand for. */
export const signsAt = (bytes: Uint8Array, at: number, count: number): string =>
  String.fromCharCode(...bytes.subarray(at, at + count));

/** Bytes as figures of several bytes are read from them. */
export const viewOf = (bytes: Uint8Array): DataView =>
  new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
