import type { Affine, Box } from '../geometry';
import type { MirrorPlan } from '../mirror';
import { isPrintedOn, type Artwork, type Job, type Paper, type Printer } from '../model';
import type { SheetMarks } from './marks';
import type { Orientation, Page } from './page';
import type { Tile, Tiling } from './tile';
import type { NamedPiece } from '../layout';

/** A piece, or one tile of it, on a page. */
export interface SheetItem {
  readonly pieceId: string;
  /** Which of its copies, from 0. */
  readonly copy: number;
  /** The part of the piece this sheet prints; null prints all of it. */
  readonly tile: Tile | null;
  /** The room it takes, mm from the page's top-left corner. */
  readonly box: Box;
  readonly mirrored: boolean;
  /** Whether it lies turned by a quarter, to share a sheet. */
  readonly turned: boolean;
  /** Takes piece mm to page mm (both y down); holds the mirror when the file does it. */
  readonly matrix: Affine;
}

/** What a sheet is called: a piece, a tile of one, or how many pieces; in words: `words/sheets`. */
export type SheetName =
  | { readonly kind: 'piece'; readonly piece: NamedPiece }
  | { readonly kind: 'tile'; readonly piece: NamedPiece; readonly tile: string }
  | { readonly kind: 'pieces'; readonly count: number };

/** One page to print at 100 %. */
export interface Sheet extends Page {
  readonly id: string;
  readonly called: SheetName;
  readonly paper: string;
  readonly items: readonly SheetItem[];
  readonly marks: SheetMarks;
}

/** A piece that not even several sheets of the chosen paper can print. */
export interface Misfit {
  readonly pieceId: string;
  /** The orientation that comes closest, and what is missing there each way, mm (≥ 0). */
  readonly orientation: Orientation;
  readonly printable: Box;
  readonly overWidthMm: number;
  readonly overHeightMm: number;
}

/** How pieces lie on sheets, and what does not. */
export interface SheetPlan {
  /** How many pieces or tiles were asked for, where that is more than one job is planned for. */
  readonly tooMany: number | null;
  readonly sheets: readonly Sheet[];
  readonly misfits: readonly Misfit[];
  /** How pieces larger than a sheet are cut up. */
  readonly tilings: readonly Tiling[];
}

/** What sheets are planned with. */
export interface SheetContext {
  readonly job: Job;
  readonly arts: ReadonlyMap<string, Artwork>;
  readonly paper: Paper;
  readonly printer: Printer;
  readonly mirror: MirrorPlan;
  /** Pieces larger than a sheet are not made of several: film and foil cannot be taped together. */
  readonly whole?: boolean;
  /** It is a proof on plain paper, and says so. */
  readonly proof?: boolean;
}

/** What is kept free for marks. */
export interface Room {
  /** Above and below the pieces: ticks of upright cuts, up arrows. */
  readonly above: boolean;
  /** Left and right of them: ticks of level cuts. */
  readonly beside: boolean;
  readonly foot: boolean;
}

const room = (above: boolean, beside: boolean, foot: boolean): Room => ({ above, beside, foot });

/** What is printed besides the art, most wanted first; a full page drops marks before it drops art. */
export const ROOMS: readonly Room[] = [
  room(true, true, true),
  room(true, false, true),
  room(false, true, true),
  room(false, false, true),
  room(true, true, false),
  room(false, false, false),
];

/** What is kept free on a sheet: for marks where it is printed, for nothing where it is only cut. */
export const roomsOn = (paper: Paper): readonly Room[] =>
  isPrintedOn(paper) ? ROOMS : [room(false, false, false)];
