import { MM_PER_INCH } from '@/core/units';
import { failure, success, type Result } from '@/core/result';
import { takeInPicture, type TakenIn } from './takeIn';

/** A line of lettering as drawn on the page, with room round it. */
export interface DrawnLine {
  readonly bitmap: ImageBitmap;
  readonly perInch: number;
  /** What the line is called: its words. */
  readonly label: string;
}

interface Box {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

/** The box of what was drawn, pixels; null where nothing was. What lies inside the box so far is not looked at. */
function inkBox({ width, height, data }: ImageData): Box | null {
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
function cutOut(drawn: ImageBitmap | OffscreenCanvas, { left, top, width, height }: Box) {
  const canvas = new OffscreenCanvas(width, height);
  const brush = canvas.getContext('2d', { willReadFrequently: true });
  if (!brush) throw new Error('This browser cannot draw pictures in the background.');
  brush.drawImage(drawn, -left, -top);
  return { canvas, brush };
}

/** A straight line is drawn with less room than this on every side, pixels. */
const RIM_PX = 12;

/** The box of a line of lettering: where ink reaches into every rim, nothing but the rims is read. */
function boxOf(
  brush: OffscreenCanvasRenderingContext2D,
  { width, height }: Pick<Box, 'width' | 'height'>,
): Box | null {
  const across = { left: 0, width, height: Math.min(RIM_PX, height) };
  const down = { top: 0, width: Math.min(RIM_PX, width), height };
  const [below, beside] = [height - across.height, width - down.width];
  const inkIn = ({ left, top, width, height }: Box) =>
    inkBox(brush.getImageData(left, top, width, height));
  const first = inkIn({ ...across, top: 0 });
  const last = first && inkIn({ ...across, top: below });
  const left = last && inkIn({ ...down, left: 0 });
  const right = left && inkIn({ ...down, left: beside });
  if (!first || !last || !left || !right) return inkIn({ left: 0, top: 0, width, height });
  return {
    ...{ left: left.left, top: first.top },
    width: beside + right.left + right.width - left.left,
    height: below + last.top + last.height - first.top,
  };
}

/** Cuts a line of lettering close and takes it in as a picture of its true size. */
export async function takeInLine({ bitmap, perInch, label }: DrawnLine): Promise<Result<TakenIn>> {
  const { width, height } = bitmap;
  const whole = cutOut(bitmap, { left: 0, top: 0, width, height });
  bitmap.close();
  const box = boxOf(whole.brush, { width, height });
  if (!box) return failure('There is nothing to draw in these words.');
  const { canvas } = cutOut(whole.canvas, box);
  const blob = await canvas.convertToBlob({ type: 'image/png' });
  const taken = await takeInPicture(blob, label, () => undefined, canvas);
  if (!taken.ok) return taken;
  const mm = MM_PER_INCH / perInch;
  const realMm = { widthMm: box.width * mm, heightMm: box.height * mm };
  return success({ ...taken.value, art: { ...taken.value.art, realMm } });
}
