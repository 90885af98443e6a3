import type { BlankForm } from '../model';
import type { LengthUnit } from '../units';
import type { Face } from './face';

/** A question to ask when a figure was probably measured another way, and the form it would be then. */
export interface Doubt<F extends BlankForm> {
  readonly question: string;
  readonly figureMm: number;
  /** What the way out does, in words. */
  readonly answer: string;
  readonly instead: F;
}

/** What the rest of the core needs to know of a form of blank. */
export interface FormRules<F extends BlankForm> {
  /** The trade's word for it. */
  readonly label: string;
  /** Its flat faces, as they look when finished; the first is worked on first. */
  readonly faces: (form: F) => Face[];
  /** A doubt about how it was measured. */
  readonly doubt: (form: F, unit: LengthUnit) => Doubt<F> | null;
}
