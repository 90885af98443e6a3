import {
  applyAffine,
  area,
  bottom,
  cornersOf,
  growRegion,
  intersection,
  isUprightRect,
  mapRegion,
  outset,
  regionBox,
  right,
  withoutHoles,
  type Affine,
  type Box,
  type Point,
  type Region,
} from '../geometry';
import type { Piece } from '../layout';
import { inches, type LengthUnit } from '../units';
import { onceFor, spend } from '../work';
import type { SheetLabel } from './label';
import { trimLinesOf, type Tile } from './tile';

/** A line of ink, mm on the page. */
export interface Line {
  readonly from: Point;
  readonly to: Point;
}

/** What shows where to cut; never on the piece itself. */
export type CutGuide =
  /** Short lines outside the print that point along its straight cuts. */
  | { readonly kind: 'ticks'; readonly lines: readonly Line[] }
  /** Short lines on the strip beyond a seam that is cut off, where there is no room outside the print. */
  | { readonly kind: 'strip'; readonly lines: readonly Line[] }
  /** A line all round any other piece, a little outside its edge; on a tile only what lies within. */
  | { readonly kind: 'line'; readonly rings: Region; readonly within: Box | null };

/** Everything inked on a sheet besides the art; all of it lies outside every piece. */
export interface SheetMarks {
  /** One for each piece on the sheet; none where marks have no room. */
  readonly cutGuides: readonly CutGuide[];
  /** Arrows above the pieces that point to the top of what is on them. */
  readonly up: readonly Line[];
  /** Corners a cutting machine finds the print by; none when cut by hand. */
  readonly corners: readonly Line[];
  readonly foot: Foot | null;
}

/** The strip below the pieces: check bar and label. */
export interface Foot {
  readonly box: Box;
  /** A line of exact length with stops, to be measured on the paper. */
  readonly bar: { readonly x: number; readonly y: number; readonly stops: readonly BarStop[] };
  readonly label: SheetLabel;
  /** Where each line of the label begins. */
  readonly lines: readonly Point[];
  /** Letter height, mm (cap to descender). */
  readonly textSizeMm: number;
  /**
   * Whether the file holds the strip mirrored. It does when driver or printer will flip the page:
   * then the strip reads right on paper exactly when the art was flipped as planned.
   */
  readonly mirroredInFile: boolean;
}

/** A stop of the check bar, mm from its beginning. */
export interface BarStop {
  readonly atMm: number;
  /** What a ruler reads there, and in which unit. */
  readonly figure: number;
  readonly unit: LengthUnit;
  /** Which side of its stroke the text stands on, so that near stops do not overlap. */
  readonly side: 'left' | 'right';
}

/** Clear space between a cut corner and its ticks, and the ticks' length, mm (own choice). */
export const TICK_GAP_MM = 1.5;
/** How long a trim tick is, mm (own choice). */
export const TICK_LENGTH_MM = 4;
/** Room ticks need round a piece. */
export const TICK_ROOM_MM = TICK_GAP_MM + TICK_LENGTH_MM;

const TEXT_SIZE_MM = 2.6;
const LINE_MM = 3.6;
const BAR_ROOM_MM = 7;

/** Height of the strip for so many lines of label. */
export const footHeight = (lines: number): number => BAR_ROOM_MM + lines * LINE_MM + 1;

const LONG_BAR: readonly BarStop[] = [
  { atMm: 0, figure: 0, unit: 'mm', side: 'right' },
  { atMm: 100, figure: 100, unit: 'mm', side: 'left' },
  { atMm: inches(4), figure: 4, unit: 'in', side: 'right' },
];
/** For sheets too narrow for the long bar. */
const SHORT_BAR: readonly BarStop[] = [
  { atMm: 0, figure: 0, unit: 'mm', side: 'right' },
  { atMm: 50, figure: 50, unit: 'mm', side: 'left' },
  { atMm: inches(2), figure: 2, unit: 'in', side: 'right' },
];

/** Where marks may be: above and below a print, left and right of it, and how far from it. */
export interface MarkRoom {
  readonly above: boolean;
  readonly beside: boolean;
  readonly roomMm: number;
}

/** Ticks at both ends of straight cuts across a print, outside it, where there is room for them. */
function ticksAlong(
  print: Box,
  xs: readonly number[],
  ys: readonly number[],
  { above, beside, roomMm }: MarkRoom,
): CutGuide {
  const ends = (from: number, to: number) => [
    [from - TICK_GAP_MM, from - roomMm] as const,
    [to + TICK_GAP_MM, to + roomMm] as const,
  ];
  const upright = xs.flatMap((x) =>
    ends(print.y, bottom(print)).map(([a, b]) => ({ from: { x, y: a }, to: { x, y: b } })),
  );
  const level = ys.flatMap((y) =>
    ends(print.x, right(print)).map(([a, b]) => ({ from: { x: a, y }, to: { x: b, y } })),
  );
  return { kind: 'ticks', lines: [...(above ? upright : []), ...(beside ? level : [])] };
}

/**
 * How a piece on a page is shown where to cut.
 * @param box the room it takes on the page; `toPage` takes piece mm there.
 */
export function cutGuidesFor(piece: Piece, box: Box, toPage: Affine, room: MarkRoom): CutGuide[] {
  if (isUprightRect(piece.cut))
    return [ticksAlong(box, [box.x, right(box)], [box.y, bottom(box)], room)];
  // a line all round needs its little room on every side
  return room.above && room.beside
    ? [{ kind: 'line', rings: outlineOnPage(piece, toPage), within: null }]
    : [];
}

/** What is drawn round a cut line; found once for as long as edits leave that as it is. */
const roundCut = onceFor(
  (cut: Region): Region => withoutHoles(growRegion(cut, TICK_GAP_MM)),
  'outline-corners',
);
/** The line round a piece, charged once for all its copies. */
const outlines = new WeakMap<Piece, Region>();

function outlineOnPage(piece: Piece, toPage: Affine): Region {
  const known = outlines.get(piece);
  const outline = known ?? roundCut(piece.cut);
  if (!known) outlines.set(piece, outline);
  spend(cornersOf(outline) / CORNERS_A_UNIT, 'cut-lines');
  return mapRegion(toPage, outline);
}

/** Corners brought onto a page for a unit of work. */
const CORNERS_A_UNIT = 4;

/** How far a mark on a cut-off strip stays beyond its seam, and how long it is, mm (own choice). */
const STRIP_OFF_MM = 0.4;
const STRIP_LINE_MM = 10;

/** Marks for the seams that have no room for ticks: at both ends, just beyond the line that is cut. */
function stripMarks({ shown, printed, edges }: Tile, toPage: Affine, room: MarkRoom): CutGuide {
  const ends = (from: number, to: number) => [
    [from, from + STRIP_LINE_MM] as const,
    [to - STRIP_LINE_MM, to] as const,
  ];
  const spot = (x: number, y: number) => applyAffine(toPage, { x, y });
  const level = (side: 'top' | 'bottom', y: number): Line[] =>
    edges[side] !== 'cut' || room.beside
      ? []
      : ends(printed.x, right(printed)).map(([a, b]) => ({ from: spot(a, y), to: spot(b, y) }));
  const upright = (side: 'left' | 'right', x: number): Line[] =>
    edges[side] !== 'cut' || room.above
      ? []
      : ends(printed.y, bottom(printed)).map(([a, b]) => ({ from: spot(x, a), to: spot(x, b) }));
  return {
    kind: 'strip',
    lines: [
      ...level('top', shown.y - STRIP_OFF_MM),
      ...level('bottom', bottom(shown) + STRIP_OFF_MM),
      ...upright('left', shown.x - STRIP_OFF_MM),
      ...upright('right', right(shown) + STRIP_OFF_MM),
    ],
  };
}

/** How a tile on a page is shown where to cut: its seams, and the piece's own edge where it has one. */
export function cutGuidesForTile(
  piece: Piece,
  tile: Tile,
  box: Box,
  toPage: Affine,
  room: MarkRoom,
): CutGuide[] {
  const { x, y } = trimLinesOf(tile);
  const spot = (px: number, py: number) => applyAffine(toPage, { x: px, y: py });
  const xs = x.map((at) => spot(at, 0).x);
  const ys = y.map((at) => spot(0, at).y);
  const seams = [ticksAlong(box, xs, ys, room), stripMarks(tile, toPage, room)];
  if (isUprightRect(piece.cut)) return seams;
  const within = outset(box, TICK_GAP_MM);
  return [...seams, { kind: 'line', rings: outlineOnPage(piece, toPage), within }];
}

/** An arrow above a piece: which end of a print is up is not always seen on it. */
export function upArrow(piece: Piece, toPage: Affine, roomMm = TICK_ROOM_MM): Line[] {
  const x = piece.widthMm / 2;
  const spot = (dx: number, y: number) => applyAffine(toPage, { x: x + dx, y });
  const tip = spot(0, -roomMm);
  return [
    { from: spot(0, -TICK_GAP_MM), to: tip },
    { from: tip, to: spot(-1.2, 1.4 - roomMm) },
    { from: tip, to: spot(1.2, 1.4 - roomMm) },
  ];
}

/** Length of a registration corner's arms, and how far it stays off everything else, mm (own choice). */
const CORNER_MM = 5;
const CORNER_CLEAR_MM = 2;

/** Three corners of what can be printed, as angles, where nothing else lies. */
export function registrationCorners(printable: Box, taken: readonly Box[]): Line[] {
  const corners = [
    { at: { x: printable.x, y: printable.y }, way: { x: 1, y: 1 } },
    { at: { x: right(printable), y: printable.y }, way: { x: -1, y: 1 } },
    { at: { x: printable.x, y: bottom(printable) }, way: { x: 1, y: -1 } },
  ];
  return corners.flatMap(({ at, way }): Line[] => {
    const along = { x: at.x + way.x * CORNER_MM, y: at.y };
    const down = { x: at.x, y: at.y + way.y * CORNER_MM };
    const rooms = [along, down].map((to) => outset(regionBox([[at, to]]), CORNER_CLEAR_MM));
    if (rooms.some((room) => taken.some((box) => area(intersection(box, room)) > 0))) return [];
    return [
      { from: at, to: along },
      { from: at, to: down },
    ];
  });
}

/** Lays out the strip in its box: label lines first, the check bar under them. */
export function footOf(
  box: Box,
  label: SheetLabel,
  labelLines: number,
  mirroredInFile: boolean,
): Foot {
  const stops = box.width >= inches(4) + 12 ? LONG_BAR : SHORT_BAR;
  return {
    box,
    bar: { x: box.x + 1, y: box.y + labelLines * LINE_MM + 5, stops },
    label,
    lines: Array.from({ length: labelLines }, (_, i) => ({
      x: box.x + 1,
      y: box.y + (i + 1) * LINE_MM,
    })),
    textSizeMm: TEXT_SIZE_MM,
    mirroredInFile,
  };
}
