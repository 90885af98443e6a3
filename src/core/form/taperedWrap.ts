import * as z from 'zod/mini';
import { positiveLengthSchema } from '../primitives';
import { canExist, developFrustum, isStraight, slantOf, type Sector } from '../geometry';
import { CUP_TRAITS } from '../traits';
import { cupFields, cupOf, type Wall } from './cup';
import { girthMisread } from './doubt';
import { aroundMm, midCircumferenceMm, wallFace } from './wall';
import { inches } from '../units';

/** A cup that narrows: two girths and a height, as a tape measure gives them. All lengths mm. */
const taperedWrapSchema = z.object({
  kind: z.literal('tapered-wrap'),
  ...cupFields,
  rimGirthMm: positiveLengthSchema,
  baseGirthMm: positiveLengthSchema,
  /** Along the wall (`slant`) or straight up. */
  heightMeasuredAs: z.enum(['slant', 'upright']),
  heightMm: positiveLengthSchema,
});
/** A cup that narrows, mm. */
export type TaperedWrapForm = z.infer<typeof taperedWrapSchema>;

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
export const TAPERED_WRAP = cupOf({
  schema: taperedWrapSchema,
  traits: CUP_TRAITS,
  start: {
    kind: 'tapered-wrap',
    girthMeasuredAs: 'circumference',
    rimGirthMm: inches(11.25),
    baseGirthMm: inches(7.75),
    heightMeasuredAs: 'slant',
    heightMm: inches(4.1),
    handleGapMm: 0,
    rimKeepOutMm: inches(0.15),
    baseKeepOutMm: inches(0.15),
  },
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
  like: (wall, fields): TaperedWrapForm => ({
    kind: 'tapered-wrap',
    ...fields,
    rimGirthMm: wall.rimCircumferenceMm,
    baseGirthMm: wall.baseCircumferenceMm,
    heightMeasuredAs: 'slant',
    heightMm: wall.slantMm,
  }),
});
