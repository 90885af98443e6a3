import { canExist, developFrustum, isStraight, slantOf, type Sector } from '../geometry';
import type { CupRules, Wall } from './cup';
import { girthMisread } from './doubt';
import type { TaperedWrapForm } from './measures';
import { aroundMm, midCircumferenceMm, wallFace } from './wall';

/** A tapered wall in plain figures, mm; the slant from the height where that was measured. */
function taperedWallOf(form: TaperedWrapForm): Wall {
  const rim = aroundMm(form.rimGirthMm, form.girthMeasuredAs);
  const base = aroundMm(form.baseGirthMm, form.girthMeasuredAs);
  return {
    rimCircumferenceMm: rim,
    baseCircumferenceMm: base,
    slantMm: form.heightMeasuredAs === 'slant' ? form.heightMm : slantOf(form.heightMm, rim, base),
    handleGapMm: form.handleGapMm,
  };
}

/** The sector of the wrap alone: the whole development less the handle's share of the sweep. */
function developmentOf(wall: Wall): Sector | null {
  if (isStraight(wall)) return null;
  const whole = developFrustum(wall);
  const share = 1 - wall.handleGapMm / midCircumferenceMm(wall);
  return { ...whole, sweepRad: whole.sweepRad * Math.max(0, share) };
}

/** A cup that narrows: its wall unrolls to a ring sector, and a rectangle will not lie flat on it. */
export const TAPERED_WRAP: CupRules<TaperedWrapForm> = {
  faces: (form) => {
    const wall = taperedWallOf(form);
    // figures that no cup can have leave nothing to print on; `core/check` says so to the user
    if (!canExist(wall)) return [wallFace({ ...wall, slantMm: 0 }, form, null)];
    return [wallFace(wall, form, developmentOf(wall))];
  },
  doubt: (form) => {
    const misread =
      girthMisread(form.rimGirthMm, form.girthMeasuredAs) ??
      girthMisread(form.baseGirthMm, form.girthMeasuredAs);
    return misread && { misread, instead: { ...form, girthMeasuredAs: misread.other } };
  },
  wall: taperedWallOf,
  fullWallMm: (form) => taperedWallOf(form).slantMm,
  like: (wall, fields) => ({
    kind: 'tapered-wrap',
    ...fields,
    rimGirthMm: wall.rimCircumferenceMm,
    baseGirthMm: wall.baseCircumferenceMm,
    heightMeasuredAs: 'slant',
    heightMm: wall.slantMm,
  }),
};
