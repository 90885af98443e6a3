import { SIDES, tableSide, type Side, type Tile, type TileEdge, type Tiling } from './tiles';

/** One sheet to be laid, told as it lies on the table: printed side up. */
export interface LayStep {
  readonly tile: string;
  readonly text: string;
}

const WORDS: Readonly<Record<Side, string>> = {
  left: 'left',
  right: 'right',
  top: 'upper',
  bottom: 'lower',
};

const listed = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;

/** The table's sides of a tile that have such an edge. */
const sidesWith = (tile: Tile, edge: TileEdge, mirrored: boolean): Side[] =>
  SIDES.filter((side) => tile.edges[side] === edge).map((side) => tableSide(side, mirrored));

function trimming(tile: Tile, mirrored: boolean): string {
  const say = (edge: TileEdge, words: (sides: string, edges: string) => string) => {
    const sides = sidesWith(tile, edge, mirrored).map((side) => WORDS[side]);
    return sides.length === 0 ? '' : words(listed(sides), sides.length === 1 ? 'edge' : 'edges');
  };
  return [
    say('cut', (sides, edges) => `Cut its ${sides} ${edges} on the line.`),
    say('ink', (sides, edges) => `Cut its ${sides} ${edges} back to the ink, no white left.`),
    say('under', (sides, edges) => `Leave the printed flap at its ${sides} ${edges}.`),
  ]
    .filter(Boolean)
    .join(' ');
}

/** Which sheets already lie that a tile meets, and at which of its sides. */
function joining(tile: Tile, laid: ReadonlySet<string>, mirrored: boolean): string {
  const met = SIDES.flatMap((side) => {
    const name = tile.meets[side];
    return name && laid.has(name)
      ? [`${name} at its ${WORDS[tableSide(side, mirrored)]} edge`]
      : [];
  });
  return met.length === 0
    ? 'Lay it down first, printed side up; tape, sticky side up, under its outer corner holds it.'
    : `Lay it over ${listed(met)}, so that the picture runs on; tape it at the back or outside the print.`;
}

/** How the tiles of a piece are trimmed and laid, first to last, each on top of those before. */
export function layingSteps({ tiles }: Tiling, mirrored: boolean): LayStep[] {
  const laid = new Set<string>();
  return tiles.map((tile) => {
    const text = [trimming(tile, mirrored), joining(tile, laid, mirrored)]
      .filter(Boolean)
      .join(' ');
    laid.add(tile.name);
    return { tile: tile.name, text };
  });
}
