import type { LookFinding, Remedy } from '@/core/look';
import { LOOK_CODES, type KeptLook } from '@/core/model';

/** What somebody goes for, as it is kept. */
const GONE_FOR = {
  reprint: ['reprint'],
  clear: ['reprint'],
  'lay-again': ['lay-again'],
  trim: [],
  'place-again': [],
} as const;

/** What a look found, as it is kept, and the remedy somebody goes for. */
export const lookedOf = (
  findings: readonly LookFinding[],
  remedy: Remedy | null,
  at: Date,
): KeptLook => ({
  at: at.toISOString(),
  found: LOOK_CODES.filter((code) => findings.some((finding) => finding.code === code)),
  remedies: remedy ? [...GONE_FOR[remedy.kind]] : [],
});
