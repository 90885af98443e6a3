import { rectRing, type Sector } from '../geometry';
import type { Wall } from './cup';
import { boxZone, PLAIN_EDGES, present, type Datum, type Face, type Zone } from './face';
import type { CupFields } from './measures';

/** Girth half way up, where a wall straightened out is true. */
export const midCircumferenceMm = (wall: Wall): number =>
  (wall.rimCircumferenceMm + wall.baseCircumferenceMm) / 2;

/** A measured girth as a circumference, mm. */
export const aroundMm = (girthMm: number, measuredAs: 'circumference' | 'diameter'): number =>
  measuredAs === 'diameter' ? girthMm * Math.PI : girthMm;

/** Where the handle's middle is left of the face, and how wide the face is. */
interface Span {
  readonly toHandleMm: number;
  readonly widthMm: number;
}

function datumsOf(wall: Wall, { toHandleMm, widthMm }: Span): Datum[] {
  const y = wall.slantMm / 2;
  const quarter = midCircumferenceMm(wall) / 4;
  if (wall.handleGapMm === 0) {
    return [
      { id: 'opposite-handle', called: 'opposite-seam', x: widthMm / 2, y },
      { id: 'right-holder', called: 'right-half', x: 3 * quarter, y },
      { id: 'left-holder', called: 'left-half', x: quarter, y },
    ];
  }
  return [
    { id: 'opposite-handle', called: 'opposite-handle', x: widthMm / 2, y },
    { id: 'right-holder', called: 'right-holder', x: 3 * quarter - toHandleMm, y },
    { id: 'left-holder', called: 'left-holder', x: quarter - toHandleMm, y },
  ];
}

type KeepOuts = Pick<CupFields, 'rimKeepOutMm' | 'baseKeepOutMm'>;

/** Bands along rim and base, and the handle beside the face. */
export function zonesOf(wall: Wall, keep: KeepOuts, { toHandleMm: half, widthMm }: Span): Zone[] {
  const height = wall.slantMm;
  const band = (id: 'rim' | 'base', y: number, depth: number) =>
    boxZone(id, 'keep-out', { x: 0, y, width: widthMm, height: depth });
  const handle = (id: 'handle-left' | 'handle-right', x: number) =>
    boxZone(id, 'handle', { x, y: 0, width: half, height });
  return present([
    band('rim', 0, keep.rimKeepOutMm),
    band('base', height - keep.baseKeepOutMm, keep.baseKeepOutMm),
    handle('handle-left', -half),
    handle('handle-right', widthMm),
  ]);
}

/**
 * The wall unrolled and straightened, seen from outside with the handle cut away: girth at mid-height
 * less handle gap wide. With the handle on the holder's right, the right half faces a right-handed
 * holder. Figures that leave nothing give a face of zero size; `core/check` says so to the user.
 */
export function wallFace(wall: Wall, keep: KeepOuts, development: Sector | null): Face {
  const widthMm = Math.max(0, midCircumferenceMm(wall) - wall.handleGapMm);
  const span = { toHandleMm: wall.handleGapMm / 2, widthMm };
  return {
    id: 'wrap',
    called: 'wrap',
    widthMm,
    heightMm: wall.slantMm,
    region: [rectRing({ x: 0, y: 0, width: widthMm, height: wall.slantMm })],
    safe: {
      x: 0,
      y: keep.rimKeepOutMm,
      width: widthMm,
      height: Math.max(0, wall.slantMm - keep.rimKeepOutMm - keep.baseKeepOutMm),
    },
    zones: zonesOf(wall, keep, span),
    datums: datumsOf(wall, span),
    home: 'opposite-handle',
    edges: { ...PLAIN_EDGES, top: 'rim', bottom: 'base' },
    development,
    paper: 'face',
  };
}

/** Height straight up of a wall measured along its slant. */
export const uprightHeightMm = (wall: Wall): number =>
  Math.sqrt(
    Math.max(
      0,
      wall.slantMm ** 2 -
        ((wall.rimCircumferenceMm - wall.baseCircumferenceMm) / (2 * Math.PI)) ** 2,
    ),
  );
