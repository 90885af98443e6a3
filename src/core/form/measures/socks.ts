import * as z from 'zod/mini';
import { lengthSchema, nameSchema, positiveLengthSchema } from '../../primitives';
import { wornTraits } from '../../traits';
import { inches } from '../../units';
import { measuresOf } from './measures';

/** A pair of socks pulled over inserts: four flat sides. mm. */
const socksSchema = z.object({
  kind: z.literal('socks'),
  size: nameSchema,
  widthMm: positiveLengthSchema,
  lengthMm: positiveLengthSchema,
  /** How far each long side rolls round the insert, so that no white line stays. */
  rollMm: lengthSchema,
});

/** A pair of socks on inserts. */
export const SOCKS = measuresOf({
  schema: socksSchema,
  traits: wornTraits('socks'),
  start: {
    kind: 'socks',
    size: 'M',
    widthMm: inches(3.5),
    lengthMm: inches(9),
    rollMm: inches(1 / 4),
  },
});
