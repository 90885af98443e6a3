import type { StraightWrapForm } from '../model';
import { girthMisread } from './doubt';
import type { FormRules } from './rules';
import { aroundMm, shapeStraightFace, wallFace, type Wall } from './wall';

/** A straight wall in plain figures, mm. */
export const straightWallOf = (form: StraightWrapForm): Wall => {
  const around = aroundMm(form.girthMm, form.girthMeasuredAs);
  return {
    rimCircumferenceMm: around,
    baseCircumferenceMm: around,
    slantMm: Math.max(0, form.wallHeightMm - form.humpMm),
    handleGapMm: form.handleGapMm,
  };
};

/** A straight-walled mug or tumbler: its wall unrolls to a rectangle. */
export const STRAIGHT_WRAP: FormRules<StraightWrapForm> = {
  label: 'Straight mug or tumbler',
  faces: (form) => {
    const wall = straightWallOf(form);
    return [shapeStraightFace(wallFace(wall, form, null), wall, form)];
  },
  doubt: (form) => {
    const misread = girthMisread(form.girthMm, form.girthMeasuredAs);
    return misread && { misread, instead: { ...form, girthMeasuredAs: misread.other } };
  },
};
