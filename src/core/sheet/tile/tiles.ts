import {
  areasBetween,
  bottom,
  overlapOf,
  rectRing,
  right,
  unite,
  type Box,
  type Region,
} from '../../geometry';
import type { Piece } from '../../layout';
import type { SheetChoices } from '../../model';
import type { PieceCosts } from './seamCost';
import {
  bestSeams,
  costOf,
  LEAST_STRIP_MM,
  seamLimits,
  seamsHold,
  sheetsFor,
  tightSeams,
  type Reach,
} from './seams';

/** The sides of a tile. */
export const SIDES = ['left', 'right', 'top', 'bottom'] as const;
/** A side of a tile. */
export type Side = (typeof SIDES)[number];

/**
 * What becomes of a tile's edge: the piece's own edge; cut on the seam's line; kept as a flap that
 * goes under its neighbour; or cut back to where the ink ends.
 */
export type TileEdge = 'outer' | 'cut' | 'under' | 'ink';

/** One sheet's part of a piece that is too large for a sheet. Sides are the piece's own, as seen. */
export interface Tile {
  /** Row letter and column number as the sheets lie on the table, printed side up: A1 is laid first. */
  readonly name: string;
  readonly row: number;
  /** Column on the table, from 0. */
  readonly column: number;
  /** What is seen of it once all lie together, and what it prints, piece mm. */
  readonly shown: Box;
  readonly printed: Box;
  readonly edges: Readonly<Record<Side, TileEdge>>;
  /** Names of its neighbours. */
  readonly meets: Readonly<Partial<Record<Side, string>>>;
}

type SeamLimit = ReturnType<typeof seamLimits>[number];

/** How a piece is cut up: where its seams run and what they cost. */
export interface Tiling {
  readonly pieceId: string;
  readonly rows: number;
  readonly columns: number;
  /** Upright seams by how far from the left, level ones by how far down, piece mm. */
  readonly downAtMm: readonly number[];
  readonly acrossAtMm: readonly number[];
  /** How far each seam may be moved on its own, in the same order. */
  readonly downLimits: readonly SeamLimit[];
  readonly acrossLimits: readonly SeamLimit[];
  /** Detail cut through (detail × mm), and what the cheapest and the evenly spaced seams would cost. */
  readonly cost: number;
  readonly bestCost: number;
  readonly evenCost: number;
  /** Whether the seams set by hand are used; false with some set means no sheet could hold them. */
  readonly byHand: boolean;
  readonly trim: SheetChoices['tile']['trim'];
  readonly overlapMm: number;
  /** In the order they are laid. */
  readonly tiles: readonly Tile[];
  /** Sheets that the piece's paper would reach over and no picture does: they are not printed. */
  readonly bare: number;
}

/** What tiling is decided by: the piece, the room on a sheet (mm), the person’s choices. */
export interface TileInput {
  readonly piece: Piece;
  /** What a sheet can print once its marks have room. */
  readonly room: { readonly widthMm: number; readonly heightMm: number };
  readonly choices: Pick<SheetChoices, 'tile' | 'seams'>;
  /** Whether the print lies mirrored on the paper, so that the table shows it from behind. */
  readonly mirrored: boolean;
  readonly costs: PieceCosts;
  /** Where the piece is printed at all. */
  readonly printed: Region;
}

/** What each sheet prints beyond its seams, by trimming school and which of a pair lies under. */
function flaps({ overlapMm, trim }: SheetChoices['tile'], firstIsUnder: boolean) {
  if (trim === 'one') return { beforeMm: overlapMm / 2, afterMm: overlapMm / 2 };
  return firstIsUnder ? { beforeMm: 0, afterMm: overlapMm } : { beforeMm: overlapMm, afterMm: 0 };
}

/** Both axes of a piece as lengths to be shown by sheets. On a mirrored table the right is laid first. */
const reachesOf = ({ piece, room, choices, mirrored }: TileInput): { x: Reach; y: Reach } => ({
  x: { lengthMm: piece.widthMm, sheetMm: room.widthMm, ...flaps(choices.tile, !mirrored) },
  y: { lengthMm: piece.heightMm, sheetMm: room.heightMm, ...flaps(choices.tile, true) },
});

/** Sheets such a room needs, none left out; infinite where the overlap eats all of it. */
export function tilesNeeded(input: TileInput): number {
  const { x, y } = reachesOf(input);
  return sheetsFor(x) * sheetsFor(y);
}

function cheapest(reach: Reach, count: number, costs: PieceCosts['upright']) {
  if (count === 1 && seamsHold(reach, [])) return { atMm: [], cost: 0 };
  const cuts = costs();
  for (const least of [LEAST_STRIP_MM, LEAST_STRIP_MM / 3, 0]) {
    const found = bestSeams(reach, count, cuts, least);
    if (found) return found;
  }
  return tightSeams(reach, count, cuts);
}

const evenly = (lengthMm: number, count: number): number[] =>
  Array.from({ length: count - 1 }, (_, i) => (lengthMm * (i + 1)) / count);

const rowLetter = (row: number): string =>
  row < 26
    ? String.fromCharCode(65 + row)
    : `${rowLetter(Math.floor(row / 26) - 1)}${rowLetter(row % 26)}`;

/** Less ink than this on a sheet is none, mm². */
const LEAST_INK_MM2 = 0.5;

/** So many pictures are looked at one by one; more cover the paper alike. */
const MOST_LOOKED_AT = 60;

/** Where a piece is printed at all: its paper as far as its pictures reach. */
export function printedOf({ cut, arts }: Piece): Region {
  if (arts.length > MOST_LOOKED_AT) return cut;
  return overlapOf(cut, unite(...arts.map(({ box }) => [rectRing(box)])));
}

/** Rows and columns of the tiles beside one, by the piece's sides as seen. */
function neighboursOf(row: number, column: number, mirrored: boolean) {
  const step = mirrored ? -1 : 1;
  return {
    left: [row, column - step],
    right: [row, column + step],
    top: [row - 1, column],
    bottom: [row + 1, column],
  } as const satisfies Record<Side, readonly [row: number, column: number]>;
}

/** The tiles between seams, laid row by row from the table's upper left; those without ink left out. */
function tilesBetween(
  { piece, choices, mirrored, printed }: TileInput,
  reaches: { x: Reach; y: Reach },
  xs: readonly number[],
  ys: readonly number[],
): Pick<Tiling, 'tiles' | 'bare'> {
  const [columns, rows] = [xs.length - 1, ys.length - 1];
  const seenColumn = (column: number) => (mirrored ? columns - 1 - column : column);
  const nameAt = (row: number, column: number) => `${rowLetter(row)}${column + 1}`;
  const shownAt = (row: number, column: number): Box => {
    const seen = seenColumn(column);
    const [x, y] = [xs[seen] ?? 0, ys[row] ?? 0];
    return { x, y, width: (xs[seen + 1] ?? x) - x, height: (ys[row + 1] ?? y) - y };
  };
  const holds = (region: Region) => {
    const areas = areasBetween(region, xs, ys);
    return (row: number, column: number) => (areas[row]?.[seenColumn(column)] ?? 0) > LEAST_INK_MM2;
  };
  const [holdsInk, holdsPaper] = [holds(printed), holds(piece.cut)];
  const tiles: Tile[] = [];
  let papered = 0;
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      if (holdsPaper(row, column)) papered++;
      if (!holdsInk(row, column)) continue;
      const shown = shownAt(row, column);
      const near = neighboursOf(row, column, mirrored);
      const beyond = (side: Side, flapMm: number) => (holdsInk(...near[side]) ? flapMm : 0);
      const left = beyond('left', reaches.x.beforeMm);
      const top = beyond('top', reaches.y.beforeMm);
      const edgeOf = (side: Side): TileEdge => {
        if (!holdsInk(...near[side])) return 'outer';
        if (choices.tile.trim === 'both') return 'ink';
        const [r, c] = near[side];
        // what is laid later lies on top and is cut on the line
        return r < row || (r === row && c < column) ? 'cut' : 'under';
      };
      const met = (side: Side) => (holdsInk(...near[side]) ? nameAt(...near[side]) : undefined);
      tiles.push({
        name: nameAt(row, column),
        row,
        column,
        shown,
        printed: {
          x: shown.x - left,
          y: shown.y - top,
          width: shown.width + left + beyond('right', reaches.x.afterMm),
          height: shown.height + top + beyond('bottom', reaches.y.afterMm),
        },
        edges: perSide(edgeOf),
        meets: perSide(met),
      });
    }
  }
  return { tiles, bare: papered - tiles.length };
}

const perSide = <T>(of: (side: Side) => T): Record<Side, T> => ({
  left: of('left'),
  right: of('right'),
  top: of('top'),
  bottom: of('bottom'),
});

/**
 * Cuts a piece up for sheets with such a room: as few as possible, the seams where they meet least
 * detail, straight through the whole piece, or where they were set by hand if sheets can hold that.
 * @returns null when no cutting up fits (an overlap as large as the sheet).
 */
export function tilePiece(input: TileInput): Tiling | null {
  const { piece, choices, costs } = input;
  const reaches = reachesOf(input);
  const [columns, rows] = [sheetsFor(reaches.x), sheetsFor(reaches.y)];
  if (!Number.isFinite(columns * rows) || columns * rows > MOST_TILES) return null;
  const down = cheapest(reaches.x, columns, costs.upright);
  const across = cheapest(reaches.y, rows, costs.level);
  if (!down || !across) return null;
  const hand = choices.seams.find(({ pieceId }) => pieceId === piece.id);
  const byHand =
    !!hand &&
    hand.downAtMm.length === columns - 1 &&
    hand.acrossAtMm.length === rows - 1 &&
    seamsHold(reaches.x, hand.downAtMm) &&
    seamsHold(reaches.y, hand.acrossAtMm);
  const [downAtMm, acrossAtMm] = byHand
    ? [hand.downAtMm, hand.acrossAtMm]
    : [down.atMm, across.atMm];
  const costAt = (d: readonly number[], a: readonly number[]) =>
    (d.length > 0 ? costOf(costs.upright(), d) : 0) + (a.length > 0 ? costOf(costs.level(), a) : 0);
  return {
    pieceId: piece.id,
    rows,
    columns,
    downAtMm,
    acrossAtMm,
    downLimits: seamLimits(reaches.x, downAtMm),
    acrossLimits: seamLimits(reaches.y, acrossAtMm),
    cost: costAt(downAtMm, acrossAtMm),
    bestCost: costAt(down.atMm, across.atMm),
    evenCost: costAt(evenly(piece.widthMm, columns), evenly(piece.heightMm, rows)),
    byHand,
    trim: choices.tile.trim,
    overlapMm: choices.tile.overlapMm,
    ...tilesBetween(
      input,
      reaches,
      [0, ...downAtMm, piece.widthMm],
      [0, ...acrossAtMm, piece.heightMm],
    ),
  };
}

/** More sheets than this for one piece is a mistyped figure, not a job (own choice). */
export const MOST_TILES = 400;

/** The side of the table a piece's side lies on. */
export const tableSide = (side: Side, mirrored: boolean): Side => {
  if (!mirrored || side === 'top' || side === 'bottom') return side;
  return side === 'left' ? 'right' : 'left';
};

/** Where a tile's print is cut, as lines of the piece: upright ones by x, level ones by y. */
export function trimLinesOf({ shown, printed, edges }: Tile): { x: number[]; y: number[] } {
  const line = (edge: TileEdge, atSeam: number, atInk: number): number[] =>
    edge === 'under' ? [] : [edge === 'cut' ? atSeam : atInk];
  return {
    x: [
      ...line(edges.left, shown.x, printed.x),
      ...line(edges.right, right(shown), right(printed)),
    ],
    y: [
      ...line(edges.top, shown.y, printed.y),
      ...line(edges.bottom, bottom(shown), bottom(printed)),
    ],
  };
}
