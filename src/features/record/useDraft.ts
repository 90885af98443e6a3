'use client';

import { useState } from 'react';
import { z } from 'zod';
import {
  FAULT_IDS,
  itemOutcomeSchema,
  outcomeSchema,
  sha256Schema,
  type PressRecord,
} from '@/core/model';

/** A record half told: no outcome chosen yet. */
const draftSchema = z.object({
  outcome: outcomeSchema.nullable(),
  faults: z.array(z.enum(FAULT_IDS)),
  note: z.string(),
  photoSha256: sha256Schema.nullable(),
  items: z.array(itemOutcomeSchema).default([]),
});
type Draft = z.infer<typeof draftSchema>;

const EMPTY: Draft = { outcome: null, faults: [], note: '', photoSha256: null, items: [] };
const keyOf = (jobId: string) => `lucky-sheet.record-draft.${jobId}`;

function read(jobId: string): Draft {
  try {
    return draftSchema.parse(JSON.parse(sessionStorage.getItem(keyOf(jobId)) ?? ''));
  } catch {
    return EMPTY;
  }
}

function write(jobId: string, draft: Draft): void {
  try {
    sessionStorage.setItem(keyOf(jobId), JSON.stringify(draft));
  } catch {
    // storage refused: the draft lasts as long as the screen
  }
}

/**
 * The record form's contents. Those of a new record are kept through a reload until it is written down;
 * those of one that is put right last as long as the form.
 */
export function useDraft(jobId: string, corrected: PressRecord | null) {
  const [told, setTold] = useState<Draft>(() =>
    corrected ? draftSchema.parse(corrected) : read(jobId),
  );
  const set = (next: Draft) => {
    setTold(next);
    if (!corrected) write(jobId, next);
  };
  return {
    told,
    change: (part: Partial<Draft>) => set({ ...told, ...part }),
    clear: () => set(EMPTY),
  };
}
