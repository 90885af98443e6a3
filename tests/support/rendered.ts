import type { Page } from '@playwright/test';

/** Means over a grid of so many cells of the picture on the stage, RGB. */
export const onStage = (page: Page, columns: number, rows: number): Promise<number[]> =>
  page
    .locator('svg image')
    .first()
    .evaluate(
      async (image: SVGImageElement, [across, down]) => {
        const picture = new Image();
        picture.src = image.href.baseVal;
        await picture.decode();
        const brush = new OffscreenCanvas(across, down).getContext('2d');
        if (!brush) throw new Error('no canvas');
        brush.imageSmoothingQuality = 'high';
        brush.drawImage(picture, 0, 0, across, down);
        return [...brush.getImageData(0, 0, across, down).data].filter((_, i) => i % 4 < 3);
      },
      [columns, rows] as const,
    );

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
