import type { Outcome } from '../model';

/** How far a pressing has come. */
export interface PressingState {
  /** Steps done, and how many there are. */
  readonly done: number;
  readonly of: number;
  /** How many things are pressed. */
  readonly things: number;
  /** Whether all of it is over. */
  readonly finished: boolean;
}

/** What has happened to a job besides planning. */
export interface JobHistory {
  /** The pressing under way; null where there is none. */
  readonly run: PressingState | null;
  readonly lastOutcome: Outcome | null;
}
