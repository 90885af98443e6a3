import { z } from 'zod';
import { lengthSchema, offsetSchema, positiveLengthSchema } from '../primitives';

/** What every cup has: where the handle is, and bands where dye does not take evenly. mm. */
const cupFields = {
  girthMeasuredAs: z.enum(['circumference', 'diameter']),
  /** What the handle takes out of the girth (at mid-height); 0 where there is no handle. */
  handleGapMm: lengthSchema,
  rimKeepOutMm: lengthSchema,
  baseKeepOutMm: lengthSchema,
};

/** A straight-walled cup, as a tape measure gives it. All lengths mm. */
export const straightWrapSchema = z.object({
  kind: z.literal('straight-wrap'),
  ...cupFields,
  girthMm: positiveLengthSchema,
  wallHeightMm: positiveLengthSchema,
  /** A shoulder, lip or hump takes this much off the wall from above; paper stops below it. */
  humpMm: lengthSchema.default(0),
  /** One at the base takes this much off it from below. */
  baseHumpMm: lengthSchema.default(0),
  /** How far the paper's upper and lower edge bow upwards in the middle (negative: downwards). */
  rimCurveMm: offsetSchema.default(0),
  baseCurveMm: offsetSchema.default(0),
  /** Where the handle's roots are, from the rim down: the paper is notched there, full elsewhere. */
  handleNotch: z.object({ fromMm: lengthSchema, toMm: lengthSchema }).nullable().default(null),
});

/** A cup that narrows: two girths and a height, as a tape measure gives them. All lengths mm. */
export const taperedWrapSchema = z.object({
  kind: z.literal('tapered-wrap'),
  ...cupFields,
  rimGirthMm: positiveLengthSchema,
  baseGirthMm: positiveLengthSchema,
  /** Along the wall (`slant`) or straight up. */
  heightMeasuredAs: z.enum(['slant', 'upright']),
  heightMm: positiveLengthSchema,
});

/** A mug or tumbler with a straight wall, mm. */
export type StraightWrapForm = z.infer<typeof straightWrapSchema>;
/** A cup that narrows, mm. */
export type TaperedWrapForm = z.infer<typeof taperedWrapSchema>;
/** Anything whose wall is wrapped. */
export type CupForm = StraightWrapForm | TaperedWrapForm;
