import type { Sector } from '../geometry';
import type { BlankForm } from '../model';
import { formatLength, inches, type LengthUnit } from '../units';
import type { Datum, Face, Zone } from './face';

/** A cup's wall in plain figures, however it was measured. Lengths mm. */
export interface Wall {
  readonly rimCircumferenceMm: number;
  readonly baseCircumferenceMm: number;
  /** Along the wall. */
  readonly slantMm: number;
  readonly handleGapMm: number;
}

/** Girth half way up, where a wall straightened out is true. */
export const midCircumferenceMm = (wall: Wall): number =>
  (wall.rimCircumferenceMm + wall.baseCircumferenceMm) / 2;

/** A measured girth as a circumference, mm. */
export const aroundMm = (girthMm: number, measuredAs: 'circumference' | 'diameter'): number =>
  measuredAs === 'diameter' ? girthMm * Math.PI : girthMm;

/** Cups people drink from are this wide across (from memory; only used to ask, never to refuse). */
const USUAL_DIAMETER_MM = { min: inches(2), max: inches(5) };

/** A question to ask when a girth was probably measured the other way. */
export interface GirthDoubt {
  readonly question: string;
  readonly girthMm: number;
  readonly other: 'circumference' | 'diameter';
}

/**
 * The usual slip: a tape read as a diameter, or a diameter read as a circumference.
 * @returns a question with the other reading, or null when the figure makes a likely cup.
 */
export function girthDoubt(
  girthMm: number,
  measuredAs: 'circumference' | 'diameter',
  unit: LengthUnit,
): GirthDoubt | null {
  const acrossMm = (as: typeof measuredAs) => aroundMm(girthMm, as) / Math.PI;
  const across = acrossMm(measuredAs);
  if (across >= USUAL_DIAMETER_MM.min && across <= USUAL_DIAMETER_MM.max) return null;
  const other = measuredAs === 'diameter' ? 'circumference' : 'diameter';
  const size = across > USUAL_DIAMETER_MM.max ? 'bucket' : 'thimble';
  const show = (mm: number) => formatLength(mm, unit);
  return {
    girthMm,
    other,
    question:
      `A ${measuredAs} of ${show(girthMm)} makes a ${size}, ${show(across)} across. ` +
      `Did you mean the ${other}? Then it is ${show(acrossMm(other))} across.`,
  };
}

function datumsOf(wall: Wall, widthMm: number): Datum[] {
  const y = wall.slantMm / 2;
  const quarter = midCircumferenceMm(wall) / 4;
  const halfGap = wall.handleGapMm / 2;
  return [
    { id: 'opposite-handle', label: 'Opposite the handle', x: widthMm / 2, y },
    { id: 'right-holder', label: 'Right-handed holder sees', x: 3 * quarter - halfGap, y },
    { id: 'left-holder', label: 'Left-handed holder sees', x: quarter - halfGap, y },
  ];
}

type KeepOuts = Pick<BlankForm, 'rimKeepOutMm' | 'baseKeepOutMm'>;

function zonesOf(wall: Wall, keep: KeepOuts, widthMm: number): Zone[] {
  const height = wall.slantMm;
  const half = wall.handleGapMm / 2;
  const band = (id: string, label: string, y: number, depth: number): Zone => ({
    id,
    label,
    kind: 'keep-out',
    box: { x: 0, y, width: widthMm, height: depth },
  });
  const handle = (id: string, x: number): Zone => ({
    id,
    label: 'Handle',
    kind: 'handle',
    box: { x, y: 0, width: half, height },
  });
  return [
    band('rim', 'Rim: keep clear', 0, keep.rimKeepOutMm),
    band('base', 'Base: keep clear', height - keep.baseKeepOutMm, keep.baseKeepOutMm),
    handle('handle-left', -half),
    handle('handle-right', widthMm),
  ].filter(({ box }) => box.width > 0 && box.height > 0);
}

/**
 * The wall unrolled and straightened, seen from outside with the handle cut away: girth at mid-height
 * less handle gap wide. With the handle on the holder's right, the right half faces a right-handed
 * holder. Figures that leave nothing give a face of zero size; `core/check` says so to the user.
 */
export function wallFace(wall: Wall, keep: KeepOuts, development: Sector | null): Face {
  const widthMm = Math.max(0, midCircumferenceMm(wall) - wall.handleGapMm);
  return {
    id: 'wrap',
    name: 'Wrap',
    widthMm,
    heightMm: wall.slantMm,
    safe: {
      x: 0,
      y: keep.rimKeepOutMm,
      width: widthMm,
      height: Math.max(0, wall.slantMm - keep.rimKeepOutMm - keep.baseKeepOutMm),
    },
    zones: zonesOf(wall, keep, widthMm),
    datums: datumsOf(wall, widthMm),
    development,
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
