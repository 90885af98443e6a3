import { IDENTITY, mapBox, regionBox, type Affine, type Box } from '../geometry';
import { freeRooms } from './gang/rooms';
import { isPrintedOn, type Paper, type Printer } from '../model';

/** Which way a page stands. */
export type Orientation = 'portrait' | 'landscape';

/** A sheet of paper as it lies in the file: size and what the printer can reach, mm. */
export interface Page {
  readonly orientation: Orientation;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly printable: Box;
  /** What is no longer there of an offcut, its boxes; empty of a whole sheet. */
  readonly gone: readonly Box[];
  /** The largest rectangles that are left of the printable part; they overlap. */
  readonly rooms: readonly Box[];
}

const edgesOf = (mm: number) => ({ top: mm, right: mm, bottom: mm, left: mm });
/** What a cutter leaves at the edges of a sheet it cuts only, mm (from memory: a quarter inch). */
const MAT_EDGES = edgesOf(6);
/** Film is cut as large as the print that goes on it, so as near to its edge as a printer reaches, mm. */
const FILM_EDGES = edgesOf(3);

/** What stays free at the edges of an upright sheet: what its printer cannot reach, or what holds it while it is cut. */
function borderOf(paper: Paper, printer: Printer): Printer['marginsMm'] {
  if (isPrintedOn(paper)) return printer.marginsMm;
  return paper.is === 'film' ? FILM_EDGES : MAT_EDGES;
}

/**
 * A paper one way round, with the printer's reach on it. Drivers turn a landscape page either way,
 * so there each border is the larger of the two it may become.
 */
export function pageOf(paper: Paper, printer: Printer, orientation: Orientation): Page {
  const { top, right, bottom, left } = borderOf(paper, printer);
  const ends = Math.max(top, bottom);
  const sides = Math.max(left, right);
  const upright = orientation === 'portrait';
  const widthMm = upright ? paper.widthMm : paper.heightMm;
  const heightMm = upright ? paper.heightMm : paper.widthMm;
  const border = upright
    ? { left, right, top, bottom }
    : { left: ends, right: ends, top: sides, bottom: sides };
  // a printer that shrinks is sent a larger page, of which the file's own edge cuts off the rest
  const { across, along } = correctionOf(printer, orientation);
  const reach = isPrintedOn(paper)
    ? { x: widthMm / across, y: heightMm / along }
    : { x: widthMm, y: heightMm };
  const printable = {
    x: border.left,
    y: border.top,
    width: Math.max(0, Math.min(widthMm - border.right, reach.x) - border.left),
    height: Math.max(0, Math.min(heightMm - border.bottom, reach.y) - border.top),
  };
  const gone = goneOf(paper, orientation);
  return { orientation, widthMm, heightMm, printable, gone, rooms: freeRooms(printable, gone) };
}

/** Takes mm on an upright sheet to mm on the same sheet turned by a quarter. */
export const quarterTurned = (uprightWidthMm: number): Affine => [0, -1, 1, 0, 0, uprightWidthMm];

/** The boxes of what has been cut out of an offcut, as it lies that way round. */
function goneOf({ gone, widthMm, is }: Paper, orientation: Orientation): Box[] {
  // no printer takes a sheet with holes: what it is fed is whole
  if (isPrintedOn({ is })) return [];
  const turn = orientation === 'portrait' ? IDENTITY : quarterTurned(widthMm);
  return gone.map((ring) => mapBox(turn, regionBox([ring.map(([x, y]) => ({ x, y }))])));
}

/** Finer than any cut, mm. */
const HAIR_MM = 1e-6;

const ORIENTATIONS: readonly Orientation[] = ['portrait', 'landscape'];

/** A paper both ways round. */
export const pagesOf = (paper: Paper, printer: Printer): Page[] =>
  ORIENTATIONS.map((orientation) => pageOf(paper, printer, orientation));

/** Whether a paper, which a printer has to take where it is printed, holds something of such a size whole, marks aside. */
export const paperHolds = (
  paper: Paper,
  printer: Printer,
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
): boolean =>
  (!isPrintedOn(paper) || paper.widthMm <= printer.maxPaperWidthMm) &&
  pagesOf(paper, printer).some(({ rooms }) =>
    rooms.some(({ width, height }) => widthMm <= width + HAIR_MM && heightMm <= height + HAIR_MM),
  );

/**
 * What the file must be scaled by so that the print comes out true, across and down the page, from what
 * the check bar measured: a bar of 99.2 mm asks for 100 / 99.2.
 */
export function correctionOf({ barMm }: Pick<Printer, 'barMm'>, orientation: Orientation) {
  const [across, along] = [100 / barMm.across, 100 / barMm.along];
  return orientation === 'portrait' ? { across, along } : { across: along, along: across };
}
