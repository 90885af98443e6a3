import type { Piece } from '../layout';
import { composeSheet, freeOn } from './compose';
import { TILE_LABEL_LINES, tileLabel } from './label';
import type { Page } from './page';
import { cutCostsOf, printedOf, tilePiece, tilesNeeded, wholesOn, type Tiling } from './tile';
import { roomsOn, type Room, type Sheet, type SheetContext } from './types';
import { nameOf } from '../layout';

/** How a piece is tiled, and on what. */
interface Way {
  readonly page: Page;
  readonly room: Room;
  readonly tiling: Tiling;
}

/** Whether the print lies mirrored on the paper. */
export const liesMirrored = ({ mirror }: Pick<SheetContext, 'mirror'>): boolean =>
  mirror.flips % 2 === 1;

/**
 * How a piece larger than a sheet is cut up: fewest sheets, then the most marks, then the seams that
 * meet least detail, upright paper before turned. Null when it cannot be tiled.
 */
export function bestWay(piece: Piece, pages: readonly Page[], context: SheetContext): Way | null {
  const { job, arts } = context;
  const costs = cutCostsOf(piece, arts, wholesOn(piece, job.sheet.keepWhole));
  const printed = printedOf(piece);
  const inputs = roomsOn(context.paper).flatMap((room) =>
    pages.map((page) => {
      const free = freeOn(page, room, TILE_LABEL_LINES);
      const input = {
        piece,
        room: { widthMm: free.width, heightMm: free.height },
        choices: job.sheet,
        mirrored: liesMirrored(context),
        ...{ costs, printed },
      };
      return { page, room, input, needed: tilesNeeded(input) };
    }),
  );
  const fewest = Math.min(...inputs.map(({ needed }) => needed));
  const first = inputs.find(({ needed }) => needed === fewest);
  const ways = inputs
    .filter(({ needed, room }) => needed === fewest && room === first?.room)
    .flatMap(({ page, room, input }): Way[] => {
      const tiling = tilePiece(input);
      return tiling ? [{ page, room, tiling }] : [];
    });
  const worse = (a: Way, b: Way) =>
    a.tiling.tiles.length - b.tiling.tiles.length || a.tiling.cost - b.tiling.cost;
  return ways.sort(worse)[0] ?? null;
}

/** The sheets of every copy of a piece cut up in such a way. */
export function tiledSheets(
  piece: Piece,
  copies: number,
  { page, room, tiling }: Way,
  context: SheetContext,
): Sheet[] {
  const mirrored = liesMirrored(context);
  const free = freeOn(page, room, TILE_LABEL_LINES);
  const one = tiling.tiles.map((tile) => {
    const { width, height } = tile.printed;
    const box = {
      x: free.x + (free.width - width) / 2,
      y: free.y + (free.height - height) / 2,
      width,
      height,
    };
    const label = {
      id: `${piece.id}-${tile.name}`,
      called: { kind: 'tile', piece: nameOf(piece), tile: tile.name } as const,
      says: tileLabel(piece, tile, tiling, context, mirrored),
      lines: TILE_LABEL_LINES,
    };
    return composeSheet(page, [{ piece, copy: 0, tile, box, turned: false }], room, label, context);
  });
  const again = (copy: number): Sheet[] =>
    one.map(({ id, items, ...sheet }) => ({
      ...sheet,
      id: `${id}-${copy + 1}`,
      items: items.map((item) => ({ ...item, copy })),
    }));
  return Array.from({ length: copies }, (_, copy) => (copy === 0 ? one : again(copy))).flat();
}
