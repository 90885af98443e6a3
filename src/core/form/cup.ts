import * as z from 'zod/mini';
import { lengthSchema } from '../primitives';
import type { FormRules } from './rules';

/** What every cup has: where the handle is, and bands where dye does not take evenly. mm. */
export const cupFields = {
  girthMeasuredAs: z.enum(['circumference', 'diameter']),
  /** What the handle takes out of the girth (at mid-height); 0 where there is no handle. */
  handleGapMm: lengthSchema,
  rimKeepOutMm: lengthSchema,
  baseKeepOutMm: lengthSchema,
};
/** The measures that every cup has. */
export type CupFields = z.infer<z.ZodMiniObject<typeof cupFields>>;

/** A cup's wall in plain figures, however it was measured. Lengths mm. */
export interface Wall {
  readonly rimCircumferenceMm: number;
  readonly baseCircumferenceMm: number;
  /** Along the wall. */
  readonly slantMm: number;
  readonly handleGapMm: number;
}

/** The record of a form that a print goes round. */
export interface CupRules<S extends z.ZodMiniObject> extends FormRules<S> {
  readonly wall: (form: z.output<S>) => Wall;
  /** All of its wall along the slant, mm: a hump and shoulder too, where no paper goes. */
  readonly fullWallMm: (form: z.output<S>) => number;
  /** Such a cup with a wall that was measured as another. */
  readonly like: (wall: Wall, fields: CupFields) => z.output<S>;
}

/** The record of a cup, typed by what is measured of it. */
export const cupOf = <S extends z.ZodMiniObject>(rules: CupRules<S>): CupRules<S> => rules;
