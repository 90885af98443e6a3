import { uprightMap } from '@/core/art';
import { chain, scaling, type Affine } from '@/core/geometry';
import type { ImageFacts } from '@/files/image';

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
async function openWhole(
  bytes: Uint8Array<ArrayBuffer>,
  { mime, orientation }: ImageFacts,
): Promise<OpenPicture> {
  const blob = new Blob([bytes], { type: mime });
  const bitmap = await createImageBitmap(blob, { imageOrientation: 'none' });
  return {
    source: bitmap,
    into: (width, height) => chain(uprightMap(orientation), scaling(width, height)),
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

/** Whether a frame will be drawn upright as the file was understood here: seen and printed are one. */
const isTurnedBy = (image: VideoFrame, orientation: number): boolean =>
  'rotation' in image &&
  'flip' in image &&
  image.rotation === TURNS[orientation - 1]?.[0] &&
  image.flip === TURNS[orientation - 1]?.[1];

/**
 * A still picture, decoded beside the worker; a JPEG no finer than it is needed: a fraction of the work and of the memory.
 * Null where the browser cannot, or where it turns the picture otherwise than the file was understood here.
 * @param leastPx what its longest side has to have at least, unless the file has less.
 */
async function openFrame(
  data: Uint8Array<ArrayBuffer>,
  facts: ImageFacts,
  leastPx: number,
): Promise<OpenPicture | null> {
  if (typeof ImageDecoder !== 'function') return null;
  const { storedWidthPx: width, storedHeightPx: height, mime: type, orientation } = facts;
  const longestPx = Math.max(width, height);
  const eighths = Math.min(EIGHTHS, Math.ceil((EIGHTHS * leastPx) / longestPx));
  const coarse = type === 'image/jpeg' && eighths < EIGHTHS;
  const desired = coarse && {
    desiredWidth: Math.ceil((width * eighths) / EIGHTHS),
    desiredHeight: Math.ceil((height * eighths) / EIGHTHS),
  };
  const decoder = new ImageDecoder({ data, type, ...desired });
  try {
    const { image } = await decoder.decode();
    const close = () => image.close();
    const hasPx = Math.max(image.displayWidth, image.displayHeight);
    if (isTurnedBy(image, orientation) && hasPx >= Math.min(leastPx, longestPx))
      return { source: image, into: scaling, close };
    close();
    return null;
  } finally {
    decoder.close();
  }
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
