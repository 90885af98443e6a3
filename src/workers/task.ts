/** The person stopped a long task. */
export class Cancelled extends Error {}

/** A long task under way: its result, and a way to stop it at once. */
export interface Task<T> {
  readonly result: Promise<T>;
  readonly cancel: () => void;
}
