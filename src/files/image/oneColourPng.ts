import { deflating } from '../deflate';
import { PNG_SIGNATURE, type PngStructure } from './png';
import { pngChunk } from './pngChunk';

/** A picture of one colour, more or less opaque. */
export interface OneColour {
  readonly width: number;
  readonly height: number;
  /** sRGB, 0–255. */
  readonly colour: readonly [r: number, g: number, b: number];
  /** How opaque each pixel is, 0–255, row by row. */
  readonly opacity: Uint8Array;
}

/** From here on a pixel shows its colour well enough to be told from another. */
const SHOWS_FROM = 128;
/** A half opaque pixel's colour is known no finer than this, where a canvas keeps it dimmed by its opacity. */
const SAME_WITHIN = 2;

/** A part of a picture, pixels. */
export interface PixelBox {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/**
 * A part of a picture as one colour, such as lettering; null where it has more than one, or nothing that is fully opaque.
 * @param picture pixels as RGBA, not dimmed by their opacity.
 */
export function oneColourOf(
  picture: Pick<ImageData, 'width' | 'data'>,
  { left, top, width, height }: PixelBox,
): OneColour | null {
  const { data } = picture;
  // pixels as one number each: most are clear, or fully opaque like the first that is
  const pixels = new Uint32Array(data.buffer, data.byteOffset, data.length / 4);
  let first = 0;
  while (first < pixels.length && data[4 * first + 3] !== 255) first++;
  if (first === pixels.length) return null;
  const full = pixels[first];
  const opacity = new Uint8Array(width * height);
  for (let y = 0, to = 0; y < height; y++) {
    const row = (top + y) * picture.width + left;
    for (let at = row; at < row + width; at++, to++) {
      const pixel = pixels[at];
      if (pixel === 0) continue;
      if (pixel === full) {
        opacity[to] = 255;
        continue;
      }
      const alpha = data[4 * at + 3] as number;
      opacity[to] = alpha;
      if (alpha >= SHOWS_FROM && !alike(data, 4 * at, 4 * first)) return null;
    }
  }
  const colour = [
    data[4 * first] as number,
    data[4 * first + 1] as number,
    data[4 * first + 2] as number,
  ] as const;
  return { width, height, colour, opacity };
}

/** Whether two pixels are of one colour, as far as can be told. */
function alike(data: Uint8ClampedArray, one: number, other: number): boolean {
  for (let c = 0; c < 3; c++)
    if (Math.abs((data[one + c] as number) - (data[other + c] as number)) > SAME_WITHIN)
      return false;
  return true;
}

/** Every degree of opacity, as a palette tells it. */
const EVERY_OPACITY = Uint8Array.from({ length: 256 }, (_, i) => i);

/**
 * A picture of one colour as a PNG whose palette is that colour in every degree of opacity, so that a
 * pixel is a byte and says how opaque it is (W3C PNG, 3rd edition, §11.2.2, §11.3.1): a quarter of what RGBA takes.
 * @returns the file in parts, in order.
 */
export async function oneColourPng({
  width,
  height,
  colour,
  opacity,
}: OneColour): Promise<readonly Uint8Array[]> {
  const head = new Uint8Array(13);
  const view = new DataView(head.buffer);
  view.setUint32(0, width);
  view.setUint32(4, height);
  head.set([8, 3, 0, 0, 0], 8);
  // rows begin with their filter: none
  const rows = new Uint8Array((width + 1) * height);
  for (let y = 0; y < height; y++)
    rows.set(opacity.subarray(y * width, (y + 1) * width), y * (width + 1) + 1);
  const packer = deflating();
  await packer.write(rows);
  return [
    Uint8Array.from(PNG_SIGNATURE),
    pngChunk('IHDR', head),
    pngChunk(
      'PLTE',
      Uint8Array.from({ length: 3 * 256 }, (_, i) => colour[i % 3] ?? 0),
    ),
    pngChunk('tRNS', EVERY_OPACITY),
    ...(await packer.finish()).map((part) => pngChunk('IDAT', part)),
    pngChunk('IEND', new Uint8Array()),
  ];
}

/** Whether the bytes of a PNG's pixels say how opaque they are, all in one colour. */
export const isOneColour = (png: PngStructure): boolean =>
  png.colourType === 3 &&
  png.bitDepth === 8 &&
  !png.interlaced &&
  png.opacities?.length === EVERY_OPACITY.length &&
  png.opacities.every((opacity, i) => opacity === i) &&
  png.palette?.length === 3 * EVERY_OPACITY.length &&
  png.palette.every((value, i, palette) => value === palette[i % 3]);
