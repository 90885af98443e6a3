/** Takes rows of interleaved samples apart, each behind its PNG filter byte. */
export interface RowSplitter {
  /** Room for one row as the PNG has it: the filter byte, then the pixels. */
  readonly row: Uint8Array;
  /** Writes the row's colours and its opacity, each behind the filter byte. */
  readonly split: (colours: Uint8Array, alpha: Uint8Array) => void;
}

/** Bytes of a machine word, and where a row begins so that its first pixel lies on one. */
const WORD = 4;
const LEAD = WORD - 1;

/** Bytes and whole words of the same room, a little longer than asked: the last group may be short. */
function room(bytes: number) {
  const buffer = new ArrayBuffer(WORD * (Math.ceil((LEAD + bytes) / WORD) + WORD));
  return { bytes: new Uint8Array(buffer, LEAD, bytes), words: new Uint32Array(buffer) };
}

/**
 * Eight-bit RGBA, by far the commonest: four pixels at a time as words, in under half the time of
 * single bytes. Words hold their first byte lowest, as on every machine a browser runs on.
 */
function splittingWords(width: number): RowSplitter {
  const [pixels, rgb, opacity] = [room(1 + 4 * width), room(1 + 3 * width), room(1 + width)];
  return {
    row: pixels.bytes,
    split(colours, alpha) {
      rgb.bytes[0] = opacity.bytes[0] = pixels.bytes[0] as number;
      const from = pixels.words;
      for (let pixel = 1, c = 1, a = 1; pixel <= width; pixel += 4, c += 3, a++) {
        const p = from[pixel] as number;
        const q = from[pixel + 1] as number;
        const r = from[pixel + 2] as number;
        const s = from[pixel + 3] as number;
        rgb.words[c] = (p & 0xffffff) | (q << 24);
        rgb.words[c + 1] = ((q >>> 8) & 0xffff) | (r << 16);
        rgb.words[c + 2] = ((r >>> 16) & 0xff) | (s << 8);
        opacity.words[a] =
          (p >>> 24) | ((q >>> 16) & 0xff00) | ((r >>> 8) & 0xff0000) | (s & 0xff000000);
      }
      colours.set(rgb.bytes);
      alpha.set(opacity.bytes);
    },
  };
}

/** Any other layout, byte by byte. */
function splittingBytes(width: number, colourBytes: number, alphaBytes: number): RowSplitter {
  const row = new Uint8Array(1 + width * (colourBytes + alphaBytes));
  return {
    row,
    split(colours, alpha) {
      colours[0] = alpha[0] = row[0] as number;
      for (let from = 1, c = 1, a = 1; from < row.length;) {
        for (let i = 0; i < colourBytes; i++) colours[c++] = row[from++] as number;
        for (let i = 0; i < alphaBytes; i++) alpha[a++] = row[from++] as number;
      }
    },
  };
}

/** A splitter for rows of `width` pixels with so many bytes of colour and of opacity each. */
export const rowSplitter = (width: number, colourBytes: number, alphaBytes: number): RowSplitter =>
  colourBytes === 3 && alphaBytes === 1
    ? splittingWords(width)
    : splittingBytes(width, colourBytes, alphaBytes);
