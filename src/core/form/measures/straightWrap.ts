import * as z from 'zod/mini';
import { lengthSchema, offsetSchema, positiveLengthSchema } from '../../primitives';
import { withDefault } from '../../schema';
import { CUP_TRAITS } from '../../traits';
import { inches } from '../../units';
import { cupFields } from './cup';
import { measuresOf } from './measures';

/** A straight-walled cup, as a tape measure gives it. All lengths mm. */
const straightWrapSchema = z.object({
  kind: z.literal('straight-wrap'),
  ...cupFields,
  girthMm: positiveLengthSchema,
  wallHeightMm: positiveLengthSchema,
  /** A shoulder, lip or hump takes this much off the wall from above; paper stops below it. */
  humpMm: withDefault(lengthSchema, 0),
  /** One at the base takes this much off it from below. */
  baseHumpMm: withDefault(lengthSchema, 0),
  /** How far the paper's upper and lower edge bow upwards in the middle (negative: downwards). */
  rimCurveMm: withDefault(offsetSchema, 0),
  baseCurveMm: withDefault(offsetSchema, 0),
  /** Where the handle's roots are, from the rim down: the paper is notched there, full elsewhere. */
  handleNotch: withDefault(
    z.nullable(z.object({ fromMm: lengthSchema, toMm: lengthSchema })),
    null,
  ),
});
/** A mug or tumbler with a straight wall, mm. */
export type StraightWrapForm = z.infer<typeof straightWrapSchema>;

/** A straight wall without hump, bow or notch. */
export const PLAIN_STRAIGHT = {
  kind: 'straight-wrap',
  humpMm: 0,
  baseHumpMm: 0,
  rimCurveMm: 0,
  baseCurveMm: 0,
  handleNotch: null,
} as const;

/** A straight-walled mug or tumbler. */
export const STRAIGHT_WRAP = measuresOf({
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
});
