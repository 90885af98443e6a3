import * as z from 'zod/mini';
import { positiveLengthSchema } from '../../primitives';
import { CUP_TRAITS } from '../../traits';
import { inches } from '../../units';
import { cupFields } from './cup';
import { measuresOf } from './measures';

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

/** A cup that narrows. */
export const TAPERED_WRAP = measuresOf({
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
});
