'use client';

import { useCallback, useEffect, useState } from 'react';
import { NO_MONEY, type Good } from '@/core/model';
import { listDocuments } from '@/store';
import { useBench } from '../bench/BenchProvider';
import { useKept } from '../bench/useKept';

/** What is bought by the piece, as it is counted; null until it is read. Changes are written behind the screen. */
export function useGoods(): readonly [
  readonly Good[] | null,
  (id: string, good: Good | null) => void,
] {
  const { store, keeper } = useBench();
  const [goods, setGoods] = useState<readonly Good[] | null>(null);
  useEffect(() => {
    let gone = false;
    const read = () =>
      void listDocuments(store, 'good')
        .then((kept) => {
          if (gone) return;
          kept.forEach(({ id, rev }) => keeper.know('good', id, rev));
          setGoods(kept.map(({ body }) => body).sort((a, b) => a.name.localeCompare(b.name)));
        })
        .catch(() => !gone && setGoods((known) => known ?? []));
    read();
    const unhear = store.hear((changes, elsewhere) => {
      if (elsewhere && changes.some(({ kind }) => kind === 'good')) read();
    });
    const unlose = keeper.onOvertaken(({ kind }) => kind === 'good' && read());
    return () => {
      gone = true;
      unhear();
      unlose();
    };
  }, [store, keeper]);
  const change = useCallback(
    (id: string, good: Good | null) => {
      setGoods((known) => {
        const others = (known ?? []).filter((each) => each.id !== id);
        return good ? [...others, good].sort((a, b) => a.name.localeCompare(b.name)) : others;
      });
      void keeper.put('good', id, good);
    },
    [keeper],
  );
  return [goods, change];
}

/** The person's own figures for ink and electricity. */
export function useMoney() {
  const [money, setMoney] = useKept(
    'money',
    'money',
    'Another tab changed what ink and electricity cost; what is shown is how it stands there.',
  );
  return [money ?? NO_MONEY, setMoney] as const;
}
