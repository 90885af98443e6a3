/** The middle of some figures; of an even number the mean of the two in the middle; NaN of none. */
export function medianOf(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (sorted.length - 1) / 2;
  return ((sorted[Math.floor(at)] ?? NaN) + (sorted[Math.ceil(at)] ?? NaN)) / 2;
}
