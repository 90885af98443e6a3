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
async function openWhole(blob: Blob, { orientation }: ImageFacts): Promise<OpenPicture> {
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
 * A JPEG, decoded no finer than it is needed: a fraction of the work and of the memory. Null where the
 * browser cannot.
 * @param leastPx what its longest side has to have at least.
 */
async function openCoarsely(
  blob: Blob,
  facts: ImageFacts,
  leastPx: number,
): Promise<OpenPicture | null> {
  const { storedWidthPx: width, storedHeightPx: height, mime, orientation } = facts;
  const eighths = Math.ceil((EIGHTHS * leastPx) / Math.max(width, height));
  if (mime !== 'image/jpeg' || eighths >= EIGHTHS || typeof ImageDecoder !== 'function')
    return null;
  const decoder = new ImageDecoder({
    data: await blob.arrayBuffer(),
    type: mime,
    desiredWidth: Math.ceil((width * eighths) / EIGHTHS),
    desiredHeight: Math.ceil((height * eighths) / EIGHTHS),
  });
  try {
    const { image } = await decoder.decode();
    const close = () => image.close();
    if (
      isTurnedBy(image, orientation) &&
      Math.max(image.displayWidth, image.displayHeight) >= leastPx
    )
      return { source: image, into: scaling, close };
    close();
    return null;
  } finally {
    decoder.close();
  }
}

/**
 * Opens a picture to be drawn with its longest side at so many pixels at most. Rejects where it cannot
 * be decoded.
 */
export const openPicture = async (
  blob: Blob,
  facts: ImageFacts,
  longestPx: number,
): Promise<OpenPicture> =>
  (await openCoarsely(blob, facts, longestPx).catch(() => null)) ?? openWhole(blob, facts);
