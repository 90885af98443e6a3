/** Middle value of some measurements, and how far the middle half of them spreads. */
export interface Spread {
  readonly median: number;
  readonly quartiles: readonly [number, number];
}

export function spreadOf(values: readonly number[]): Spread {
  const sorted = [...values].sort((a, b) => a - b);
  const at = (share: number) => sorted[Math.round(share * (sorted.length - 1))] ?? Number.NaN;
  return { median: at(0.5), quartiles: [at(0.25), at(0.75)] };
}

/** Milliseconds that some work takes. */
export async function timed(work: () => unknown): Promise<number> {
  const start = performance.now();
  await work();
  return performance.now() - start;
}

export const ms = ({ median, quartiles: [low, high] }: Spread): string =>
  `${median.toFixed(median < 10 ? 3 : 0)} ms (${low.toFixed(median < 10 ? 3 : 0)}–${high.toFixed(median < 10 ? 3 : 0)})`;

/** How many times as long one thing took as another, round by round: the middle, and how far the middle half spreads. */
export function timesAsLong(ours: readonly number[], theirs: readonly number[]): string {
  const { median, quartiles } = spreadOf(ours.map((took, i) => took / (theirs[i] ?? Number.NaN)));
  const [low, high] = quartiles.map((quartile) => quartile.toFixed(2));
  return `${median.toFixed(2)} (${low}–${high})`;
}
