/** ISO 32000-1 §8.3.2.3: the default user unit is 1/72 in. */
export const POINTS_PER_MM = 72 / 25.4;
