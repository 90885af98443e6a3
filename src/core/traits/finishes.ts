import { recordsOf } from '../keys';

/** What every surface of a finish has in common. */
export interface FinishTraits {
  /** How far it varies from place to place by itself, CIEDE2000: what differs less is not seen on it (from memory). */
  readonly spread: number;
}

/** One record for each finish of a surface. */
export const FINISH_TRAITS = recordsOf<FinishTraits>()({
  plain: { spread: 0 },
  satin: { spread: 2 },
  glossy: { spread: 0 },
  glitter: { spread: 18 },
  clear: { spread: 0 },
});
