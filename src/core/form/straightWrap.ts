import { rectRing, subtract, type Region, type Ring } from '../geometry';
import type { CupRules, Wall } from './cup';
import { girthMisread } from './doubt';
import type { Face } from './face';
import { PLAIN_STRAIGHT, type StraightWrapForm } from './measures';
import { aroundMm, midCircumferenceMm, wallFace, zonesOf } from './wall';

/** A straight wall in plain figures, mm. */
const straightWallOf = (form: StraightWrapForm): Wall => {
  const around = aroundMm(form.girthMm, form.girthMeasuredAs);
  return {
    rimCircumferenceMm: around,
    baseCircumferenceMm: around,
    slantMm: Math.max(0, form.wallHeightMm - form.humpMm - form.baseHumpMm),
    handleGapMm: form.handleGapMm,
  };
};

/** Steps of a bowed edge; at these sizes a step stands off its arc by hundredths of a mm. */
const BOW_STEPS = 48;

/** Points of an edge from left to right that bows upwards in the middle by `bowMm` (a parabola). */
const bowed = (widthMm: number, y: number, bowMm: number): Ring =>
  bowMm === 0
    ? [
        { x: 0, y },
        { x: widthMm, y },
      ]
    : Array.from({ length: BOW_STEPS + 1 }, (_, i) => {
        const along = i / BOW_STEPS;
        return { x: along * widthMm, y: y - 4 * bowMm * along * (1 - along) };
      });

/**
 * A straight wall's face with bowed rim and base, or with the paper closed round the handle and notched
 * at its roots.
 */
function shapeStraightFace(face: Face, wall: Wall, form: StraightWrapForm): Face {
  const { widthMm, heightMm } = face;
  const outline = (width: number): Region => [
    [
      ...bowed(width, 0, form.rimCurveMm),
      ...[...bowed(width, heightMm, form.baseCurveMm)].reverse(),
    ],
  ];
  const { handleNotch: notch } = form;
  if (!notch || wall.handleGapMm === 0 || widthMm <= 0) {
    return form.rimCurveMm === 0 && form.baseCurveMm === 0
      ? face
      : { ...face, region: outline(widthMm) };
  }
  const half = wall.handleGapMm / 2;
  const full = midCircumferenceMm(wall);
  const root = { y: notch.fromMm, width: half, height: Math.max(0, notch.toMm - notch.fromMm) };
  const roots = [rectRing({ x: 0, ...root }), rectRing({ x: full - half, ...root })];
  return {
    ...face,
    widthMm: full,
    region: subtract(outline(full), roots),
    safe: { ...face.safe, x: half },
    zones: [
      ...zonesOf({ ...wall, handleGapMm: 0 }, form, { toHandleMm: 0, widthMm: full }),
      { id: 'handle-roots', kind: 'cut-away', region: roots },
    ],
    datums: face.datums.map((datum) => ({ ...datum, x: datum.x + half })),
  };
}

/** A straight-walled mug or tumbler: its wall unrolls to a rectangle. */
export const STRAIGHT_WRAP: CupRules<StraightWrapForm> = {
  faces: (form) => {
    const wall = straightWallOf(form);
    return [shapeStraightFace(wallFace(wall, form, null), wall, form)];
  },
  doubt: (form) => {
    const misread = girthMisread(form.girthMm, form.girthMeasuredAs);
    return misread && { misread, instead: { ...form, girthMeasuredAs: misread.other } };
  },
  wall: straightWallOf,
  fullWallMm: ({ wallHeightMm }) => wallHeightMm,
  like: (wall, fields) => ({
    ...PLAIN_STRAIGHT,
    ...fields,
    girthMm: midCircumferenceMm(wall),
    wallHeightMm: wall.slantMm,
  }),
};
