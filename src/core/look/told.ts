import type { Box } from '../geometry';
import type { Checked, LookFinding } from './findings';

/** What one check came to, or several. */
export interface Told {
  readonly findings: LookFinding[];
  readonly checks: readonly Checked[];
}

/** A check that was done, and what it could not be told of. */
export const done = (check: Checked['check'], of: readonly string[] = []): Checked => ({
  check,
  unseen: null,
  of,
});

/** A box by its corner and size, mm. */
export const around = (x: number, y: number, width: number, height: number): Box => ({
  x,
  y,
  width,
  height,
});
