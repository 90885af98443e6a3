'use client';

import { useState } from 'react';
import * as z from 'zod/mini';
import {
  FAULT_IDS,
  itemOutcomeSchema,
  outcomeSchema,
  sha256Schema,
  type PressRecord,
} from '@/core/model';
import { readDraft, writeDraft } from '@/ui/draft';
import { withDefault } from '@/core/schema';

/** A record half told: no outcome chosen yet. */
const draftSchema = z.object({
  outcome: z.nullable(outcomeSchema),
  faults: z.array(z.enum(FAULT_IDS)),
  note: z.string(),
  photoSha256: z.nullable(sha256Schema),
  items: withDefault(z.array(itemOutcomeSchema), []),
});
type Draft = z.infer<typeof draftSchema>;

const EMPTY: Draft = { outcome: null, faults: [], note: '', photoSha256: null, items: [] };
const keyOf = (jobId: string) => `record-draft.${jobId}`;

/**
 * The record form's contents. Those of a new record are kept through a reload until it is written down;
 * those of one that is put right last as long as the form.
 */
export function useDraft(jobId: string, corrected: PressRecord | null) {
  const [told, setTold] = useState<Draft>(() =>
    corrected ? draftSchema.parse(corrected) : (readDraft(keyOf(jobId), draftSchema) ?? EMPTY),
  );
  const set = (next: Draft) => {
    setTold(next);
    if (!corrected) writeDraft(keyOf(jobId), next);
  };
  return {
    told,
    change: (part: Partial<Draft>) => set({ ...told, ...part }),
    clear: () => set(EMPTY),
  };
}
