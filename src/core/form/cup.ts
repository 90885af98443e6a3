import type { CupFields } from './measures';
import type { FormRules } from './rules';

/** A cup's wall in plain figures, however it was measured. Lengths mm. */
export interface Wall {
  readonly rimCircumferenceMm: number;
  readonly baseCircumferenceMm: number;
  /** Along the wall. */
  readonly slantMm: number;
  readonly handleGapMm: number;
}

/** The record of a form that a print goes round. */
export interface CupRules<F> extends FormRules<F> {
  readonly wall: (form: F) => Wall;
  /** All of its wall along the slant, mm: a hump and shoulder too, where no paper goes. */
  readonly fullWallMm: (form: F) => number;
  /** Such a cup with a wall that was measured as another. */
  readonly like: (wall: Wall, fields: CupFields) => F;
}
