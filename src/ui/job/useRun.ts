'use client';

import { useCallback, useEffect, useState } from 'react';
import type { Run } from '@/core/model';
import { loadDocument } from '@/store';
import { useBench } from '../bench/BenchProvider';
import { useNotify } from '../notify';

/**
 * The pressing of a job that is under way, the same in every tab: what one tab does shows in the
 * others, and none begins over another's. Undefined until it is read.
 */
export function useRun(jobId: string): [Run | null | undefined, (run: Run | null) => void] {
  const { store, keeper } = useBench();
  const notify = useNotify();
  const [run, setRun] = useState<Run | null>();

  useEffect(() => {
    let gone = false;
    const read = async () => {
      const found = await loadDocument(store, 'run', jobId);
      if (gone || keeper.holds('run', jobId)) return;
      keeper.know('run', jobId, found?.ok ? found.kept.rev : 0);
      setRun(found?.ok ? found.kept.body : null);
    };
    // where storage fails it is said elsewhere; the job can be seen all the same
    const again = () => void read().catch(() => !gone && setRun((known) => known ?? null));
    again();
    const mine = ({ kind, id }: { kind: string; id: string }) => kind === 'run' && id === jobId;
    const unhear = store.hear((changes, elsewhere) => elsewhere && changes.some(mine) && again());
    const unlose = keeper.onOvertaken((lost) => {
      if (!mine(lost)) return;
      again();
      notify({
        tone: 'warning',
        text: 'Another tab is pressing this job; what is shown is how it stands there.',
      });
    });
    return () => {
      gone = true;
      unhear();
      unlose();
    };
  }, [store, keeper, jobId, notify]);

  const change = useCallback(
    (next: Run | null) => {
      setRun(next);
      void keeper.put('run', jobId, next);
    },
    [keeper, jobId],
  );
  return [run, change];
}
