import type { EveningRun } from '../../model';
import { usesOf, type Order } from '../orders';
import type { Remaining } from './remaining';

/** An order of work that outlasts what is done of it: by block, not by what is left. */
export type KeptOrder = EveningRun['order'];

/** The order of what is left, as it can be kept. */
export function keptOrder({ evening, from }: Remaining, order: Order): KeptOrder {
  const uses = usesOf(evening);
  const count = evening.pieces.length;
  const next = [...from];
  return Array.from(order, (mention) => {
    if (mention < count) {
      const block = next[mention] ?? 0;
      next[mention] = block + 1;
      return { piece: mention, block, sets: false };
    }
    const { piece, block } = uses[mention - count] ?? { piece: 0, block: 0 };
    return { piece, block: block + (from[piece] ?? 0), sets: true };
  });
}

/** What a kept order comes to for what is left; work it does not know comes last. */
export function orderLeft({ evening, from }: Remaining, kept: KeptOrder): Order {
  const uses = usesOf(evening);
  const count = evening.pieces.length;
  const left = evening.pieces.map(({ blocks }) => blocks.length);
  const mentions: number[] = [];
  for (const { piece, block, sets } of kept) {
    const at = block - (from[piece] ?? 0);
    if (at < 0) continue;
    if (sets) {
      const use = uses.findIndex((each) => each.piece === piece && each.block === at);
      if (use >= 0) mentions.push(count + use);
    } else if ((left[piece] ?? 0) > 0) {
      left[piece] = (left[piece] ?? 0) - 1;
      mentions.push(piece);
    }
  }
  left.forEach((blocks, piece) => {
    for (let i = 0; i < blocks; i++) mentions.push(piece);
  });
  return Int32Array.from(mentions);
}
