import { uprightMap } from '@/core/art';
import { chain, scaling, type Affine } from '@/core/geometry';
import type { ImageFacts } from '@/files/image';
import { bitmapAsStored } from './bitmap';

/** A decoded picture, to be drawn from and closed. */
export interface OpenPicture {
  readonly source: CanvasImageSource;
  /** What brings the source, drawn as a square of 1 × 1, upright into a drawing of so many pixels. */
  readonly into: (width: number, height: number) => Affine;
  readonly close: () => void;
}

/** JPEGs are decoded at whole eighths of their size (ITU-T T.81: blocks of 8 × 8 pixels). */
const EIGHTHS = 8;

/** Every pixel, as stored. Rejects where it cannot be decoded. */
async function openWhole(bytes: Uint8Array<ArrayBuffer>, facts: ImageFacts): Promise<OpenPicture> {
  const bitmap = await bitmapAsStored(new Blob([bytes], { type: facts.mime }), facts);
  return {
    source: bitmap,
    into: (width, height) => chain(uprightMap(facts.orientation), scaling(width, height)),
    close: () => bitmap.close(),
  };
}

/** How a frame is turned when drawn, by EXIF orientation from 1 on (Exif 2.32, tag 274): degrees clockwise, then flipped or not. */
const TURNS: readonly (readonly [degrees: number, flipped: boolean])[] = [
  ...([
    [0, false],
    [0, true],
    [180, false],
    [180, true],
  ] as const),
  ...([
    [90, true],
    [90, false],
    [270, true],
    [270, false],
  ] as const),
];

/** Whether frames here tell how they are turned; where they do not, none is decoded in vain. */
const tellTurns = (): boolean =>
  typeof ImageDecoder === 'function' &&
  'rotation' in VideoFrame.prototype &&
  'flip' in VideoFrame.prototype;

/** Whether a frame will be drawn upright as the file was understood here: seen and printed are one. */
const isTurnedBy = (image: VideoFrame, orientation: number): boolean =>
  'rotation' in image &&
  'flip' in image &&
  image.rotation === TURNS[orientation - 1]?.[0] &&
  image.flip === TURNS[orientation - 1]?.[1];

/** How coarsely a JPEG can be decoded whose longest side has to have so many pixels at least; null for every pixel. */
function coarseness({ storedWidthPx, storedHeightPx, mime }: ImageFacts, leastPx: number) {
  const eighths = Math.ceil((EIGHTHS * leastPx) / Math.max(storedWidthPx, storedHeightPx));
  if (mime !== 'image/jpeg' || eighths >= EIGHTHS) return null;
  return {
    desiredWidth: Math.ceil((storedWidthPx * eighths) / EIGHTHS),
    desiredHeight: Math.ceil((storedHeightPx * eighths) / EIGHTHS),
  };
}

/**
 * A picture decoded as a frame: beside the worker, and a JPEG no finer than needed, at a fraction of the work and of the memory.
 * Null where the browser cannot, or where it turns the picture otherwise than the file was understood here.
 */
async function openFrame(
  data: Uint8Array<ArrayBuffer>,
  facts: ImageFacts,
  leastPx: number,
): Promise<OpenPicture | null> {
  const { mime: type, orientation } = facts;
  const coarse = coarseness(facts, leastPx);
  if (!tellTurns() || (orientation !== 1 && !coarse)) return null;
  const decoder = new ImageDecoder({ data, type, ...coarse });
  try {
    const { image } = await decoder.decode();
    const fine = !coarse || Math.max(image.displayWidth, image.displayHeight) >= leastPx;
    if (fine && isTurnedBy(image, orientation)) return await drawable(image, coarse !== null);
    image.close();
    return null;
  } finally {
    decoder.close();
  }
}

/** A frame ready to be drawn. Browsers keep the pixels of a frame they have drawn for a while: many of them go into a bitmap. */
async function drawable(frame: VideoFrame, few: boolean): Promise<OpenPicture> {
  const source = few ? frame : await createImageBitmap(frame);
  if (!few) frame.close();
  return { source, into: scaling, close: () => source.close() };
}

/**
 * Opens a picture to be drawn with its longest side at so many pixels at most. Rejects where it cannot
 * be decoded. It is decoded beside the worker, which can do other work meanwhile.
 */
export const openPicture = async (
  bytes: Uint8Array<ArrayBuffer>,
  facts: ImageFacts,
  longestPx: number,
): Promise<OpenPicture> =>
  (await openFrame(bytes, facts, longestPx).catch(() => null)) ?? openWhole(bytes, facts);
