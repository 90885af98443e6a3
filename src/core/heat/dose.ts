/** Gas constant, J/mol K. */
const R = 8.314;
/** 200 °C in K: what seconds are equivalent at. */
const REFERENCE_K = 473.15;
/** Energy that dye needs to move into a coating, J/mol (from memory: 110 ± 15 kJ/mol, by a trial of ours). */
export const DYE_E = 110_000;

/** How many seconds at 200 °C one second at a temperature is worth to the dye (Arrhenius). */
export const worthAt = (c: number, energy = DYE_E): number =>
  Math.exp((-energy / R) * (1 / (c + 273.15) - 1 / REFERENCE_K));
