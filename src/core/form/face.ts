import { rectRing, type Box, type Point, type Region, type Sector } from '../geometry';

/** What the edges of faces are called; in words: `words/places`. */
export const EDGE_NAMES = [
  ...(['top', 'bottom', 'left', 'right', 'rim', 'base'] as const),
  ...(['shoulder', 'hem', 'cuff', 'toe'] as const),
] as const;
/** What an edge of a face is called. */
export type EdgeName = (typeof EDGE_NAMES)[number];

/** What faces are called. */
export const FACE_NAMES = [
  ...(['wrap', 'face', 'front', 'back', 'sleeve-left', 'sleeve-right'] as const),
  ...(['left-outside', 'left-inside', 'right-outside', 'right-inside'] as const),
] as const;
/** What a face is called; in words: `words/places`. */
export type FaceName = (typeof FACE_NAMES)[number];

/** The parts of faces that have a name. */
export const ZONE_IDS = [
  ...(['rim', 'base', 'handle-left', 'handle-right', 'handle-roots'] as const),
  ...(['edge', 'hole', 'collar', 'pocket', 'seam-left', 'seam-right', 'hem'] as const),
  ...(['roll-left', 'roll-right'] as const),
] as const;
/** A part of a face that has a name. */
export type ZoneId = (typeof ZONE_IDS)[number];

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

/** What the points are called that a crafter measures from. */
export const DATUM_NAMES = [
  ...(['opposite-handle', 'right-holder', 'left-holder'] as const),
  ...(['opposite-seam', 'right-half', 'left-half', 'centre'] as const),
  ...(['neckline', 'top-edge', 'left-chest', 'right-chest', 'sleeve-middle'] as const),
] as const;
/** What a datum point is called; in words: `words/places`. */
export type DatumName = (typeof DATUM_NAMES)[number];

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
