import type { LookFinding, Remedy } from '@/core/look';
import { LOOK_CODES, type EveningEvent } from '@/core/model';

/** A look as it is told in the events of a run. */
export type Looked = Omit<Extract<EveningEvent, { kind: 'looked' }>, 'kind' | 'jobId'>;

/** What somebody goes for, as events tell it. */
const GONE_FOR = {
  reprint: ['reprint'],
  clear: ['reprint'],
  'lay-again': ['lay-again'],
  trim: [],
} as const;

/** What a look found, as an event, and the remedy somebody goes for. */
export const lookedOf = (
  findings: readonly LookFinding[],
  remedy: Remedy | null,
  at: Date,
): Looked => ({
  at: at.toISOString(),
  found: LOOK_CODES.filter((code) => findings.some((finding) => finding.code === code)),
  remedies: remedy ? [...GONE_FOR[remedy.kind]] : [],
});
