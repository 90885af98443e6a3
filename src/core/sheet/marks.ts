import {
  bottom,
  growRegion,
  isUprightRect,
  mapRegion,
  right,
  withoutHoles,
  type Affine,
  type Box,
  type Point,
  type Region,
} from '../geometry';
import type { Piece } from '../layout';
import { inches } from '../units';

/** A line of ink, mm on the page. */
export interface Line {
  readonly from: Point;
  readonly to: Point;
}

/** What shows where to cut; never on the piece itself. */
export type CutGuide =
  /** Short lines that point at the corners of a straight-edged piece. */
  | { readonly kind: 'ticks'; readonly lines: readonly Line[] }
  /** A line all round any other piece, a little outside its edge. */
  | { readonly kind: 'line'; readonly rings: Region };

/** Everything inked on a sheet besides the art; all of it lies outside every piece. */
export interface SheetMarks {
  readonly cutGuide: CutGuide | null;
  /** An arrow above the piece that points to the top of what is on it; null where marks have no room. */
  readonly up: readonly Line[] | null;
  readonly foot: Foot | null;
}

/** The strip below the pieces: check bar and label. */
export interface Foot {
  readonly box: Box;
  /** A line of exact length with stops, to be measured on the paper. */
  readonly bar: { readonly x: number; readonly y: number; readonly stops: readonly BarStop[] };
  readonly lines: readonly { readonly x: number; readonly y: number; readonly text: string }[];
  /** Letter height, mm (cap to descender). */
  readonly textSizeMm: number;
  /**
   * Whether the file holds the strip mirrored. It does when driver or printer will flip the page:
   * then the strip reads right on paper exactly when the art was flipped as planned.
   */
  readonly mirroredInFile: boolean;
}

export interface BarStop {
  readonly atMm: number;
  readonly text: string;
  /** Which side of its stroke the text stands on, so that near stops do not overlap. */
  readonly side: 'left' | 'right';
}

/** Clear space between a cut corner and its ticks, and the ticks' length, mm (own choice). */
export const TICK_GAP_MM = 1.5;
export const TICK_LENGTH_MM = 4;
/** Room ticks need round a piece. */
export const TICK_ROOM_MM = TICK_GAP_MM + TICK_LENGTH_MM;

const TEXT_SIZE_MM = 2.6;
const LINE_MM = 3.6;
const BAR_ROOM_MM = 7;

/** Height of the strip for so many lines of label. */
export const footHeight = (lines: number): number => BAR_ROOM_MM + lines * LINE_MM + 1;

const LONG_BAR: readonly BarStop[] = [
  { atMm: 0, text: '0', side: 'right' },
  { atMm: 100, text: '100 mm', side: 'left' },
  { atMm: inches(4), text: '4 in', side: 'right' },
];
/** For sheets too narrow for the long bar. */
const SHORT_BAR: readonly BarStop[] = [
  { atMm: 0, text: '0', side: 'right' },
  { atMm: 50, text: '50 mm', side: 'left' },
  { atMm: inches(2), text: '2 in', side: 'right' },
];

/** Eight ticks, two at each corner of a piece on the page. */
function trimTicks(piece: Box): Line[] {
  return [piece.x, right(piece)].flatMap((x) =>
    [piece.y, bottom(piece)].flatMap((y) => {
      const outX = x === piece.x ? -1 : 1;
      const outY = y === piece.y ? -1 : 1;
      return [
        { from: { x: x + outX * TICK_GAP_MM, y }, to: { x: x + outX * TICK_ROOM_MM, y } },
        { from: { x, y: y + outY * TICK_GAP_MM }, to: { x, y: y + outY * TICK_ROOM_MM } },
      ];
    }),
  );
}

/** How a piece on a page is shown where to cut. */
export const cutGuideFor = (piece: Piece, box: Box, toPage: Affine): CutGuide =>
  isUprightRect(piece.cut)
    ? { kind: 'ticks', lines: trimTicks(box) }
    : {
        kind: 'line',
        rings: mapRegion(toPage, withoutHoles(growRegion(piece.cut, TICK_GAP_MM))),
      };

/** An arrow above a piece: which end of a print is up is not always seen on it. */
export function upArrow(box: Box): Line[] {
  const x = box.x + box.width / 2;
  const tip = { x, y: box.y - TICK_ROOM_MM };
  const barb = (dx: number): Line => ({ from: tip, to: { x: x + dx, y: tip.y + 1.4 } });
  return [{ from: { x, y: box.y - TICK_GAP_MM }, to: tip }, barb(-1.2), barb(1.2)];
}

/** Lays out the strip in its box: label lines first, the check bar under them. */
export function footOf(box: Box, texts: readonly string[], mirroredInFile: boolean): Foot {
  const stops = box.width >= inches(4) + 12 ? LONG_BAR : SHORT_BAR;
  return {
    box,
    bar: { x: box.x + 1, y: box.y + texts.length * LINE_MM + 5, stops },
    lines: texts.map((text, i) => ({ x: box.x + 1, y: box.y + (i + 1) * LINE_MM, text })),
    textSizeMm: TEXT_SIZE_MM,
    mirroredInFile,
  };
}
