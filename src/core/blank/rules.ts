import type { BlankForm } from '../model';
import type { Doubt } from './doubt';
import type { Face } from './face';

/** What the rest of the core needs to know of a form of blank. */
export interface FormRules<F extends BlankForm> {
  /** The trade's word for it. */
  readonly label: string;
  /** Its flat faces, as they look when finished; the first is worked on first. */
  readonly faces: (form: F) => Face[];
  /** A doubt about how it was measured. */
  readonly doubt: (form: F) => Doubt<F> | null;
}
