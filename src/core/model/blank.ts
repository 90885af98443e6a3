import { z } from 'zod';
import { blankFormSchema } from '../form';
import { keysOf } from '../keys';
import { FINISH_TRAITS, MATERIAL_TRAITS } from '../traits';
import { COATINGS } from '../transfer';
import { colourSchema, idSchema, lengthSchema, nameSchema, originSchema } from '../primitives';

/** What blanks are made of. */
export const MATERIALS = keysOf(MATERIAL_TRAITS);

/** How the surface looks that dye goes into; what it does to a picture: `core/check/finishRules`. */
export const FINISHES = keysOf(FINISH_TRAITS);

/** What a blank is made of: material, coating, polyester share (0–1), colour, what heat it bears (°C). */
export const substrateSchema = z.object({
  material: z.enum(MATERIALS),
  coating: z.enum(COATINGS),
  colour: colourSchema,
  colourName: nameSchema,
  /** Share of polyester in cloth, 0–1; null for hard things. */
  polyesterShare: z.number().min(0).max(1).nullable().default(null),
  /** Sequins and stuffed things touch the plate before the rest does and cool it. */
  texture: z.enum(['flat', 'sequin', 'thick']).default('flat'),
  finish: z.enum(FINISHES).default('plain'),
  /** How thick it is where it is pressed; null where nobody measured. mm. */
  thicknessMm: lengthSchema.max(200).nullable().default(null),
  /** Hottest its maker allows, °C; null where nothing is said. */
  maxC: z.number().min(20).max(400).nullable().default(null),
});

/** What somebody who buys it again wants to know. */
export const aboutBlankSchema = z.object({
  note: z.string().max(500).default(''),
  /** Where it was bought, in the person's words. */
  source: z.string().max(200).default(''),
  /** What one of them cost, in the person's own money. */
  price: z.number().min(0).max(100_000).nullable().default(null),
  /** How good it turned out, 1 to 5. */
  rating: z.int().min(1).max(5).nullable().default(null),
  /** Whether the person would buy it again. */
  again: z.boolean().nullable().default(null),
});
/** Nothing known about it. */
export const NOTHING_ABOUT = aboutBlankSchema.parse({});

/** A thing to be printed on: its form in mm and what it is made of. */
export const blankSchema = z.object({
  id: idSchema,
  name: nameSchema,
  form: blankFormSchema,
  substrate: substrateSchema,
  about: aboutBlankSchema.default(NOTHING_ABOUT),
  origin: originSchema,
});

/** What is noted about a blank. */
export type AboutBlank = z.infer<typeof aboutBlankSchema>;
/** What a blank is made of. */
export type Substrate = z.infer<typeof substrateSchema>;
/** A thing to be pressed: its form as measured and what it is made of. */
export type Blank = z.infer<typeof blankSchema>;
