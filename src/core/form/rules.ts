import type { Doubt } from './doubt';
import type { Face } from './face';
import type { FormKind, FormOf } from './measures';

/** What follows from the measures of a form of blank (`measures`): its one record. */
export interface FormRules<F> {
  /** Its flat faces, as they look when finished; the first is worked on first. */
  readonly faces: (form: F) => Face[];
  /** A doubt about how it was measured. */
  readonly doubt: (form: F) => Doubt<F> | null;
}

/** The record of each of some kinds. */
export type RulesOf<K extends FormKind> = { readonly [Kind in K]: FormRules<FormOf<Kind>> };
