import type { Box } from '../geometry';
import type { Paper, Printer } from '../model';

/** Which way a page stands. */
export type Orientation = 'portrait' | 'landscape';

/** A sheet of paper as it lies in the file: size and what the printer can reach, mm. */
export interface Page {
  readonly orientation: Orientation;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly printable: Box;
}

/** What a cutter leaves at the edges of a sheet it cuts only, mm (from memory: a quarter inch). */
const MAT_EDGES = { top: 6, right: 6, bottom: 6, left: 6 };

/**
 * A paper one way round, with the printer's reach on it. Drivers turn a landscape page either way,
 * so there each border is the larger of the two it may become.
 */
export function pageOf(paper: Paper, printer: Printer, orientation: Orientation): Page {
  const { top, right, bottom, left } = paper.preprinted ? MAT_EDGES : printer.marginsMm;
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
  const reach = paper.preprinted
    ? { x: widthMm, y: heightMm }
    : { x: widthMm / across, y: heightMm / along };
  return {
    orientation,
    widthMm,
    heightMm,
    printable: {
      x: border.left,
      y: border.top,
      width: Math.max(0, Math.min(widthMm - border.right, reach.x) - border.left),
      height: Math.max(0, Math.min(heightMm - border.bottom, reach.y) - border.top),
    },
  };
}

const ORIENTATIONS: readonly Orientation[] = ['portrait', 'landscape'];

/** A paper both ways round. */
export const pagesOf = (paper: Paper, printer: Printer): Page[] =>
  ORIENTATIONS.map((orientation) => pageOf(paper, printer, orientation));

/** Whether a printer takes a paper and prints something of such a size on it whole, marks aside. */
export const paperHolds = (
  paper: Paper,
  printer: Printer,
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
): boolean =>
  paper.widthMm <= printer.maxPaperWidthMm &&
  pagesOf(paper, printer).some(
    ({ printable }) => widthMm <= printable.width && heightMm <= printable.height,
  );

/**
 * What the file must be scaled by so that the print comes out true, across and down the page, from what
 * the check bar measured: a bar of 99.2 mm asks for 100 / 99.2.
 */
export function correctionOf({ barMm }: Pick<Printer, 'barMm'>, orientation: Orientation) {
  const [across, along] = [100 / barMm.across, 100 / barMm.along];
  return orientation === 'portrait' ? { across, along } : { across: along, along: across };
}
