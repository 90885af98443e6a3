/** A stretch of a file, bytes from its beginning: from here up to there. */
export type Stretch = readonly [from: number, to: number];

/** Bytes read as the signs they stand for. */
export const signsAt = (bytes: Uint8Array, at: number, count: number): string =>
  String.fromCharCode(...bytes.subarray(at, at + count));

/** Bytes as figures of several bytes are read from them. */
export const viewOf = (bytes: Uint8Array): DataView =>
  new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
