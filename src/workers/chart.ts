import { CHART_DRAWING, CHART_SIZE_MM, readChart, type ChartReading } from '@/core/colour';
import type { Point } from '@/core/geometry';
import { failure, type Result } from '@/core/result';
import { inspectImage } from '@/files/image';
import { chartFaultWords } from '@/words';

/** How finely the chart is drawn: 254 dots an inch. */
const DOTS_PER_MM = 10;
/** A photo is read no larger than this, longest side, pixels. */
const READ_PX = 3000;

function brushOn(width: number, height: number) {
  const canvas = new OffscreenCanvas(width, height);
  const brush = canvas.getContext('2d', { willReadFrequently: true });
  if (!brush) throw new Error('This browser cannot draw pictures in the background.');
  return { canvas, brush };
}

/** The colour chart as a picture, to be printed like any other. */
export async function drawChart(): Promise<Blob> {
  const [width, height] = [CHART_SIZE_MM.width, CHART_SIZE_MM.height].map((mm) => mm * DOTS_PER_MM);
  const { canvas, brush } = brushOn(width ?? 0, height ?? 0);
  brush.fillStyle = '#ffffff';
  brush.fillRect(0, 0, canvas.width, canvas.height);
  for (const { box, colour } of CHART_DRAWING) {
    brush.fillStyle = colour;
    const [x, y, w, h] = [box.x, box.y, box.width, box.height].map((mm) =>
      Math.round(mm * DOTS_PER_MM),
    );
    brush.fillRect(x ?? 0, y ?? 0, w ?? 0, h ?? 0);
  }
  return canvas.convertToBlob({ type: 'image/png' });
}

/**
 * Reads the pressed chart from a photo; what is none, too large or without the chart is told in a sentence.
 * @param corners the middles of its four marks, shares of the photo each way, where a person pointed at them.
 */
export async function readChartPhoto(
  photo: Blob,
  corners: readonly Point[],
): Promise<Result<ChartReading>> {
  const facts = inspectImage(new Uint8Array(await photo.arrayBuffer()));
  if (!facts.ok) return facts;
  const bitmap = await createImageBitmap(photo).catch(() => null);
  if (!bitmap) return failure('The picture cannot be decoded; the file is damaged. Take it again.');
  const scale = Math.min(1, READ_PX / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [bitmap.width, bitmap.height].map((px) =>
    Math.max(1, Math.round(px * scale)),
  );
  const { brush } = brushOn(width ?? 1, height ?? 1);
  brush.drawImage(bitmap, 0, 0, width ?? 1, height ?? 1);
  bitmap.close();
  const pixels = brush.getImageData(0, 0, width ?? 1, height ?? 1);
  const marks = corners.map(({ x, y }) => ({ x: x * pixels.width, y: y * pixels.height }));
  const read = readChart(pixels, marks.length > 0 ? marks : undefined);
  return read.ok ? read : failure(chartFaultWords(read.reason));
}
