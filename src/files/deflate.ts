type Bytes = Uint8Array<ArrayBuffer>;

/** Makes a zlib stream (RFC 1950) of what is written to it, kept as it comes in parts. */
export interface Packer {
  readonly write: (bytes: Bytes) => Promise<void>;
  readonly finish: () => Promise<readonly Uint8Array[]>;
}

/** Compresses with the browser's own deflate. */
export function deflating(): Packer {
  const stream = new CompressionStream('deflate');
  const writer = stream.writable.getWriter();
  const result = new Response(stream.readable).arrayBuffer();
  return {
    write: (bytes) => writer.write(bytes),
    finish: async () => {
      await writer.close();
      return [new Uint8Array(await result)];
    },
  };
}
