/** °F → °C, exact by definition. */
export const fahrenheitToC = (f: number): number => ((f - 32) * 5) / 9;

/** °C → °F, exact by definition. */
export const celsiusToF = (c: number): number => (c * 9) / 5 + 32;
