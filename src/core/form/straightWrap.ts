import { CUP_TRAITS } from '../traits';
import { straightWrapSchema, type StraightWrapForm } from './cup';
import { girthMisread } from './doubt';
import { formOf } from './rules';
import { aroundMm, shapeStraightFace, wallFace, type Wall } from './wall';
import { inches } from '../units';

/** A straight wall without hump, bow or notch. */
export const PLAIN_STRAIGHT = {
  kind: 'straight-wrap',
  humpMm: 0,
  baseHumpMm: 0,
  rimCurveMm: 0,
  baseCurveMm: 0,
  handleNotch: null,
} as const;

/** A straight wall in plain figures, mm. */
export const straightWallOf = (form: StraightWrapForm): Wall => {
  const around = aroundMm(form.girthMm, form.girthMeasuredAs);
  return {
    rimCircumferenceMm: around,
    baseCircumferenceMm: around,
    slantMm: Math.max(0, form.wallHeightMm - form.humpMm - form.baseHumpMm),
    handleGapMm: form.handleGapMm,
  };
};

/** A straight-walled mug or tumbler: its wall unrolls to a rectangle. */
export const STRAIGHT_WRAP = formOf({
  schema: straightWrapSchema,
  traits: CUP_TRAITS,
  start: {
    ...PLAIN_STRAIGHT,
    girthMeasuredAs: 'circumference',
    girthMm: inches(10.25),
    wallHeightMm: inches(3.79),
    handleGapMm: inches(1.5),
    rimKeepOutMm: inches(0.095),
    baseKeepOutMm: inches(0.095),
  },
  faces: (form) => {
    const wall = straightWallOf(form);
    return [shapeStraightFace(wallFace(wall, form, null), wall, form)];
  },
  doubt: (form) => {
    const misread = girthMisread(form.girthMm, form.girthMeasuredAs);
    return misread && { misread, instead: { ...form, girthMeasuredAs: misread.other } };
  },
});
