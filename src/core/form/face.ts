import type { DatumName, EdgeName, FaceName, ZoneId } from './names';
import { rectRing, type Box, type Point, type Region, type Sector } from '../geometry';

/**
 * A named part of a face. `keep-out`: dye takes badly there, or a seam or pocket is in the way.
 * `cut-away`: the blank is not there at all (a collar), so nothing is printed. `handle` lies beside the
 * face, so that a drawing can show it.
 */
export interface Zone {
  readonly id: ZoneId;
  readonly kind: 'keep-out' | 'cut-away' | 'hole' | 'handle' | 'roll';
  readonly region: Region;
}

/** A point a crafter measures from, e.g. the middle of the side a right-handed holder sees. */
export interface Datum extends Point {
  readonly id: string;
  readonly called: DatumName;
  /**
   * How wide art usually is there and how far its top hangs below the point (null: centred on it), mm;
   * from memory.
   */
  readonly usual?: { readonly widthMm: number; readonly dropMm: number | null };
}

/** What the edges of a face are called. */
export type EdgeNames = Readonly<Record<'top' | 'bottom' | 'left' | 'right', EdgeName>>;

/** Edges without names of their own. */
export const PLAIN_EDGES: EdgeNames = {
  top: 'top',
  bottom: 'bottom',
  left: 'left',
  right: 'right',
};

/** One flat face of a blank as it looks when finished: mm from its top-left corner, x right, y down. */
export interface Face {
  readonly id: string;
  readonly called: FaceName;
  readonly widthMm: number;
  readonly heightMm: number;
  /** The blank's own edge, holes included. */
  readonly region: Region;
  /** Where dye takes evenly and art may go. */
  readonly safe: Box;
  readonly zones: readonly Zone[];
  readonly datums: readonly Datum[];
  /** The datum point new art goes to. */
  readonly home: string;
  readonly edges: EdgeNames;
  /**
   * How the face lies on paper: null when it is flat as it stands, or the sector a tapered wall
   * unrolls to. The face itself is then the wall straightened out, true at mid-height.
   */
  readonly development: Sector | null;
  /** Whether paper covers the whole face, or only what the art needs. */
  readonly paper: 'face' | 'art';
}

/** The box of a face, mm from its top-left corner. */
export const faceBox = (face: Pick<Face, 'widthMm' | 'heightMm'>): Box => ({
  x: 0,
  y: 0,
  width: face.widthMm,
  height: face.heightMm,
});

/** The middle of a face, mm. */
export const middleOf = (face: Pick<Face, 'widthMm' | 'heightMm'>): Point => ({
  x: face.widthMm / 2,
  y: face.heightMm / 2,
});

/** A zone that is an upright rectangle; null where it has no size. */
export const boxZone = (id: ZoneId, kind: Zone['kind'], box: Box): Zone | null =>
  box.width > 0 && box.height > 0 ? { id, kind, region: [rectRing(box)] } : null;

/** What is there of some things. */
export const present = <T>(things: readonly (T | null)[]): T[] =>
  things.filter((thing): thing is T => thing !== null);
