import * as z from 'zod/mini';
import { lengthSchema, nameSchema, positiveLengthSchema } from '../../primitives';
import { withDefault } from '../../schema';
import { wornTraits } from '../../traits';
import { inches } from '../../units';
import { measuresOf } from './measures';

/** Kinds of garments. */
export const GARMENTS = ['tee', 'hoodie', 'apron', 'bodysuit', 'cap'] as const;

/** Something worn, laid flat. mm. */
const garmentSchema = z.object({
  kind: z.literal('garment'),
  garment: z.enum(GARMENTS),
  size: nameSchema,
  /** Laid flat, straight across below the arms. */
  widthMm: positiveLengthSchema,
  /** From the highest point of the shoulder (or top edge) down. */
  lengthMm: positiveLengthSchema,
  /** The neck opening in front: how wide, and how deep below the shoulder. 0 where there is none. */
  collarWidthMm: lengthSchema,
  collarDropMm: lengthSchema,
  /** Room kept off side seams and hems. */
  seamKeepOutMm: lengthSchema,
  /** A pocket in the middle of the front, its top measured from the shoulder. */
  pocket: z.nullable(
    z.object({
      widthMm: positiveLengthSchema,
      heightMm: positiveLengthSchema,
      topMm: lengthSchema,
    }),
  ),
  /** A sleeve laid flat; null where there is none. */
  sleeve: z.nullable(z.object({ widthMm: positiveLengthSchema, lengthMm: positiveLengthSchema })),
  /** Swirled or folded up and pressed as a bundle, so large; null where it is laid flat. */
  bundle: withDefault(
    z.nullable(z.object({ widthMm: positiveLengthSchema, heightMm: positiveLengthSchema })),
    null,
  ),
});

/** Something worn. */
export const GARMENT = measuresOf({
  schema: garmentSchema,
  traits: { ...wornTraits('garment'), sized: true },
  start: {
    kind: 'garment',
    garment: 'tee',
    size: 'M',
    widthMm: inches(20),
    lengthMm: inches(29),
    collarWidthMm: inches(7),
    collarDropMm: inches(3.5),
    seamKeepOutMm: inches(1.5),
    pocket: null,
    sleeve: { widthMm: inches(7), lengthMm: inches(7.5) },
    bundle: null,
  },
});
