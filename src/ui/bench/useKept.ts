'use client';

import { useCallback, useEffect, useState } from 'react';
import type { DocumentKind, Documents } from '@/core/model';
import { loadDocument } from '@/store';
import { useNotify } from '../notify';
import { useBench } from './BenchProvider';

/**
 * One small document, the same in every tab: what one tab does shows in the others, and none writes over another's.
 * Undefined until it is read, null where there is none.
 * @param overtaken what is said where another tab was first.
 */
export function useKept<K extends DocumentKind>(
  kind: K,
  id: string,
  overtaken: string,
): [Documents[K] | null | undefined, (body: Documents[K] | null) => void] {
  const { store, keeper } = useBench();
  const notify = useNotify();
  const [body, setBody] = useState<Documents[K] | null>();

  useEffect(() => {
    let gone = false;
    const read = async () => {
      const found = await loadDocument(store, kind, id);
      if (gone || keeper.holds(kind, id)) return;
      keeper.know(kind, id, found?.ok ? found.kept.rev : 0);
      setBody(found?.ok ? found.kept.body : null);
    };
    // where storage fails it is said elsewhere; the screen can be seen all the same
    const again = () => void read().catch(() => !gone && setBody((known) => known ?? null));
    again();
    const mine = (one: { kind: string; id: string }) => one.kind === kind && one.id === id;
    const unhear = store.hear((changes, elsewhere) => elsewhere && changes.some(mine) && again());
    const unlose = keeper.onOvertaken((lost) => {
      if (!mine(lost)) return;
      again();
      notify({ tone: 'warning', text: overtaken });
    });
    return () => {
      gone = true;
      unhear();
      unlose();
    };
  }, [store, keeper, kind, id, overtaken, notify]);

  const change = useCallback(
    (next: Documents[K] | null) => {
      setBody(next);
      void keeper.put(kind, id, next);
    },
    [keeper, kind, id],
  );
  return [body, change];
}
