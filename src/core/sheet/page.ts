import type { Box } from '../geometry';
import type { Paper, Printer } from '../model';

export type Orientation = 'portrait' | 'landscape';

/** A sheet of paper as it lies in the file: size and what the printer can reach, mm. */
export interface Page {
  readonly orientation: Orientation;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly printable: Box;
}

/**
 * A paper one way round, with the printer's reach on it. Drivers turn a landscape page either way,
 * so there each border is the larger of the two it may become.
 */
export function pageOf(paper: Paper, printer: Printer, orientation: Orientation): Page {
  const { top, right, bottom, left } = printer.marginsMm;
  const ends = Math.max(top, bottom);
  const sides = Math.max(left, right);
  const upright = orientation === 'portrait';
  const widthMm = upright ? paper.widthMm : paper.heightMm;
  const heightMm = upright ? paper.heightMm : paper.widthMm;
  const border = upright
    ? { left, right, top, bottom }
    : { left: ends, right: ends, top: sides, bottom: sides };
  return {
    orientation,
    widthMm,
    heightMm,
    printable: {
      x: border.left,
      y: border.top,
      width: Math.max(0, widthMm - border.left - border.right),
      height: Math.max(0, heightMm - border.top - border.bottom),
    },
  };
}
