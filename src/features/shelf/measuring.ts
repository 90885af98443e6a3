import { useState } from 'react';
import * as z from 'zod/mini';
import { blankSchema, type Blank } from '@/core/model';
import type { BenchName } from '@/store';
import { readDraft, writeDraft } from '@/ui/draft';
import { textTo } from '@/core/schema';

/** A blank that is being measured; its name may be empty meanwhile. */
const measuringSchema = z.object({ blank: blankSchema, name: textTo(120) });

/** A blank being measured, and what it is to be called. */
export type Measuring = z.infer<typeof measuringSchema>;

/** The blank that is being measured for a bench, null while none is: as far as it had come, also after a reload. */
export function useMeasuring(bench: BenchName) {
  const key = `measuring.${bench}`;
  const [measuring, setMeasuring] = useState(() => readDraft(key, measuringSchema));
  // kept at the act itself: a reload may come before the next picture of the screen
  const put = (next: Measuring | null) => {
    setMeasuring(next);
    writeDraft(key, next);
  };
  return {
    measuring,
    measure: (blank: Blank) => put({ blank, name: blank.name }),
    change: (make: (now: Measuring) => Measuring) => put(measuring && make(measuring)),
    leave: () => put(null),
  };
}
