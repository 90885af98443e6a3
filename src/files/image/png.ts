import { failure, success, type Result } from '@/core/result';
import { chunksOf } from './pngChunk';
import { viewOf, type Stretch } from './stretch';

/** What a PNG says of itself (W3C PNG specification, 3rd edition, §11). */
export interface PngStructure {
  readonly width: number;
  readonly height: number;
  readonly bitDepth: number;
  /** 0 grey, 2 RGB, 3 palette, 4 grey + alpha, 6 RGBA. */
  readonly colourType: number;
  readonly interlaced: boolean;
  /** An alpha channel or a tRNS chunk. */
  readonly transparent: boolean;
  readonly palette: Uint8Array | null;
  /** The tRNS chunk: of a palette, how opaque its first colours are. */
  readonly opacities: Uint8Array | null;
  /** The compressed picture: IDAT contents in order, one zlib stream. */
  readonly idat: readonly Uint8Array[];
}

/** What every PNG begins with. */
export const PNG_SIGNATURE: readonly number[] = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];
const TRUNCATED =
  'The PNG ends in the middle: it was cut short when copied or saved. Copy it again.';

export const isPng = (bytes: Uint8Array): boolean =>
  PNG_SIGNATURE.every((byte, i) => bytes[i] === byte);

/** Walks the chunks to IEND without decoding, so that a cut-off file is known at once. */
export function readPng(bytes: Uint8Array): Result<PngStructure> {
  const view = viewOf(bytes);
  if (bytes.length < 33) return failure(TRUNCATED);
  const idat: Uint8Array[] = [];
  let palette: Uint8Array | null = null;
  let opacities: Uint8Array | null = null;
  let whole = false;
  for (const { type, data } of chunksOf(bytes)) {
    if (type === 'IDAT') idat.push(data);
    if (type === 'PLTE') palette = data;
    if (type === 'tRNS') opacities = data;
    whole = type === 'IEND';
  }
  if (!whole) return failure(TRUNCATED);
  const width = view.getUint32(16);
  const height = view.getUint32(20);
  if (width === 0 || height === 0 || idat.length === 0) {
    return failure('The PNG holds no picture. Save it again from the program it came from.');
  }
  const colourType = bytes[25] ?? 0;
  return success({
    width,
    height,
    bitDepth: bytes[24] ?? 0,
    colourType,
    interlaced: bytes[28] === 1,
    transparent: opacities !== null || (colourType & 4) !== 0,
    palette,
    opacities,
    idat,
  });
}

/** Where EXIF stands (W3C PNG specification, 3rd edition, §11.3.4.5). */
export function exifOfPng(bytes: Uint8Array): Stretch[] {
  const found: Stretch[] = [];
  for (const { type, from, to } of chunksOf(bytes)) if (type === 'eXIf') found.push([from, to]);
  return found;
}
