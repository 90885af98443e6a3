import * as z from 'zod/mini';
import type { FormTraits } from '../../traits';

/** What is measured of a form of blank; what follows from it: `core/form`. */
export interface Measures<S extends z.ZodMiniObject> {
  /** What is measured, all lengths mm; its `kind` is the name of the form. */
  readonly schema: S;
  /** What every blank of the form has in common, whatever its measures. */
  readonly traits: FormTraits;
  /** Where measuring starts, in a size often met (from memory). */
  readonly start: z.output<S>;
}

/** The measures of a form, typed by their schema. */
export const measuresOf = <S extends z.ZodMiniObject>(measures: Measures<S>): Measures<S> =>
  measures;

/** On how many of its sides a flat thing is printed. */
export const sidesSchema = z.union([z.literal(1), z.literal(2)]);
