/**
 * Undoes the deflate of a PNG's picture data beside the worker that uses it. Takes the parts of one
 * zlib stream; posts the bytes about a megabyte at a time, then null; or what went wrong, as words.
 */
const BATCH = 1 << 20;

/** Bytes, the end, or what went wrong. */
export type Inflated = Uint8Array | null | string;

/** The worker's own end; the compiler takes the page's types here. */
const out = self as unknown as {
  postMessage: (message: unknown, transfer?: Transferable[]) => void;
};

async function inflate(parts: readonly Uint8Array<ArrayBuffer>[]): Promise<void> {
  const reader = new Blob([...parts])
    .stream()
    .pipeThrough(new DecompressionStream('deflate'))
    .getReader();
  let batch = new Uint8Array(BATCH);
  let filled = 0;
  const post = () => out.postMessage(batch.subarray(0, filled), [batch.buffer]);
  for (;;) {
    const { value } = await reader.read();
    if (!value) break;
    for (let at = 0; at < value.length;) {
      const part = value.subarray(at, at + BATCH - filled);
      batch.set(part, filled);
      at += part.length;
      filled += part.length;
      if (filled < BATCH) break;
      post();
      batch = new Uint8Array(BATCH);
      filled = 0;
    }
  }
  post();
  out.postMessage(null);
}

self.onmessage = ({ data }: MessageEvent<readonly Uint8Array<ArrayBuffer>[]>) => {
  inflate(data).catch((error: unknown) => out.postMessage(String(error)));
};
