import type { BlankForm } from '../model';
import type { LengthUnit } from '../units';
import type { Face } from './face';
import type { GirthDoubt, Wall } from './wall';

/** What the rest of the core needs to know of a form of blank. */
export interface FormRules<F extends BlankForm> {
  /** The trade's word for it. */
  readonly label: string;
  readonly wall: (form: F) => Wall;
  readonly faces: (form: F) => Face[];
  /** A doubt about how its girth was measured. */
  readonly doubt: (form: F, unit: LengthUnit) => GirthDoubt | null;
}
