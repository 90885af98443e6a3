import type { Box, Point, Sector } from '../geometry';

/** A named part of a face that art should respect. */
export interface Zone {
  readonly id: string;
  readonly label: string;
  readonly kind: 'keep-out' | 'handle';
  readonly box: Box;
}

/** A point a crafter measures from, e.g. the middle of the side a right-handed holder sees. */
export interface Datum extends Point {
  readonly id: string;
  readonly label: string;
}

/**
 * One flat face of a blank as it looks when finished: mm from its top-left corner, x right, y down.
 * Zones may lie outside the face (a handle does), so that a drawing can show them.
 */
export interface Face {
  readonly id: string;
  readonly name: string;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Where dye takes evenly and art may go. */
  readonly safe: Box;
  readonly zones: readonly Zone[];
  readonly datums: readonly Datum[];
  /**
   * How the face lies on paper: null when it is flat as it stands, or the sector a tapered wall
   * unrolls to. The face itself is then the wall straightened out, true at mid-height.
   */
  readonly development: Sector | null;
}

export const faceBox = (face: Face): Box => ({
  x: 0,
  y: 0,
  width: face.widthMm,
  height: face.heightMm,
});
