import { bottom, right, type Box } from '@/core/geometry';
import type { Expected } from '@/core/look';
import type { Raster } from '@/core/proof';

const { floor, min, max, abs } = Math;

/** A print with a box of it painted over, mm. */
export const painted = (print: Raster, box: Box, colour: readonly number[]): Raster => {
  const data = new Uint8ClampedArray(print.data);
  const { width, height, pxPerMm } = print;
  for (let y = max(0, floor(box.y * pxPerMm)); y < min(height, bottom(box) * pxPerMm); y++)
    for (let x = max(0, floor(box.x * pxPerMm)); x < min(width, right(box) * pxPerMm); x++)
      data.set([...colour, 255], (y * width + x) * 4);
  return { ...print, data };
};

/** Its colour at a place, mm. */
export const at = (raster: Raster, x: number, y: number): readonly [number, number, number] => {
  const i =
    (min(raster.height - 1, max(0, floor(y * raster.pxPerMm))) * raster.width +
      min(raster.width - 1, max(0, floor(x * raster.pxPerMm)))) *
    4;
  return [raster.data[i] ?? 255, raster.data[i + 1] ?? 255, raster.data[i + 2] ?? 255];
};

/** Whether a colour is ink, not bare paper. */
export const inked = (colour: readonly number[]): boolean => min(...colour) < 205;

/** A place of the picture that passes, tried at random; the last tried where none does. */
export function placeWhere(
  expected: Expected,
  random: () => number,
  size: readonly [number, number],
  ok: (box: Box) => boolean,
): Box | null {
  for (let i = 0; i < 400; i++) {
    const part = expected.parts[floor(random() * expected.parts.length)];
    if (!part) break;
    const [w, h] = size;
    const box = {
      x: part.box.x + 4 + random() * (part.box.width - w - 8),
      y: part.box.y + 4 + random() * (part.box.height - h - 8),
      width: w,
      height: h,
    };
    if (ok(box)) return box;
  }
  return null;
}

/** Whether a box lies on ink all over. */
export const allInked =
  (expected: Expected) =>
  (box: Box): boolean =>
    [0.1, 0.3, 0.5, 0.7, 0.9].every((u) =>
      [0.1, 0.5, 0.9].every((v) =>
        inked(at(expected.picture, box.x + u * box.width, box.y + v * box.height)),
      ),
    );

/** What a box is painted over with where what stands in it is lost: the ground round it. */
export function groundOf({ picture }: Expected, box: Box): readonly [number, number, number] {
  const colours = [0.02, 0.5, 0.98].flatMap((u) =>
    [0.02, 0.98].map((v) => at(picture, box.x + u * box.width, box.y + v * box.height)),
  );
  const middle = (k: 0 | 1 | 2) => colours.map((each) => each[k]).sort((x, y) => x - y)[3] ?? 0;
  return [middle(0), middle(1), middle(2)];
}

/** Strokes of a letter 6 mm high, a seventh of that wide, take so much, mm² (from memory). */
export const LETTER_MM2 = 8;
/** How much of a box is clearly another colour than its ground, mm². */
export function inkedMm2(expected: Expected, box: Box): number {
  const ground = groundOf(expected, box);
  let hits = 0;
  const cells = 24;
  for (let v = 0; v < cells; v++)
    for (let u = 0; u < cells; u++) {
      const x = box.x + ((u + 0.5) / cells) * box.width;
      const own = at(expected.picture, x, box.y + ((v + 0.5) / cells) * box.height);
      if (own.some((value, k) => abs(value - (ground[k] ?? 0)) > 40)) hits++;
    }
  return (hits * box.width * box.height) / cells ** 2;
}
