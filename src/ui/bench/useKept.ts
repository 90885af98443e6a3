'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { DocumentKind, Documents } from '@/core/model';
import { loadDocument } from '@/store';
import { useNotify } from '../notify';
import { useBench } from './BenchProvider';

/** Makes one document of what two tabs made of the same one. */
type Join<T> = (from: T | null, mine: T | null, stored: T | null) => T | null;
const OTHERS = () => null;
const NOTHING = { shown: null, from: null };

/**
 * One small document, the same in every tab: what one tab does shows in the others, and none writes over another's.
 * Undefined until it is read, null where there is none.
 * @param overtaken what is said where another tab was first.
 * @param join makes one of what two tabs did at the same moment, from what both began with; null where they cannot both
 *   stand, then the other tab's does. It is the same function at every call.
 */
export function useKept<K extends DocumentKind>(
  kind: K,
  id: string,
  overtaken: string,
  join: Join<Documents[K]> = OTHERS,
): [Documents[K] | null | undefined, (body: Documents[K] | null) => void] {
  const { store, keeper } = useBench();
  const notify = useNotify();
  const [body, setBody] = useState<Documents[K] | null>();
  /** What is shown, and what that was made from: the last that is known to be stored. */
  const known = useRef<{ shown: Documents[K] | null; from: Documents[K] | null }>(NOTHING);
  /** What a hand goes by: what was drawn last, or what it made of it since. */
  const seen = useRef<Documents[K] | null>(null);
  useEffect(() => {
    seen.current = body ?? null;
  }, [body]);

  useEffect(() => {
    let gone = false;
    const read = async () => {
      const found = await loadDocument(store, kind, id);
      if (gone || keeper.holds(kind, id)) return;
      keeper.know(kind, id, found?.ok ? found.kept.rev : 0);
      const stored = found?.ok ? found.kept.body : null;
      known.current = { shown: stored, from: stored };
      setBody(stored);
    };
    // where storage fails it is said elsewhere; the screen can be seen all the same
    const again = () => void read().catch(() => !gone && setBody((seen) => seen ?? null));
    again();
    const mine = (one: { kind: string; id: string }) => one.kind === kind && one.id === id;
    const unhear = store.hear((changes, elsewhere) => elsewhere && changes.some(mine) && again());
    const unlose = keeper.onOvertaken((lost) => {
      if (!mine(lost)) return;
      const stored = lost.stored?.ok ? (lost.stored.kept.body as Documents[K]) : null;
      const both = join(known.current.from, known.current.shown, stored);
      if (both) {
        known.current = { shown: both, from: stored };
        setBody(both);
        void keeper.put(kind, id, both);
        return;
      }
      again();
      notify({ tone: 'warning', text: overtaken });
    });
    return () => {
      gone = true;
      unhear();
      unlose();
    };
  }, [store, keeper, kind, id, overtaken, join, notify]);

  const change = useCallback(
    (next: Documents[K] | null) => {
      const { shown, from } = known.current;
      // another tab's may have come in since what is changed was drawn
      const unseen = next !== null && seen.current !== shown;
      const both = unseen ? join(seen.current, next, shown) : next;
      if (unseen && !both) return notify({ tone: 'warning', text: overtaken });
      known.current = { shown: both, from: keeper.holds(kind, id) ? from : shown };
      seen.current = both;
      setBody(both);
      void keeper.put(kind, id, both);
    },
    [keeper, kind, id, join, overtaken, notify],
  );
  return [body, change];
}
