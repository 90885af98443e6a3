import { inches, MM_PER_INCH, type LengthUnit } from '../units';

/** A girth is asked back about: what it would make, and what the other reading would. Lengths mm. */
export interface GirthMisread {
  readonly kind: 'girth';
  readonly figureMm: number;
  readonly readAs: 'circumference' | 'diameter';
  readonly acrossMm: number;
  readonly tooLarge: boolean;
  readonly other: 'circumference' | 'diameter';
  readonly otherAcrossMm: number;
}

/** What is measured of things that are not cups, where inches and millimetres get mixed up. */
export type MixedUpMeasure = 'panel-width' | 'disc-diameter' | 'garment-width' | 'sock-width';

/** A figure that was probably read in one unit and typed as the other. */
export interface UnitMisread {
  readonly kind: 'unit';
  readonly measure: MixedUpMeasure;
  readonly figureMm: number;
  /** The unit it was probably read in. */
  readonly meant: LengthUnit;
  readonly meantMm: number;
}

/** How a figure was probably measured or typed otherwise than it stands. */
export type Misread = GirthMisread | UnitMisread;

/** A doubt about a blank's figures, and the form it would be if the doubt is right. */
export interface Doubt<F> {
  readonly misread: Misread;
  readonly instead: F;
}

/** Cups people drink from are this wide across (from memory; only used to ask, never to refuse). */
const USUAL_DIAMETER_MM = { min: inches(2), max: inches(5) };

/** The usual slip with a girth: a tape read as a diameter, or the other way round; null for a likely cup. */
export function girthMisread(
  girthMm: number,
  readAs: 'circumference' | 'diameter',
): GirthMisread | null {
  const acrossAs = (as: typeof readAs) => (as === 'diameter' ? girthMm : girthMm / Math.PI);
  const acrossMm = acrossAs(readAs);
  const { min, max } = USUAL_DIAMETER_MM;
  if (acrossMm >= min && acrossMm <= max) return null;
  const other = readAs === 'diameter' ? 'circumference' : 'diameter';
  return {
    ...{ kind: 'girth', figureMm: girthMm, readAs, acrossMm, tooLarge: acrossMm > max },
    ...{ other, otherAcrossMm: acrossAs(other) },
  };
}

/** Between which figures such things usually measure, mm (from memory; only used to ask). */
const USUAL_MM: Readonly<Record<MixedUpMeasure, readonly [min: number, max: number]>> = {
  'panel-width': [40, 1600],
  'disc-diameter': [20, 450],
  'garment-width': [90, 950],
  'sock-width': [30, 200],
};

/**
 * The other usual slip: a figure read in inches and typed as millimetres, or the other way round.
 * @param rescale the whole form so many times as large.
 * @returns null for likely sizes, and where the other unit would be no likelier.
 */
export function unitDoubt<F>(
  figureMm: number,
  measure: MixedUpMeasure,
  rescale: (by: number) => F,
): Doubt<F> | null {
  const [min, max] = USUAL_MM[measure];
  const likely = (mm: number) => mm >= min && mm <= max;
  if (likely(figureMm)) return null;
  const scale = figureMm < min ? MM_PER_INCH : 1 / MM_PER_INCH;
  const meantMm = figureMm * scale;
  if (!likely(meantMm)) return null;
  const meant = scale > 1 ? 'in' : 'mm';
  return {
    misread: { kind: 'unit', measure, figureMm, meant, meantMm },
    instead: rescale(scale),
  };
}
