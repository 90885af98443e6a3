import type { SheetLabel } from './label';
import {
  bottom,
  chain,
  mirrorIn,
  regionBox,
  rectRing,
  translation,
  type Affine,
  type Box,
} from '../geometry';
import type { Piece } from '../layout';
import { isPrintedOn } from '../model';
import {
  cutGuidesFor,
  cutGuidesForTile,
  footHeight,
  footOf,
  registrationCorners,
  TICK_GAP_MM,
  TICK_ROOM_MM,
  upArrow,
  type CutGuide,
  type Line,
} from './marks';
import type { Page } from './page';
import type { Tile } from './tile';
import type { Room, Sheet, SheetContext, SheetItem } from './types';
import type { SheetName } from './types';

/** Something to be put on a page: a piece, or a tile of one. */
export interface Load {
  readonly piece: Piece;
  readonly copy: number;
  readonly tile: Tile | null;
  /** What is cut out of it and lies in it. */
  readonly inside?: readonly Load[];
}

/** A load where it goes on the page. */
export interface Laid extends Load {
  readonly box: Box;
  readonly turned: boolean;
}

/** Size of what a load prints, mm. */
export const sizeOf = ({ piece, tile }: Load): { widthMm: number; heightMm: number } =>
  tile ? { widthMm: tile.printed.width, heightMm: tile.printed.height } : piece;

/** Where art may go on a page that keeps room for its marks. */
export function freeOn(page: Page, room: Room, labelLines: number): Box {
  const beside = room.beside ? TICK_ROOM_MM : 0;
  const above = room.above ? TICK_ROOM_MM : 0;
  const { x, y, width, height } = page.printable;
  const foot = room.foot ? footHeight(labelLines) : 0;
  return {
    x: x + beside,
    y: y + above,
    width: width - 2 * beside,
    height: height - foot - 2 * above,
  };
}

/** Turns by a quarter clockwise inside a box of that height. */
const quarter = (heightMm: number): Affine => [0, 1, -1, 0, heightMm, 0];

/** Takes piece mm to page mm: flipped where the file flips, turned where it lies turned, then placed. */
function toPage({ piece, tile, box, turned }: Laid, mirrored: boolean): Affine {
  const from = tile?.printed ?? { x: 0, y: 0, width: piece.widthMm, height: piece.heightMm };
  return chain(
    translation(-from.x, -from.y),
    ...(mirrored ? [mirrorIn(from.width)] : []),
    ...(turned ? [quarter(from.height)] : []),
    translation(box.x, box.y),
  );
}

/** How far marks may reach from a piece that has neighbours so near. */
const markRoom = (loads: readonly Laid[], gapMm: number): number =>
  // a neighbour's own cut line lies a gap off its edge
  loads.length < 2 ? TICK_ROOM_MM : Math.min(TICK_ROOM_MM, gapMm - TICK_GAP_MM - 0.5);

/** Whether the file is what mirrors. */
export const fileFlips = ({ mirror }: Pick<SheetContext, 'mirror'>): boolean =>
  mirror.flippers.some(({ who, flips }) => who === 'file' && flips);

/**
 * The border without ink that all loads have and may lose, mm: a neighbour's may lie over it, and it may lie where the
 * printer does not reach. A cutter cuts every outline whole.
 */
export const borderOf = (loads: readonly Load[], { job, paper }: SheetContext): number =>
  job.sheet.cutterId !== null || !isPrintedOn(paper)
    ? 0
    : Math.min(...loads.map(({ piece, tile }) => (tile ? 0 : piece.borderMm)));

/** A sheet with its loads where they were laid, and the marks there is room for. */
export function composeSheet(
  page: Page,
  loads: readonly Laid[],
  room: Room,
  label: { id: string; called: SheetName; says: SheetLabel; lines: number },
  context: SheetContext,
): Sheet {
  const { mirror, paper, job } = context;
  const mirrored = fileFlips(context);
  const flippedLater = mirror.flippers.some(({ who, flips }) => who !== 'file' && flips);
  const items: SheetItem[] = loads.map((load) => ({
    pieceId: load.piece.id,
    copy: load.copy,
    tile: load.tile,
    box: load.box,
    mirrored,
    turned: load.turned,
    matrix: toPage(load, mirrored),
  }));
  const reach = markRoom(loads, job.sheet.gang.gapMm - borderOf(loads, context));
  const marks = { above: room.above, beside: room.beside, roomMm: reach };
  const marked = (room.above || room.beside) && reach > TICK_GAP_MM + 1;
  const guides = (load: Laid, matrix: Affine): CutGuide[] =>
    load.tile
      ? cutGuidesForTile(load.piece, load.tile, load.box, matrix, marks)
      : cutGuidesFor(load.piece, load.box, matrix, marks);
  const each = <T>(of: (load: Laid, matrix: Affine) => T[]): T[] =>
    marked ? loads.flatMap((load, i) => of(load, items[i]?.matrix ?? toPage(load, mirrored))) : [];
  const used = regionBox(loads.map(({ box }) => rectRing(box)));
  const footBox = {
    x: page.printable.x,
    y: bottom(used) + (room.above ? TICK_ROOM_MM : 0),
    width: page.printable.width,
    height: footHeight(label.lines),
  };
  return {
    ...page,
    id: label.id,
    called: label.called,
    paper: paper.name,
    items,
    marks: {
      cutGuides: each(guides),
      up: each<Line>((load, matrix) =>
        load.tile || !room.above ? [] : upArrow(load.piece, matrix, reach),
      ),
      corners:
        job.sheet.cutterId && loads.every(({ tile }) => !tile)
          ? registrationCorners(page.printable, [
              ...loads.map(({ box }) => box),
              ...(room.foot ? [footBox] : []),
            ])
          : [],
      foot: room.foot ? footOf(footBox, label.says, label.lines, flippedLater) : null,
    },
  };
}
