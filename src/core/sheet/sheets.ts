import { chain, mirrorIn, outset, translation, type Affine, type Box } from '../geometry';
import type { Piece } from '../layout';
import type { MirrorPlan } from '../mirror';
import type { Job, Paper, Printer } from '../model';
import { formatSize, type UnitStyle } from '../units';
import { cutGuideFor, footHeight, footOf, TICK_ROOM_MM, upArrow, type SheetMarks } from './marks';
import { pageOf, type Orientation, type Page } from './page';

/** A piece on a page. */
export interface SheetItem {
  readonly pieceId: string;
  /** The room it takes, mm from the page's top-left corner. */
  readonly box: Box;
  readonly mirrored: boolean;
  /** Takes piece mm to page mm (both y down); holds the mirror when the file does it. */
  readonly matrix: Affine;
}

/** One page to print at 100 %. */
export interface Sheet extends Page {
  readonly id: string;
  readonly paper: string;
  readonly items: readonly SheetItem[];
  readonly marks: SheetMarks;
}

/** A piece that fits no single sheet of the chosen paper. */
export interface Misfit {
  readonly pieceId: string;
  /** The orientation that comes closest, and what is missing there each way, mm (≥ 0). */
  readonly orientation: Orientation;
  readonly printable: Box;
  readonly overWidthMm: number;
  readonly overHeightMm: number;
}

export interface SheetPlan {
  readonly sheets: readonly Sheet[];
  readonly misfits: readonly Misfit[];
}

interface Room {
  readonly ticks: boolean;
  readonly foot: boolean;
}

/** What is printed besides the art, most wanted first; a full page drops marks before it drops art. */
const ROOMS: readonly Room[] = [
  { ticks: true, foot: true },
  { ticks: false, foot: true },
  { ticks: true, foot: false },
  { ticks: false, foot: false },
];

const ORIENTATIONS: readonly Orientation[] = ['portrait', 'landscape'];

/** The two lines every sheet carries: what it is, and what to set in the print dialog. */
function labelLines(job: Job, piece: Piece, mirror: MirrorPlan, units: UnitStyle): string[] {
  const size = formatSize(piece.widthMm, piece.heightMm, units.length);
  return [
    `${job.name} · ${piece.name} · cut to ${size} · print at 100 %, no fit to page`,
    `Print dialog: ${mirror.driverSetting}. If this line reads normally on the paper, the mirroring is right.`,
  ];
}

/** Where the piece goes on the page with that much room kept, or null when it does not fit. */
function placeOn(page: Page, piece: Piece, room: Room, footMm: number): Box | null {
  const border = room.ticks ? TICK_ROOM_MM : 0;
  const free = {
    ...page.printable,
    height: page.printable.height - (room.foot ? footMm : 0),
  };
  const spareX = free.width - piece.widthMm - 2 * border;
  const spareY = free.height - piece.heightMm - 2 * border;
  if (spareX < -1e-6 || spareY < -1e-6) return null;
  return {
    x: free.x + border + spareX / 2,
    y: free.y + border + spareY / 2,
    width: piece.widthMm,
    height: piece.heightMm,
  };
}

function sheetOf(
  page: Page,
  piece: Piece,
  box: Box,
  room: Room,
  texts: string[],
  c: Context,
): Sheet {
  const mirrored = c.mirror.flippers.some(({ who, flips }) => who === 'file' && flips);
  const flippedLater = c.mirror.flippers.some(({ who, flips }) => who !== 'file' && flips);
  const cut = room.ticks ? outset(box, TICK_ROOM_MM) : box;
  const footBox = {
    x: page.printable.x,
    y: cut.y + cut.height,
    width: page.printable.width,
    height: footHeight(texts.length),
  };
  const matrix = chain(...(mirrored ? [mirrorIn(piece.widthMm)] : []), translation(box.x, box.y));
  return {
    ...page,
    id: piece.id,
    paper: c.paper.name,
    items: [{ pieceId: piece.id, box, mirrored, matrix }],
    marks: {
      cutGuide: room.ticks ? cutGuideFor(piece, box, matrix) : null,
      up: room.ticks ? upArrow(box) : null,
      foot: room.foot ? footOf(footBox, texts, flippedLater) : null,
    },
  };
}

function misfitOf(piece: Piece, pages: readonly Page[]): Misfit {
  const tries = pages.map((page) => ({
    pieceId: piece.id,
    orientation: page.orientation,
    printable: page.printable,
    overWidthMm: Math.max(0, piece.widthMm - page.printable.width),
    overHeightMm: Math.max(0, piece.heightMm - page.printable.height),
  }));
  const over = (m: Misfit) => m.overWidthMm + m.overHeightMm;
  return tries.reduce((best, next) => (over(next) < over(best) ? next : best));
}

interface Context {
  readonly job: Job;
  readonly paper: Paper;
  readonly printer: Printer;
  readonly mirror: MirrorPlan;
  readonly units: UnitStyle;
}

/**
 * Puts each piece on a sheet of its own at true size, upright paper before turned. Marks give way
 * before art does. A piece that fits neither way round is reported with what is missing.
 */
export function planSheets(pieces: readonly Piece[], context: Context): SheetPlan {
  const { paper, printer } = context;
  const pages = ORIENTATIONS.map((orientation) => pageOf(paper, printer, orientation));
  const sheets: Sheet[] = [];
  const misfits: Misfit[] = [];
  for (const piece of pieces) {
    const texts = labelLines(context.job, piece, context.mirror, context.units);
    const found = ROOMS.flatMap((room) =>
      pages.map((page) => ({
        room,
        page,
        box: placeOn(page, piece, room, footHeight(texts.length)),
      })),
    ).find(({ box }) => box !== null);
    if (found?.box) sheets.push(sheetOf(found.page, piece, found.box, found.room, texts, context));
    else misfits.push(misfitOf(piece, pages));
  }
  return { sheets, misfits };
}
