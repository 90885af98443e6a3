import * as z from 'zod/mini';
import { FINISHES, MATERIALS } from './blank';
import { idSchema, nameSchema } from '../primitives';
import { numberIn } from '../schema';

/** Patches of our chart: every mixture of four levels, and a ramp of greys; see `core/colour/chart`. */
export const CHART_PATCHES = 75;

/** A share of light beside bare blank; a little more than all of it where a photo has noise. */
const lightSchema = numberIn(0, 2);

/** What a print of one paper and printer comes out as on one kind of surface, measured on our chart. */
export const ownColoursSchema = z.object({
  id: idSchema,
  paperId: idSchema,
  printerId: idSchema,
  /** The kind of surface it was measured on. */
  material: z.enum(MATERIALS),
  finish: z.enum(FINISHES),
  /** What it was pressed on, as it was called. */
  blankName: nameSchema,
  from: z.enum(['photo', 'colour reader']),
  /** Each patch beside the bare blank, in linear light: red, green, blue; in the order of the chart. */
  patches: z.array(z.tuple([lightSchema, lightSchema, lightSchema])).check(z.length(CHART_PATCHES)),
});

/** Colours of one's own paper, printer and surface, measured: linear light beside bare blank, 0–2. */
export type OwnColours = z.infer<typeof ownColoursSchema>;
