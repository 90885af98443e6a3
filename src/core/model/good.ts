import { z } from 'zod';
import { LAYER_MATERIALS } from './codes';
import { idSchema, nameSchema } from '../primitives';

/** Most of one thing that is counted. */
export const MOST_LEFT = 100_000;

const priceSchema = z.number().min(0).max(100_000);
const countSchema = z.int().min(0).max(MOST_LEFT);

/** What is bought by the piece and used up; paper, film and ready-made sheets are counted where they are described. */
export const goodSchema = z.object({
  id: idSchema,
  /** A blank, or a layer that is spent. */
  of: z.discriminatedUnion('kind', [
    z.object({ kind: z.literal('blank'), blankId: idSchema }),
    z.object({ kind: z.literal('supply'), is: z.enum(LAYER_MATERIALS) }),
  ]),
  name: nameSchema,
  /** How many are left; null where they are not counted. */
  left: countSchema.nullable(),
  /** How many come in a pack, and what that cost in the person's own money. */
  pack: z.object({ count: z.int().min(1).max(10_000), price: priceSchema.nullable() }).nullable(),
  /** Spoiled ones that are kept to try things on. */
  test: countSchema,
});

/** The person's own figures for what costs money besides: none of them is guessed. */
export const moneySchema = z.object({
  /** What a millilitre of ink costs, and how many go onto a square metre that is fully covered. */
  inkPerMl: priceSchema.nullable(),
  inkMlPerM2: z.number().min(0).max(200).nullable(),
  /** What a kilowatt hour costs. */
  perKwh: priceSchema.nullable(),
  /** What each machine draws, W. */
  watts: z.array(z.object({ machineId: idSchema, watts: z.number().min(0).max(20_000) })).max(100),
});

/** What is bought by the piece and used up. */
export type Good = z.infer<typeof goodSchema>;
/** Own figures for ink and electricity. */
export type Money = z.infer<typeof moneySchema>;

/** No figure is known. */
export const NO_MONEY: Money = { inkPerMl: null, inkMlPerM2: null, perKwh: null, watts: [] };
