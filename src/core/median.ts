/** The middle of some figures; of an even number the mean of the two in the middle; NaN of none. */
export function medianOf(values: readonly number[]): number {
  const sorted = Float64Array.from(values).sort();
  const at = (sorted.length - 1) / 2;
  return ((sorted[Math.floor(at)] ?? NaN) + (sorted[Math.ceil(at)] ?? NaN)) / 2;
}
