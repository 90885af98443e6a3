import { applyAffine, bottom, holds, right, type Box } from '../geometry';
import type { Piece } from '../layout';
import type { Sheet, SheetItem } from '../sheet';
import { sampleInto, whiteRaster, type Raster } from './raster';

/** A printed sheet as it came out, seen from the printed side. */
export interface PrintedSheet {
  readonly sheet: Sheet;
  readonly print: Raster;
}

/** What is left of a tile once it is trimmed as the plan says: flaps stay, cuts and white borders go. */
function keptOf({ tile }: SheetItem, piece: Piece): Box {
  if (!tile) return { x: 0, y: 0, width: piece.widthMm, height: piece.heightMm };
  const { shown, printed, edges } = tile;
  const left = edges.left === 'cut' ? shown.x : printed.x;
  const top = edges.top === 'cut' ? shown.y : printed.y;
  const to = {
    x: edges.right === 'cut' ? right(shown) : right(printed),
    y: edges.bottom === 'cut' ? bottom(shown) : bottom(printed),
  };
  return { x: left, y: top, width: to.x - left, height: to.y - top };
}

/** Lays a trimmed sheet onto what lies already. */
function layOne(
  onto: ReturnType<typeof whiteRaster>,
  print: Raster,
  kept: Box,
  toPaper: (x: number, y: number) => { x: number; y: number },
): void {
  const { pxPerMm, width, height, data } = onto;
  const columns = [Math.ceil(kept.x * pxPerMm - 0.5), Math.ceil(right(kept) * pxPerMm - 0.5)];
  const rows = [Math.ceil(kept.y * pxPerMm - 0.5), Math.ceil(bottom(kept) * pxPerMm - 0.5)];
  for (let row = Math.max(0, rows[0] ?? 0); row < Math.min(height, rows[1] ?? 0); row++) {
    for (
      let column = Math.max(0, columns[0] ?? 0);
      column < Math.min(width, columns[1] ?? 0);
      column++
    ) {
      const { x, y } = toPaper((column + 0.5) / pxPerMm, (row + 0.5) / pxPerMm);
      sampleInto(print, x, y, data, (row * width + column) * 4);
    }
  }
}

/**
 * Trims printed sheets and lays them together by the plan alone, each on top of those before, and
 * turns the whole over onto the blank.
 * @param flips how often driver and printer flip what the file holds, as planned.
 * @returns the piece as seen on the blank, at `pxPerMm`; white where nothing was printed.
 */
export function layTogether(
  piece: Piece,
  copy: number,
  printed: readonly PrintedSheet[],
  flips: number,
  pxPerMm: number,
): Raster {
  const whole = whiteRaster(piece.widthMm, piece.heightMm, pxPerMm);
  for (const { sheet, print } of printed) {
    for (const item of sheet.items) {
      if (item.pieceId !== piece.id || item.copy !== copy) continue;
      const flipped = flips % 2 === 1;
      const toPaper = (x: number, y: number) => {
        const onPage = applyAffine(item.matrix, { x, y });
        return flipped ? { x: sheet.widthMm - onPage.x, y: onPage.y } : onPage;
      };
      layOne(whole, print, keptOf(item, piece), toPaper);
    }
  }
  return whole;
}

/** Looks at every pixel of a piece that lies inside its cut, well off its edge. */
export function insideOf(piece: Piece, { width, height, pxPerMm }: Raster): Uint8Array {
  const inside = new Uint8Array(width * height);
  const upright = piece.cut.length === 1 && piece.cut[0]?.length === 4;
  for (let row = 0; row < height; row++)
    for (let column = 0; column < width; column++) {
      const spot = { x: (column + 0.5) / pxPerMm, y: (row + 0.5) / pxPerMm };
      inside[row * width + column] = upright || holds(piece.cut, spot) ? 1 : 0;
    }
  return inside;
}
