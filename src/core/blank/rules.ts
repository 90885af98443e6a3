import type { BlankForm } from '../model';
import type { FormTraits } from '../traits';
import type { Doubt } from './doubt';
import type { Face } from './face';

/** Everything the core needs to know of a form of blank: its one record. */
export interface FormRules<F extends BlankForm> {
  /** What every blank of the form has in common, whatever its measures. */
  readonly traits: FormTraits;
  /** Where measuring starts, in a size often met (from memory). */
  readonly start: F;
  /** Its flat faces, as they look when finished; the first is worked on first. */
  readonly faces: (form: F) => Face[];
  /** A doubt about how it was measured. */
  readonly doubt: (form: F) => Doubt<F> | null;
}
