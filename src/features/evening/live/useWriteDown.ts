'use client';

import { useRouter } from 'next/navigation';
import { warmUpsOf, withWarmUps } from '@/core/evening';
import type { Job } from '@/core/model';
import { saveDocuments, storageProblem } from '@/store';
import { useBench } from '@/ui/bench/BenchProvider';
import { steadyNow } from '@/ui/clock';
import { useNotify } from '@/ui/notify';
import { useBooking } from '@/ui/stock';
import { recordsOfEvening } from './recordsOfEvening';
import { usedUp } from './usedUp';
import type { Live } from './useLive';

/**
 * Writes an evening down: a record for each thing, what machines took to warm up, and what was used up taken off what is
 * left. What simulated machines pressed is only recorded.
 */
export function useWriteDown(
  live: Live,
  jobs: readonly Job[],
  { onDone, then }: { readonly onDone: () => void; readonly then: string },
): () => void {
  const { made, run } = live;
  const { store, shelf, addToShelf } = useBench();
  const book = useBooking();
  const notify = useNotify();
  const router = useRouter();

  async function save() {
    const { records, lost } = recordsOfEvening(live, jobs, shelf, new Date(steadyNow()));
    try {
      const writes = records.map((body) => ({
        kind: 'record' as const,
        id: body.id,
        body,
        baseRev: 0,
      }));
      const saved = await saveDocuments(store, writes);
      if (saved.kind === 'conflict')
        return notify({ tone: 'warning', text: 'Another tab wrote them down already.' });
    } catch (error) {
      return notify({ tone: 'error', text: storageProblem(error) });
    }
    if (!run.simulated) {
      const machines = withWarmUps(shelf.machines, warmUpsOf(made, run));
      if (machines.length > 0) addToShelf({ machines: [...machines] });
    }
    onDone();
    router.push(then);
    const text = `${records.length} written down. They are in the log.`;
    notify({
      tone: lost.length > 0 ? 'warning' : 'success',
      text: lost.length > 0 ? `${text} Not ${lost.join(', ')}: the job is gone.` : text,
    });
    if (!run.simulated) book(usedUp(live, jobs, shelf));
  }

  return () => void save();
}
