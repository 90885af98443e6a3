import * as z from 'zod/mini';
import { lengthSchema } from '../../primitives';

/** What every cup has: where the handle is, and bands where dye does not take evenly. mm. */
export const cupFields = {
  girthMeasuredAs: z.enum(['circumference', 'diameter']),
  /** What the handle takes out of the girth (at mid-height); 0 where there is no handle. */
  handleGapMm: lengthSchema,
  rimKeepOutMm: lengthSchema,
  baseKeepOutMm: lengthSchema,
};
/** The measures that every cup has. */
export type CupFields = z.infer<z.ZodMiniObject<typeof cupFields>>;
