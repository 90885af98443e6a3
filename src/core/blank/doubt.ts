import type { BlankForm } from '../model';
import { formatLength, MM_PER_INCH, type LengthUnit } from '../units';
import type { Doubt } from './rules';

/** Between which figures such a thing usually measures, mm (from memory; only used to ask). */
interface Usual {
  readonly what: string;
  readonly min: number;
  readonly max: number;
}

/**
 * The other usual slip: a figure read in inches and typed as millimetres, or the other way round.
 * @returns how much larger the thing is if that is what happened, with a question; null for likely sizes.
 */
export function unitDoubt(
  figureMm: number,
  { what, min, max }: Usual,
  unit: LengthUnit,
): { question: string; answer: string; figureMm: number; scale: number } | null {
  const likely = (mm: number) => mm >= min && mm <= max;
  if (likely(figureMm)) return null;
  const show = (mm: number) => formatLength(mm, unit);
  const scale = figureMm < min ? MM_PER_INCH : 1 / MM_PER_INCH;
  if (!likely(figureMm * scale)) return null;
  const [typed, meant] = scale > 1 ? ['millimetres', 'inches'] : ['inches', 'millimetres'];
  return {
    question: `${show(figureMm)} is an unlikely ${what}. Was it read in ${meant} and typed as ${typed}? Then it is ${show(figureMm * scale)}.`,
    answer: `It was ${meant}`,
    figureMm,
    scale,
  };
}

/** A unit doubt with the whole form brought to the other scale. */
export function scaledDoubt<F extends BlankForm>(
  doubt: ReturnType<typeof unitDoubt>,
  rescale: (by: number) => F,
): Doubt<F> | null {
  return doubt && { ...doubt, instead: rescale(doubt.scale) };
}
