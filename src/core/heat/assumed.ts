import { DYE_E } from './dose';

/**
 * What is not known of a pressing and has to be assumed. Recipes do not determine these: they are not fitted to them.
 * All from memory, by a trial of ours.
 */
export interface Assumed {
  /** What a joint lets through at medium pressure, W/m²K. */
  readonly jointWm2K: number;
  /** By what factor lighter pressure lets less through. */
  readonly lighter: number;
  /** What an oven's fan carries, W/m²K. */
  readonly fanWm2K: number;
  /** By what factor a machine is stronger than is thought. */
  readonly power: number;
  /** What dye needs to move, J/mol. */
  readonly energy: number;
  /** By what factor papers and cloths are thicker than is thought. */
  readonly thickness: number;
}

/** What is thought. */
export const PRIOR: Assumed = {
  ...{ jointWm2K: 2000, lighter: 0.5, fanWm2K: 22, power: 1 },
  ...{ energy: DYE_E, thickness: 1 },
};

/** A few fixed cases at the rim of what may be: bands are taken from these. */
export const CORNERS: readonly Assumed[] = [
  PRIOR,
  { ...PRIOR, jointWm2K: 1000, lighter: 0.35 },
  { ...PRIOR, jointWm2K: 4000, lighter: 0.75 },
  { ...PRIOR, power: 0.65, fanWm2K: 15 },
  { ...PRIOR, power: 1.5, fanWm2K: 33 },
  { ...PRIOR, energy: 95_000, thickness: 0.75 },
  { ...PRIOR, energy: 125_000, thickness: 1.35 },
];
