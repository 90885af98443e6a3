import * as z from 'zod/mini';
import { blankFormSchema } from '../form';
import { keysOf } from '../keys';
import { FINISH_TRAITS, MATERIAL_TRAITS } from '../traits';
import { COATINGS } from '../transfer';
import { colourSchema, idSchema, lengthTo, nameSchema, originSchema } from '../primitives';
import { numberIn, wholeIn, textTo, withDefault } from '../schema';

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
  polyesterShare: withDefault(z.nullable(numberIn(0, 1)), null),
  /** Sequins and stuffed things touch the plate before the rest does and cool it. */
  texture: withDefault(z.enum(['flat', 'sequin', 'thick']), 'flat'),
  finish: withDefault(z.enum(FINISHES), 'plain'),
  /** How thick it is where it is pressed; null where nobody measured. mm. */
  thicknessMm: withDefault(z.nullable(lengthTo(200)), null),
  /** Hottest its maker allows, °C; null where nothing is said. */
  maxC: withDefault(z.nullable(numberIn(20, 400)), null),
});

/** What somebody who buys it again wants to know. */
export const aboutBlankSchema = z.object({
  note: withDefault(textTo(500), ''),
  /** Where it was bought, in the person's words. */
  source: withDefault(textTo(200), ''),
  /** What one of them cost, in the person's own money. */
  price: withDefault(z.nullable(numberIn(0, 100_000)), null),
  /** How good it turned out, 1 to 5. */
  rating: withDefault(z.nullable(wholeIn(1, 5)), null),
  /** Whether the person would buy it again. */
  again: withDefault(z.nullable(z.boolean()), null),
});
/** Nothing known about it. */
export const NOTHING_ABOUT = aboutBlankSchema.parse({});

/** A thing to be printed on: its form in mm and what it is made of. */
export const blankSchema = z.object({
  id: idSchema,
  name: nameSchema,
  form: blankFormSchema,
  substrate: substrateSchema,
  about: withDefault(aboutBlankSchema, NOTHING_ABOUT),
  origin: originSchema,
});

/** What is noted about a blank. */
export type AboutBlank = z.infer<typeof aboutBlankSchema>;
/** What a blank is made of. */
export type Substrate = z.infer<typeof substrateSchema>;
/** A thing to be pressed: its form as measured and what it is made of. */
export type Blank = z.infer<typeof blankSchema>;
