import type { Face } from '@/core/form';
import { chain, inverse, mapRegion, pathData } from '@/core/geometry';
import type { Piece } from '@/core/layout';
import type { LayerOnBlank } from '@/core/plan';
import { groundOf, pressPixels } from '@/core/colour';
import type { Substrate } from '@/core/model';
import { TRANSFERS } from '@/core/transfer';
import { breathe } from '../inTurn';

/** So many pixels are pressed at a time, before the page goes on (own choice: some ms). */
const PIXELS_A_TIME = 100_000;
/** Finest drawing of a face, pixels per mm. */
const MAX_DENSITY = 6;

/** Loaded previews by SHA-256. */
export type Images = ReadonlyMap<string, CanvasImageSource>;

/** Pixels per mm a face is painted at. */
const densityOf = ({ widthMm, heightMm }: Face, longestPx: number): number =>
  Math.min(MAX_DENSITY, longestPx / Math.max(widthMm, heightMm, 1));

/** A canvas to paint a face on in mm, with its brush. */
function faceCanvas(face: Face, density: number) {
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(face.widthMm * density)),
    Math.max(1, Math.round(face.heightMm * density)),
  );
  // its pixels are read back: kept where they can be
  const brush = canvas.getContext('2d', { willReadFrequently: true });
  brush?.scale(density, density);
  return { canvas, brush };
}

/** Fills all that a piece covers of a face. */
function fillSlots(brush: OffscreenCanvasRenderingContext2D, face: Face, piece: Piece): void {
  for (const slot of piece.slots.filter(({ faceId }) => faceId === face.id))
    brush.fill(new Path2D(pathData(mapRegion(inverse(slot.toStrip), slot.ink))), 'evenodd');
}

/** Paints what the pieces print on a face, one picture over the other, with nothing below it. */
function paintPrint(face: Face, pieces: readonly Piece[], images: Images, density: number) {
  const { canvas, brush } = faceCanvas(face, density);
  if (!brush) return canvas;
  brush.imageSmoothingQuality = 'high';
  for (const piece of pieces) {
    const { fill } = piece;
    if (fill !== null) {
      brush.fillStyle = fill;
      fillSlots(brush, face, piece);
      continue;
    }
    for (const art of piece.arts) {
      const slot = piece.slots[art.slot];
      const image = images.get(art.artSha256);
      if (slot?.faceId !== face.id || !image) continue;
      const toFace = inverse(slot.toStrip);
      brush.save();
      brush.clip(new Path2D(pathData(mapRegion(toFace, slot.ink))), 'evenodd');
      brush.transform(...chain(art.matrix, toFace));
      brush.drawImage(image, 0, 0, 1, 1);
      brush.restore();
    }
  }
  return canvas;
}

/** Presses a print onto what is below it, some rows at a time: the page goes on in between. */
async function pressOn(
  brush: OffscreenCanvasRenderingContext2D,
  print: OffscreenCanvas,
  ground: Parameters<typeof pressPixels>[2],
): Promise<void> {
  const { width, height } = print;
  const from = print.getContext('2d');
  const rows = Math.max(1, Math.floor(PIXELS_A_TIME / width));
  for (let top = 0; from && top < height; top += rows) {
    const count = Math.min(rows, height - top);
    const below = brush.getImageData(0, top, width, count);
    pressPixels(below.data, from.getImageData(0, top, width, count).data, ground);
    brush.putImageData(below, 0, top);
    await breathe();
  }
}

/**
 * Paints a face of the finished thing from the pieces that will print: every picture where its piece has
 * it, cut off where the piece's ink ends. What is transparent is tinted by the blank and what was pressed
 * before; what covers hides it, white carrier and all.
 * @param layers of one item, in the order they are pressed.
 */
export async function paintFace(
  face: Face,
  layers: readonly LayerOnBlank[],
  images: Images,
  substrate: Substrate,
  longestPx: number,
): Promise<OffscreenCanvas> {
  const density = densityOf(face, longestPx);
  const { canvas, brush } = faceCanvas(face, density);
  if (!brush) return canvas;
  brush.fillStyle = substrate.colour;
  brush.fillRect(0, 0, face.widthMm, face.heightMm);
  brush.fillStyle = '#ffffff';
  for (const { transfer, pieces, own } of layers) {
    for (const piece of TRANSFERS[transfer].carrierShows ? pieces : [])
      fillSlots(brush, face, piece);
    const print = paintPrint(face, pieces, images, density);
    await pressOn(brush, print, groundOf(TRANSFERS[transfer], substrate, own));
  }
  return canvas;
}
