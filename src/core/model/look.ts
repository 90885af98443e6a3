import * as z from 'zod/mini';
import { timestampSchema } from '../primitives';
import { listTo } from '../schema';

/** What a look at a photo before heat can find, and what is then done about it. */
export const LOOK_CODES = [
  'mirrored',
  'size',
  'tile-missing',
  'tile-swapped',
  'tile-turned',
  'tile-size',
  'step',
  'gap',
  'border',
  'clipped',
  'bare',
  'covered',
  'crooked',
  'aside',
] as const;
/** One kind of thing a look can find. */
export type LookCode = (typeof LOOK_CODES)[number];

/** Things told of one look at most. */
const MOST_FOUND = 60;

/** A look at a photo before heat, as it is kept: when, what was found, and which remedies were gone for. */
export const lookSchema = z.object({
  at: timestampSchema,
  found: listTo(z.enum(LOOK_CODES), MOST_FOUND),
  remedies: listTo(z.enum(['reprint', 'lay-again']), MOST_FOUND),
});
/** A look at a photo before heat, as it is kept. */
export type KeptLook = z.infer<typeof lookSchema>;
