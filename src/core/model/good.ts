import * as z from 'zod/mini';
import { LAYER_MATERIALS } from './codes';
import { idSchema, nameSchema } from '../primitives';
import { numberIn, wholeIn, listTo } from '../schema';

/** Most of one thing that is counted. */
export const MOST_LEFT = 100_000;

const priceSchema = numberIn(0, 100_000);
const countSchema = wholeIn(0, MOST_LEFT);

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
  left: z.nullable(countSchema),
  /** How many come in a pack, and what that cost in the person's own money. */
  pack: z.nullable(z.object({ count: wholeIn(1, 10_000), price: z.nullable(priceSchema) })),
  /** Spoiled ones that are kept to try things on. */
  test: countSchema,
});

/** The person's own figures for what costs money besides: none of them is guessed. */
export const moneySchema = z.object({
  /** What a millilitre of ink costs, and how many go onto a square metre that is fully covered. */
  inkPerMl: z.nullable(priceSchema),
  inkMlPerM2: z.nullable(numberIn(0, 200)),
  /** What a kilowatt hour costs. */
  perKwh: z.nullable(priceSchema),
  /** What each machine draws, W. */
  watts: listTo(z.object({ machineId: idSchema, watts: numberIn(0, 20_000) }), 100),
});

/** What is bought by the piece and used up. */
export type Good = z.infer<typeof goodSchema>;
/** Own figures for ink and electricity. */
export type Money = z.infer<typeof moneySchema>;

/** No figure is known. */
export const NO_MONEY: Money = { inkPerMl: null, inkMlPerM2: null, perKwh: null, watts: [] };
