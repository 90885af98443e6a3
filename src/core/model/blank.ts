import { z } from 'zod';
import {
  colourSchema,
  idSchema,
  lengthSchema,
  nameSchema,
  originSchema,
  positiveLengthSchema,
} from './primitives';

/** A straight-walled cup, as a tape measure gives it. All lengths mm. */
const straightWrapSchema = z.object({
  kind: z.literal('straight-wrap'),
  /** Which way the girth was measured: tape round it, or straight across. */
  girthMeasuredAs: z.enum(['circumference', 'diameter']),
  girthMm: positiveLengthSchema,
  wallHeightMm: positiveLengthSchema,
  /** What the handle takes out of the circumference; 0 where there is no handle. */
  handleGapMm: lengthSchema,
  /** Rounded or lipped bands where dye does not take evenly. */
  rimKeepOutMm: lengthSchema,
  baseKeepOutMm: lengthSchema,
});

/** A cup that narrows: two girths and a height, as a tape measure gives them. All lengths mm. */
const taperedWrapSchema = z.object({
  kind: z.literal('tapered-wrap'),
  girthMeasuredAs: z.enum(['circumference', 'diameter']),
  rimGirthMm: positiveLengthSchema,
  baseGirthMm: positiveLengthSchema,
  /** Along the wall (`slant`) or straight up. */
  heightMeasuredAs: z.enum(['slant', 'upright']),
  heightMm: positiveLengthSchema,
  /** What the handle takes out of the girth at mid-height; 0 where there is no handle. */
  handleGapMm: lengthSchema,
  rimKeepOutMm: lengthSchema,
  baseKeepOutMm: lengthSchema,
});

/** Every form of blank is one more member here and one record in `core/blank`. */
export const blankFormSchema = z.discriminatedUnion('kind', [
  straightWrapSchema,
  taperedWrapSchema,
]);

export const substrateSchema = z.object({
  material: z.enum(['ceramic', 'steel', 'glass', 'polymer']),
  coating: z.enum(['dye-receptive', 'none', 'unknown']),
  colour: colourSchema,
  colourName: nameSchema,
});

export const blankSchema = z.object({
  id: idSchema,
  name: nameSchema,
  form: blankFormSchema,
  substrate: substrateSchema,
  origin: originSchema,
});

export type StraightWrapForm = z.infer<typeof straightWrapSchema>;
export type TaperedWrapForm = z.infer<typeof taperedWrapSchema>;
export type BlankForm = z.infer<typeof blankFormSchema>;
export type Substrate = z.infer<typeof substrateSchema>;
/** A thing to be pressed: its form as measured and what it is made of. */
export type Blank = z.infer<typeof blankSchema>;
