import { PDFRawStream, type PDFDocument, type PDFRef } from '@cantoo/pdf-lib';
import type { Artwork } from '@/core/model';
import { readPng, type PngStructure } from '../image';

/** Decoded pixels as two zlib streams, 8 bit: RGB, and alpha where there is any. */
export interface DeflatedPixels {
  readonly width: number;
  readonly height: number;
  readonly rgb: Uint8Array;
  readonly alpha: Uint8Array | null;
}

/** Decodes what cannot go into a PDF as it is; the worker uses the browser's own decoder. */
export type PixelDecoder = (bytes: Uint8Array, art: Artwork) => Promise<DeflatedPixels>;

/** PNG colour type → channels in the IDAT data. */
const CHANNELS: Record<number, number> = { 0: 1, 2: 3, 3: 1 };

/** A PNG whose IDAT stream a PDF reader can take as it is: no alpha, not interlaced. */
const passesUntouched = (png: PngStructure): boolean => !png.transparent && !png.interlaced;

function joined(parts: readonly Uint8Array[]): Uint8Array {
  if (parts.length === 1 && parts[0]) return parts[0];
  const whole = new Uint8Array(parts.reduce((sum, { length }) => sum + length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}

function addImage(
  doc: PDFDocument,
  entries: Record<string, unknown>,
  contents: Uint8Array,
): PDFRef {
  const dict = doc.context.obj({
    Type: 'XObject',
    Subtype: 'Image',
    Filter: 'FlateDecode',
    ...entries,
  } as never);
  return doc.context.register(PDFRawStream.of(dict as never, contents));
}

/** PNG rows carry their filter byte; ISO 32000-1 §7.4.4.4 calls that predictor 15. */
function embedUntouchedPng(doc: PDFDocument, png: PngStructure): PDFRef {
  const colours = CHANNELS[png.colourType] ?? 3;
  const palette = png.palette && doc.context.register(doc.context.flateStream(png.palette));
  const indexed = png.colourType === 3 && png.palette && palette;
  return addImage(
    doc,
    {
      Width: png.width,
      Height: png.height,
      BitsPerComponent: png.bitDepth,
      ColorSpace: indexed
        ? ['Indexed', 'DeviceRGB', png.palette.length / 3 - 1, palette]
        : colours === 1
          ? 'DeviceGray'
          : 'DeviceRGB',
      DecodeParms: {
        Predictor: 15,
        Colors: colours,
        BitsPerComponent: png.bitDepth,
        Columns: png.width,
      },
    },
    joined(png.idat),
  );
}

/** Puts decoded pixels into a document. */
export function embedPixels(doc: PDFDocument, pixels: DeflatedPixels): PDFRef {
  const size = { Width: pixels.width, Height: pixels.height, BitsPerComponent: 8 };
  const mask = pixels.alpha && addImage(doc, { ...size, ColorSpace: 'DeviceGray' }, pixels.alpha);
  return addImage(
    doc,
    { ...size, ColorSpace: 'DeviceRGB', ...(mask ? { SMask: mask } : {}) },
    pixels.rgb,
  );
}

/**
 * Puts a picture into a document once, as stored (not turned upright). JPEG bytes and opaque,
 * non-interlaced PNG streams go in untouched; anything else is decoded by `decode`.
 * @returns the image XObject, to be drawn in a unit square.
 */
export async function embedArt(
  doc: PDFDocument,
  art: Artwork,
  bytes: Uint8Array,
  decode: PixelDecoder,
): Promise<PDFRef> {
  if (art.mime === 'image/jpeg') {
    const image = await doc.embedJpg(bytes);
    await image.embed();
    return image.ref;
  }
  if (art.mime === 'image/png') {
    const png = readPng(bytes);
    if (png.ok && passesUntouched(png.value)) return embedUntouchedPng(doc, png.value);
  }
  return embedPixels(doc, await decode(bytes, art));
}
