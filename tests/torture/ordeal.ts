/** What an ordeal is given: the same seed tries the same things, as many as are asked for or there is time for. */
export interface Trial {
  readonly seed: number;
  /** Whether to go on after so many. */
  readonly goesOn: (done: number) => boolean;
}

export interface Outcome {
  readonly count: number;
  /** One line for each thing that was lost, hung, broke or got out. */
  readonly troubles: readonly string[];
}

export type Ordeal = (trial: Trial) => Promise<Outcome> | Outcome;

/** Longest anything may take, s of processor time: what else the machine does does not count. */
export const LONGEST_S = 2;

/** Does something and tells how much processor time it took, s. */
export function timed<T>(work: () => T): { value: T; seconds: number } {
  const before = process.cpuUsage();
  const value = work();
  const { user, system } = process.cpuUsage(before);
  return { value, seconds: (user + system) / 1e6 };
}
