import * as z from 'zod/mini';
import type { FormTraits } from '../traits';
import type { Doubt } from './doubt';
import type { Face } from './face';

/** On how many of its sides a flat thing is printed. */
export const sidesSchema = z.union([z.literal(1), z.literal(2)]);

/** Everything the core needs to know of a form of blank: its one record. */
export interface FormRules<S extends z.ZodMiniObject> {
  /** What is measured, all lengths mm; its `kind` is the name of the form. */
  readonly schema: S;
  /** What every blank of the form has in common, whatever its measures. */
  readonly traits: FormTraits;
  /** Where measuring starts, in a size often met (from memory). */
  readonly start: z.output<S>;
  /** Its flat faces, as they look when finished; the first is worked on first. */
  readonly faces: (form: z.output<S>) => Face[];
  /** A doubt about how it was measured. */
  readonly doubt: (form: z.output<S>) => Doubt<z.output<S>> | null;
}

/** The record of a form, typed by what is measured of it. */
export const formOf = <S extends z.ZodMiniObject>(rules: FormRules<S>): FormRules<S> => rules;
