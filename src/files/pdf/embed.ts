import { JpegEmbedder, type PDFDocument, type PDFRef } from '@cantoo/pdf-lib';
import type { Artwork } from '@/core/model';
import {
  iccProfileOf,
  isMeantAsStored,
  isOneColour,
  readPng,
  type IccProfile,
  type PngStructure,
} from '../image';
import { BulkStream, type FilePart } from './bulkStream';
import { spaceOf, type ColourSpace } from './colourSpace';
import type { PackedPixels } from './pack';
import { canSplit, splitPng, type Inflater } from './splitPng';

/** How pictures are read that cannot go into a PDF as they are. */
export interface PixelTools {
  /** Decodes any picture; the worker uses the browser's own decoder. */
  readonly decode: (stored: Blob, art: Artwork) => Promise<PackedPixels>;
  readonly inflate: Inflater;
}

/** A picture where it is kept, and its bytes. */
interface StoredPicture {
  readonly stored: Blob;
  readonly bytes: Uint8Array<ArrayBuffer>;
}

/** PNG colour type → channels in the IDAT data. */
const CHANNELS: Record<number, 1 | 3> = { 0: 1, 2: 3, 3: 1 };

/** A PNG whose IDAT stream a PDF reader can take as it is: not interlaced, without alpha or of one colour. */
const passesUntouched = (png: PngStructure): boolean =>
  isOneColour(png) || (!png.transparent && !png.interlaced);

function addImage(
  doc: PDFDocument,
  entries: Record<string, unknown>,
  contents: readonly FilePart[],
): PDFRef {
  const dict = doc.context.obj({
    Type: 'XObject',
    Subtype: 'Image',
    Filter: 'FlateDecode',
    ...entries,
  } as never);
  return doc.context.register(new BulkStream(dict as never, contents));
}

/** PNG rows carry their filter byte; ISO 32000-1 §7.4.4.4 calls that predictor 15. */
const unfiltering = (width: number, colours: number, bits: number) => ({
  DecodeParms: { Predictor: 15, Colors: colours, BitsPerComponent: bits, Columns: width },
});

/**
 * A stretch by reference takes the browser some 0.36 ms, as long as reading and copying 90 kB (measured, 62.8 MB in 7 661 chunks): a
 * stream whose chunks are shorter than this on average, bytes, goes by its bytes.
 */
const LEAST_STRETCH = 90_000;

/** A PNG's own stream, where it is kept; the bytes at hand where its chunks are short. */
function streamIn(stored: Blob, { idat }: PngStructure): readonly FilePart[] {
  const total = idat.reduce((sum, { length }) => sum + length, 0);
  if (total < LEAST_STRETCH * idat.length) return idat;
  return idat.map(({ byteOffset, length }) => stored.slice(byteOffset, byteOffset + length));
}

/** Takes a PNG's own stream, and where it is of one colour, the same once more: its bytes say how opaque it is. */
function embedUntouchedPng(
  doc: PDFDocument,
  png: PngStructure,
  { stored, bytes }: StoredPicture,
): PDFRef {
  const colours = CHANNELS[png.colourType] ?? 3;
  const palette = png.palette && doc.context.register(doc.context.flateStream(png.palette));
  const inColours = png.colourType === 0 ? 1 : 3;
  const space = spaceOf(doc, inColours, iccProfileOf(bytes, 'image/png', inColours));
  const indexed = png.colourType === 3 && png.palette && palette;
  const stream = streamIn(stored, png);
  const entries = {
    Width: png.width,
    Height: png.height,
    BitsPerComponent: png.bitDepth,
    ...unfiltering(png.width, colours, png.bitDepth),
  };
  const mask = isOneColour(png) && addImage(doc, { ...entries, ColorSpace: 'DeviceGray' }, stream);
  return addImage(
    doc,
    {
      ...entries,
      ColorSpace: indexed ? ['Indexed', space, png.palette.length / 3 - 1, palette] : space,
      ...(mask ? { SMask: mask } : {}),
    },
    stream,
  );
}

/** A JPEG's own bytes; null of one in four inks, which every reader turns into colours in a way of its own. */
async function embedJpeg(
  doc: PDFDocument,
  { stored, bytes }: StoredPicture,
): Promise<PDFRef | null> {
  const { width, height, bitsPerComponent, colorSpace } = await JpegEmbedder.for(bytes);
  if (colorSpace === 'DeviceCMYK') return null;
  const channels = colorSpace === 'DeviceGray' ? 1 : 3;
  return addImage(
    doc,
    {
      Filter: 'DCTDecode',
      Width: width,
      Height: height,
      BitsPerComponent: bitsPerComponent,
      ColorSpace: spaceOf(doc, channels, iccProfileOf(bytes, 'image/jpeg', channels)),
    },
    [stored],
  );
}

/** Puts packed pixels into a document: opacity as a soft mask (ISO 32000-1 §11.6.5.3). */
export function embedPixels(
  doc: PDFDocument,
  pixels: PackedPixels,
  profile: IccProfile | null = null,
): PDFRef {
  const { width, height, bits, colours, filtered, rgb, alpha } = pixels;
  const entries = (channels: 1 | 3, space: ColourSpace) => ({
    Width: width,
    Height: height,
    BitsPerComponent: bits,
    ColorSpace: space,
    ...(filtered ? unfiltering(width, channels, bits) : {}),
  });
  const mask = alpha && addImage(doc, entries(1, 'DeviceGray'), alpha);
  const space = spaceOf(doc, colours, profile);
  return addImage(doc, { ...entries(colours, space), ...(mask ? { SMask: mask } : {}) }, rgb);
}

/**
 * Puts a picture into a document once, as stored (not turned upright). JPEG bytes and the streams of
 * non-interlaced PNGs that are opaque or of one colour go in untouched; a PNG with an alpha channel is taken apart without
 * decoding. Its own colour profile goes along; without one it is meant as sRGB. Anything else is decoded, so that what is printed is
 * what was seen: four inks too, and PNGs whose colours are told in ways that a PDF has no words for.
 * What goes in untouched is taken from where it is kept.
 * @returns the image XObject, to be drawn in a unit square.
 */
export async function embedArt(
  doc: PDFDocument,
  art: Artwork,
  stored: Blob,
  { decode, inflate }: PixelTools,
): Promise<PDFRef> {
  const bytes = new Uint8Array(await stored.arrayBuffer());
  const jpeg = art.mime === 'image/jpeg' ? await embedJpeg(doc, { stored, bytes }) : null;
  if (jpeg) return jpeg;
  const png = art.mime === 'image/png' && isMeantAsStored(bytes) ? readPng(bytes) : null;
  if (png?.ok && passesUntouched(png.value))
    return embedUntouchedPng(doc, png.value, { stored, bytes });
  if (png?.ok && canSplit(png.value)) {
    // its bytes are given away while it is taken apart
    const profile = iccProfileOf(bytes, 'image/png', png.value.colourType === 4 ? 1 : 3);
    return embedPixels(doc, await splitPng(png.value, inflate), profile);
  }
  return embedPixels(doc, await decode(stored, art));
}
