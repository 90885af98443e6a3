import * as z from 'zod/mini';
import { dwellSchema } from './heat';
import {
  colourSchema,
  idSchema,
  nameSchema,
  positiveLengthSchema,
  sha256Schema,
} from '../primitives';
import { numberIn, wholeIn, listTo, listIn, withDefault } from '../schema';

/** Rows of one job at most. */
export const MAX_ITEMS = 240;
/** Copies of one row at most; a job that would print more than a home press does is stopped by its plan. */
export const MAX_COPIES = 1000;
/** Pictures of its own that a row can have at most: one for each place of the design. */
const MAX_OWN_PICTURES = 100;
/** The identity of the row that every job starts with; its pieces and seams are called after the design alone. */
export const FIRST_ITEM = 'first';

/** What is made of one design: whose it is, on which blank, with which pictures, how often. */
export const itemSchema = z.object({
  id: idSchema,
  /** What tells it from the others: whose it is, what it shows. Empty where nothing does. */
  name: withDefault(z.string().check(z.trim(), z.maxLength(120)), ''),
  copies: withDefault(wholeIn(1, MAX_COPIES), 1),
  /** Another colour than the job's blank has. */
  colour: withDefault(z.nullable(z.object({ colour: colourSchema, colourName: nameSchema })), null),
  /** Another size of a garment, laid flat and straight across, mm: everything on it grows with its width. */
  size: withDefault(
    z.nullable(z.object({ name: nameSchema, widthMm: positiveLengthSchema })),
    null,
  ),
  /** Made with what is left of the sheet round the art, where another row takes what was cut out of it. */
  ground: withDefault(z.boolean(), false),
  /** Its own heat in the job's first transfer, °C (null where the machine has one heat) and s: of test pieces each is pressed otherwise. */
  heat: withDefault(
    z.nullable(z.object({ temperatureC: z.nullable(numberIn(20, 400)), dwellS: dwellSchema })),
    null,
  ),
  /** Its own pictures, by their place; the design's own picture stands in every other place. */
  pictures: withDefault(
    listTo(z.object({ placementId: idSchema, artSha256: sha256Schema }), MAX_OWN_PICTURES),
    [],
  ),
});

/** A row of what is made: name, copies, colour and size of its blank, pictures of its own. */
export type Item = z.infer<typeof itemSchema>;
/** The size of a garment an item is made in, mm across. */
export type ItemSize = NonNullable<Item['size']>;

/** A row that is nothing but the design itself, once. */
export const plainItem = (id: string): Item => itemSchema.parse({ id });

/** The list a job has before anything is said: one thing. */
export const ONE_ITEM: readonly Item[] = [plainItem(FIRST_ITEM)];

/** What is made of a job's one design, each row with an identity of its own. */
export const itemsSchema = withDefault(
  listIn(itemSchema, 1, MAX_ITEMS).check(
    z.refine((items) => new Set(items.map(({ id }) => id)).size === items.length, {
      error: 'every item has an id of its own',
    }),
  ),
  [...ONE_ITEM],
);
