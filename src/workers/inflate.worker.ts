/**
 * Undoes the deflate of a PNG's picture data beside the worker that uses it. Takes the parts of one
 * zlib stream; posts the bytes about a megabyte at a time, then null; or what went wrong, as words.
 */
const POSTED = 1 << 20;
/** PNG writers cut their data small, and every piece handed to the browser's inflate has its cost. */
const FED = 1 << 18;

type Bytes = Uint8Array<ArrayBuffer>;

/** Bytes, the end, or what went wrong. */
export type Inflated = Uint8Array | null | string;

/** The worker's own end; the compiler takes the page's types here. */
const out = self as unknown as {
  postMessage: (message: unknown, transfer?: Transferable[]) => void;
};

/** Gathers bytes that come in pieces of any size and passes them on `size` at a time. */
function gathering(size: number, pass: (batch: Bytes) => unknown) {
  let batch = new Uint8Array(size);
  let filled = 0;
  const flush = async () => {
    await pass(batch.subarray(0, filled));
    batch = new Uint8Array(size);
    filled = 0;
  };
  return {
    async take(bytes: Bytes): Promise<void> {
      for (let at = 0; at < bytes.length;) {
        const part = bytes.subarray(at, at + size - filled);
        batch.set(part, filled);
        at += part.length;
        filled += part.length;
        if (filled === size) await flush();
      }
    },
    flush,
  };
}

async function feed(parts: readonly Bytes[], to: WritableStreamDefaultWriter<Bytes>) {
  const { take, flush } = gathering(FED, (batch) => to.write(batch));
  for (const part of parts) await take(part);
  await flush();
  await to.close();
}

async function drain(from: ReadableStreamDefaultReader<Bytes>): Promise<void> {
  const { take, flush } = gathering(POSTED, (batch) => out.postMessage(batch, [batch.buffer]));
  for (;;) {
    const { value } = await from.read();
    if (!value) break;
    await take(value);
  }
  await flush();
  out.postMessage(null);
}

self.onmessage = ({ data }: MessageEvent<readonly Bytes[]>) => {
  const { writable, readable } = new DecompressionStream('deflate');
  Promise.all([feed(data, writable.getWriter()), drain(readable.getReader())]).catch(
    (error: unknown) => out.postMessage(String(error)),
  );
};
