import type { Box } from '../geometry';
import { inches } from '../units';

/** What two pages of a drawing have in common at a seam, mm: a quarter inch, as of art (common practice). */
const OVERLAP_MM = inches(1 / 4);

/** A page of a drawing that is larger than paper. */
export interface DrawingTile {
  /** Its row as a letter and its column as a figure, as sheets of art are called. */
  readonly name: string;
  /** What of the drawing it shows, mm. */
  readonly shows: Box;
}

/** A drawing over several pages. */
export interface DrawingTiles {
  readonly rows: number;
  readonly columns: number;
  readonly tiles: readonly DrawingTile[];
  /** Where two pages are laid on each other, mm from the left and from the top of the drawing. */
  readonly downAtMm: readonly number[];
  readonly acrossAtMm: readonly number[];
}

interface Size {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Pages one way: how many, and how far each begins after the one before. */
function along(lengthMm: number, roomMm: number): { count: number; stepMm: number } {
  if (lengthMm <= roomMm) return { count: 1, stepMm: lengthMm };
  const count = Math.ceil((lengthMm - OVERLAP_MM) / (roomMm - OVERLAP_MM) - 1e-9);
  return { count, stepMm: (lengthMm - OVERLAP_MM) / count };
}

/**
 * Cuts a drawing up for pages of a size, evenly, with an overlap.
 * @param room what a page shows of it, mm; more than the overlap each way.
 */
export function tilesOfDrawing(size: Size, room: Size): DrawingTiles {
  const [across, down] = [
    along(size.widthMm, room.widthMm),
    along(size.heightMm, room.heightMm),
  ] as const;
  const seams = ({ count, stepMm }: typeof across) =>
    Array.from({ length: count - 1 }, (_, i) => (i + 1) * stepMm + OVERLAP_MM / 2);
  return {
    ...{ rows: down.count, columns: across.count },
    tiles: Array.from({ length: down.count * across.count }, (_, i) => {
      const [row, column] = [Math.floor(i / across.count), i % across.count];
      return {
        name: `${String.fromCharCode(65 + (row % 26))}${column + 1}`,
        shows: {
          x: column * across.stepMm,
          y: row * down.stepMm,
          width: Math.min(size.widthMm, across.stepMm + (across.count > 1 ? OVERLAP_MM : 0)),
          height: Math.min(size.heightMm, down.stepMm + (down.count > 1 ? OVERLAP_MM : 0)),
        },
      };
    }),
    downAtMm: seams(across),
    acrossAtMm: seams(down),
  };
}
