import { uprightMap } from '@/core/art';
import { chain, pathData, type Region } from '@/core/geometry';
import { dotsOf, warpRows, type Piece, type Pixels } from '@/core/layout';
import type { Job } from '@/core/model';
import { bitmapAsStored } from './bitmap';
import { decodeWhole } from './decode';
import type { OnProgress } from './progress';

export type Brush = OffscreenCanvasRenderingContext2D;

/** Rows of a bent piece drawn at a time. */
const STRIP_ROWS = 128;

/** Where a job's pictures come from, and who is told how far it is. */
export interface Sources {
  readonly job: Pick<Job, 'arts'>;
  readonly blobOf: (sha256: string) => Blob;
  readonly onProgress: OnProgress;
}

/** Draws what `draw` draws cut off at a region, everything in piece mm. */
function clipped(brush: Brush, region: Region, draw: () => void): void {
  brush.save();
  brush.clip(new Path2D(pathData(region)), 'evenodd');
  draw();
  brush.restore();
}

/** Draws the pictures of a flat piece, each decoded once a sheet. */
async function drawFlat(brush: Brush, piece: Piece, { job, blobOf }: Sources): Promise<void> {
  for (const art of job.arts) {
    const placed = piece.arts.filter(({ artSha256 }) => artSha256 === art.sha256);
    if (placed.length === 0) continue;
    const bitmap = await bitmapAsStored(blobOf(art.sha256), art);
    for (const each of placed)
      clipped(brush, piece.slots[each.slot]?.ink ?? piece.cut, () => {
        brush.transform(...chain(uprightMap(art.orientation), each.matrix));
        brush.drawImage(bitmap, 0, 0, 1, 1);
      });
    bitmap.close();
  }
}

/** Draws a bent piece: its pictures bent onto a canvas of its own, strip by strip. */
async function drawBent(
  brush: Brush,
  piece: Piece,
  sources: Sources,
  dotsPerMm: number,
): Promise<void> {
  const pixels = new Map<string, Pixels>();
  for (const art of sources.job.arts) {
    if (!piece.arts.some(({ artSha256 }) => artSha256 === art.sha256)) continue;
    pixels.set(art.sha256, await decodeWhole(sources.blobOf(art.sha256), art));
  }
  const { width, height } = dotsOf(piece, dotsPerMm);
  const canvas = new OffscreenCanvas(width, height);
  const own = canvas.getContext('2d');
  for (let top = 0; top < height; top += STRIP_ROWS) {
    const rows = Math.min(STRIP_ROWS, height - top);
    const strip = warpRows(piece, pixels, dotsPerMm, top, rows);
    own?.putImageData(new ImageData(strip as Uint8ClampedArray<ArrayBuffer>, width, rows), 0, top);
    sources.onProgress({ doing: 'Bending the picture', share: (0.8 * (top + rows)) / height });
  }
  clipped(brush, piece.cut, () => {
    brush.drawImage(canvas, 0, 0, piece.widthMm, piece.heightMm);
  });
}

/** Draws all pictures of a piece, the brush set to its mm; bent ones at `dotsPerMm`. */
export const drawPiece = (brush: Brush, piece: Piece, sources: Sources, dotsPerMm: number) =>
  piece.bend ? drawBent(brush, piece, sources, dotsPerMm) : drawFlat(brush, piece, sources);
