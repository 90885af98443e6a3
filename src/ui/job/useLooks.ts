'use client';

import { useCallback, useState } from 'react';
import * as z from 'zod/mini';
import { lookedAt } from '@/core/evening';
import {
  eveningEventSchema,
  type EveningEvent,
  type EveningRun,
  type KeptLook,
} from '@/core/model';
import { steadyNow } from '../clock';
import { readDraft, writeDraft } from '../draft';
import { eveningNow } from '../press';

const eventsSchema = z.array(eveningEventSchema);
const NONE: readonly EveningEvent[] = [];

/** Looks at photos of a job's prints before it is pressed, and how one is kept. */
interface Looks {
  /** Those that wait for a run or a record to go into. */
  readonly looks: readonly EveningEvent[];
  readonly keepLook: (look: KeptLook) => void;
  /** They went into a run or a record, or are given up with one. */
  readonly endLooks: () => void;
}

/**
 * Looks at photos of the job's prints: they go into what is under way; until something is, they wait, also through a
 * reload.
 */
export function useLooks(
  jobId: string,
  run: EveningRun | null | undefined,
  setRun: (run: EveningRun | null) => void,
): Looks {
  const key = `looks.${jobId}`;
  const [looks, setLooks] = useState(() => readDraft(key, eventsSchema) ?? NONE);
  const wait = useCallback(
    (next: readonly EveningEvent[]) => {
      setLooks(next);
      writeDraft(key, next);
    },
    [key],
  );
  const keepLook = useCallback(
    (look: KeptLook) => {
      if (run) setRun(lookedAt(run, jobId, look, eveningNow(run, new Date(steadyNow()))));
      else wait([...looks, { kind: 'looked', jobId, ...look }]);
    },
    [jobId, run, setRun, looks, wait],
  );
  const endLooks = useCallback(() => {
    if (looks.length > 0) wait(NONE);
  }, [looks, wait]);
  return { looks, keepLook, endLooks };
}
