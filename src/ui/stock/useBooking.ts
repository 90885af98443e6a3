'use client';

import { useCallback } from 'react';
import { booked, type Spent, type Spoiled } from '@/core/stock';
import { useBench } from '../bench/BenchProvider';
import { useNotify } from '../notify';
import { useGoods } from './useGoods';

/** What was pressed used up, and the blanks that were spoiled. */
export interface UsedUp {
  readonly spent: readonly Spent[];
  readonly spoiled: readonly Spoiled[];
}

/** Takes what was used up off what is left, and says so; it can be taken back. */
export function useBooking(): (used: UsedUp) => void {
  const { shelf, addToShelf } = useBench();
  const [goods, setGood] = useGoods();
  const notify = useNotify();
  return useCallback(
    ({ spent, spoiled }) => {
      const stock = { goods: goods ?? [], papers: shelf.papers };
      const after = booked(stock, spent, spoiled);
      const before = {
        goods: after.goods.map(
          ({ id }) => [id, stock.goods.find((each) => each.id === id)] as const,
        ),
        papers: stock.papers.filter(({ id }) => after.papers.some((each) => each.id === id)),
      };
      if (after.goods.length + after.papers.length === 0) return;
      for (const good of after.goods) setGood(good.id, good);
      addToShelf({ papers: [...after.papers] });
      notify({
        tone: 'info',
        text: 'What was used up is taken off what is left.',
        action: {
          label: 'Undo',
          run: () => {
            before.goods.forEach(([id, good]) => setGood(id, good ?? null));
            addToShelf({ papers: [...before.papers] });
          },
        },
      });
    },
    [goods, setGood, shelf.papers, addToShelf, notify],
  );
}
