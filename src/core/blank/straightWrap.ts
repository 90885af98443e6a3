import type { StraightWrapForm } from '../model';
import type { FormRules } from './rules';
import { aroundMm, girthDoubt, wallFace, type Wall } from './wall';

const wallOf = (form: StraightWrapForm): Wall => {
  const around = aroundMm(form.girthMm, form.girthMeasuredAs);
  return {
    rimCircumferenceMm: around,
    baseCircumferenceMm: around,
    slantMm: form.wallHeightMm,
    handleGapMm: form.handleGapMm,
  };
};

/** A straight-walled mug: its wall unrolls to a rectangle. */
export const STRAIGHT_WRAP: FormRules<StraightWrapForm> = {
  label: 'Straight-walled mug',
  wall: wallOf,
  faces: (form) => [wallFace(wallOf(form), form, null)],
  doubt: (form, unit) => girthDoubt(form.girthMm, form.girthMeasuredAs, unit),
};
