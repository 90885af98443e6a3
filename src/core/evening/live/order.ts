import type { EveningRun } from '../../model';
import { putOffIn, usesOf, type Order } from '../orders';
import type { Remaining } from './remaining';

/** An order of work that outlasts what is done of it: by block, not by what is left. */
export type KeptOrder = EveningRun['order'];

/** The order of what is left, as it can be kept. */
export function keptOrder(
  { evening, from }: Pick<Remaining, 'evening' | 'from'>,
  order: Order,
): KeptOrder {
  const uses = usesOf(evening);
  const count = evening.pieces.length;
  const next = [...from];
  const putsOff = putOffIn(evening, uses);
  const kept: KeptOrder = [];
  let putOff = false;
  for (const mention of order) {
    const use = uses[mention - count];
    if (mention === putsOff) putOff = true;
    else if (use) {
      const block = use.block + (from[use.piece] ?? 0);
      kept.push({ piece: use.piece, block, sets: true, putOff: false });
    } else {
      const block = next[mention] ?? 0;
      next[mention] = block + 1;
      kept.push({ piece: mention, block, sets: false, putOff });
      putOff = false;
    }
  }
  return kept;
}

/** What a kept order comes to for what is left; work it does not know comes last. */
export function orderLeft(
  { evening, from }: Pick<Remaining, 'evening' | 'from'>,
  kept: KeptOrder,
): Order {
  const uses = usesOf(evening);
  const count = evening.pieces.length;
  const left = evening.pieces.map(({ blocks }) => blocks.length);
  const mentions: number[] = [];
  // what it was put off for may have begun since
  let waits = false;
  for (const { piece, block, sets, putOff } of kept) {
    const at = block - (from[piece] ?? 0);
    if (sets) {
      const use = uses.findIndex((each) => each.piece === piece && each.block === at);
      if (use >= 0) mentions.push(count + use);
      continue;
    }
    const isLeft = at >= 0 && (left[piece] ?? 0) > 0;
    if (isLeft) {
      left[piece] = (left[piece] ?? 0) - 1;
      if (putOff && waits) mentions.push(putOffIn(evening, uses));
      mentions.push(piece);
    }
    waits = isLeft;
  }
  left.forEach((blocks, piece) => {
    for (let i = 0; i < blocks; i++) mentions.push(piece);
  });
  return Int32Array.from(mentions);
}
