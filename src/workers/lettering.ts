import { MM_PER_INCH } from '@/core/units';
import { failure, success, type Result } from '@/core/result';
import { oneColourOf, oneColourPng, type PixelBox } from '@/files/image';
import { blobOf } from './stored';
import { takeInPicture, type TakenIn } from './takeIn';

/** A line of lettering as drawn on the page, with room round it. */
export interface DrawnLine {
  readonly bitmap: ImageBitmap;
  readonly perInch: number;
  /** What the line is called: its words. */
  readonly label: string;
}

/** The box of what was drawn, pixels; null where nothing was. What lies inside the box so far is not looked at. */
function inkBox({ width, height, data }: ImageData): PixelBox | null {
  let left = width;
  let top = height;
  let right = -1;
  let bottom = -1;
  for (let y = 0; y < height; y++) {
    const row = 4 * y * width + 3;
    let from = 0;
    while (from < width && data[row + 4 * from] === 0) from++;
    if (from === width) continue;
    let to = width - 1;
    while (to > right && data[row + 4 * to] === 0) to--;
    if (from < left) left = from;
    if (to > right) right = to;
    if (y < top) top = y;
    bottom = y;
  }
  return right < 0 ? null : { left, top, width: right - left + 1, height: bottom - top + 1 };
}

/** A part of what was drawn, on a canvas of its own. */
function cutOut(drawn: ImageBitmap | OffscreenCanvas, { left, top, width, height }: PixelBox) {
  const canvas = new OffscreenCanvas(width, height);
  const brush = canvas.getContext('2d', { willReadFrequently: true });
  if (!brush) throw new Error('This browser cannot draw pictures in the background.');
  brush.drawImage(drawn, -left, -top);
  return { canvas, brush };
}

/** Cuts a line of lettering close and takes it in as a picture of its true size. */
export async function takeInLine({ bitmap, perInch, label }: DrawnLine): Promise<Result<TakenIn>> {
  const { width, height } = bitmap;
  const whole = cutOut(bitmap, { left: 0, top: 0, width, height });
  bitmap.close();
  const drawn = whole.brush.getImageData(0, 0, width, height);
  const box = inkBox(drawn);
  if (!box) return failure('There is nothing to draw in these words.');
  const { canvas } = cutOut(whole.canvas, box);
  const inOne = oneColourOf(drawn, box);
  const blob = inOne
    ? blobOf(await oneColourPng(inOne), 'image/png')
    : await canvas.convertToBlob({ type: 'image/png' });
  const taken = await takeInPicture(blob, label, () => undefined, canvas);
  if (!taken.ok) return taken;
  const mm = MM_PER_INCH / perInch;
  const realMm = { widthMm: box.width * mm, heightMm: box.height * mm };
  return success({ ...taken.value, art: { ...taken.value.art, realMm } });
}
