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

/** What the points are called that a crafter measures from. */
export const DATUM_NAMES = [
  ...(['opposite-handle', 'right-holder', 'left-holder'] as const),
  ...(['opposite-seam', 'right-half', 'left-half', 'centre'] as const),
  ...(['neckline', 'top-edge', 'left-chest', 'right-chest', 'sleeve-middle'] as const),
] as const;
/** What a datum point is called; in words: `words/places`. */
export type DatumName = (typeof DATUM_NAMES)[number];
