import { SIDES, tableSide, type Side, type Tile, type TileEdge, type Tiling } from './tiles';

/** One sheet to be laid, as it lies on the table printed side up; in words: `words/sheets`. */
export interface LayStep {
  readonly tile: string;
  /** Sides cut on the line, cut back to the ink, and left with their printed flap. */
  readonly trim: Readonly<Record<'line' | 'ink' | 'flap', readonly Side[]>>;
  /** The sheets it is laid over, each at one of its own sides; none for the first. */
  readonly over: readonly { readonly tile: string; readonly side: Side }[];
}

/** The table's sides of a tile that have such an edge. */
const sidesWith = (tile: Tile, edge: TileEdge, mirrored: boolean): Side[] =>
  SIDES.filter((side) => tile.edges[side] === edge).map((side) => tableSide(side, mirrored));

/** How the tiles of a piece are trimmed and laid, first to last, each on top of those before. */
export function layingSteps({ tiles }: Tiling, mirrored: boolean): LayStep[] {
  const laid = new Set<string>();
  return tiles.map((tile) => {
    const over = SIDES.flatMap((side) => {
      const name = tile.meets[side];
      return name && laid.has(name) ? [{ tile: name, side: tableSide(side, mirrored) }] : [];
    });
    laid.add(tile.name);
    return {
      tile: tile.name,
      trim: {
        line: sidesWith(tile, 'cut', mirrored),
        ink: sidesWith(tile, 'ink', mirrored),
        flap: sidesWith(tile, 'under', mirrored),
      },
      over,
    };
  });
}
