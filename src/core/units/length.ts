/** The two length units a crafter may work in. The core itself only knows millimetres. */
export type LengthUnit = 'in' | 'mm';

/** Exact by definition (international inch, 1959). */
export const MM_PER_INCH = 25.4;

/** Inches to millimetres, for tables whose sources speak inches. */
export const inches = (figure: number): number => figure * MM_PER_INCH;
