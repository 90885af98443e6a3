import type { Outcome, Run } from '../model';

/** What has happened to a job besides planning. */
export interface JobHistory {
  readonly run: Run | null;
  readonly lastOutcome: Outcome | null;
}
