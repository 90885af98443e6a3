/** What the dark mark of a picture prints as where it is half see-through. */
export const HALF_CLEAR_MARK = 137;

/** The top-left corner of the dark mark of a picture in a rendering, by its grey. */
export function findCorner(data: Buffer, width: number, mark: number): { x: number; y: number } {
  for (let y = 0; y < data.length / width / 3; y++) {
    for (let x = 0; x < width - 100; x++) {
      const grey = (dx: number) => Math.abs((data[(y * width + x + dx) * 3] ?? 0) - mark) < 4;
      if (grey(2) && grey(50) && grey(99)) return { x, y };
    }
  }
  throw new Error('the art was not found on the page');
}
