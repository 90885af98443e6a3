import { clear, emptyFloor, opens, place, setMachine, type Floor } from './floor';
import { usesOf, type Order, type UseAt, type Wanted } from './orders';
import type { Block, Evening, Schedule } from './problem';

/** Turns an order of work into a plan: whatever comes first in the order gets the earliest place that is left. */
export interface Decoder {
  /** What a plan costs: first when it ends. @param order see `Order`. */
  readonly cost: (order: Order) => number;
  readonly schedule: (order: Order) => Schedule;
  /** What hands do first of all in the order that was last decoded: a piece, or below 0 a machine that is set. */
  readonly first: () => number;
  /**
   * The order of one who always begins what can be begun soonest; of several, what is wanted most.
   * @param awaitS for a press one waits so long, rather than begin what takes the hands.
   */
  readonly soonest: (wanted: Wanted, awaitS?: number) => Order;
}

/** A second of the end outweighs everything else that is wished for. */
const END_WEIGHT = 1e6;
/** Seconds of ends of pieces that a change of setting is worth (own choice). */
const CHANGE_WEIGHT = 30;

/** When the last piece is done, by what a plan costs. */
export const endOfCost = (cost: number): number => Math.floor(cost / END_WEIGHT);
/** What a plan costs that ends so many seconds later. */
export const costOfEnd = (s: number): number => s * END_WEIGHT;

/** How far every piece is planned. */
interface Progress {
  readonly floor: Floor;
  readonly pieces: Evening['pieces'];
  /** The number of the next block of every piece, and when the one before it ends, s. */
  readonly next: Int32Array;
  readonly ends: Float64Array;
  /** How many blocks of a piece were placed before their turn. */
  readonly ahead: Int32Array;
}

function begin({ floor, pieces, next, ends, ahead }: Progress, kept: Floor['kept']): void {
  clear(floor, kept);
  next.fill(0);
  ahead.fill(0);
  for (let i = 0; i < pieces.length; i++) ends[i] = pieces[i]?.readyS ?? 0;
}

const isDone = ({ pieces, next }: Progress, piece: number): boolean =>
  (next[piece] as number) >= (pieces[piece]?.blocks.length ?? 0);

/** When the next block of a piece may begin, as far as pieces go; infinity while it waits for another piece. */
function readyFor(progress: Progress, piece: number, block: Block): number {
  const { ends } = progress;
  const own = (ends[piece] as number) + block.waitS;
  if (block.after === null) return own;
  return isDone(progress, block.after) ? Math.max(own, ends[block.after] as number) : Infinity;
}

/** Places the next block of a piece; before it all of the piece that it waits for. */
function placeNext(progress: Progress, piece: number): void {
  const { floor, pieces, next, ends, ahead } = progress;
  const nth = next[piece] as number;
  const block = pieces[piece]?.blocks[nth];
  if (!block) return;
  const { after } = block;
  while (after !== null && !isDone(progress, after)) {
    placeNext(progress, after);
    ahead[after] = (ahead[after] as number) + 1;
  }
  next[piece] = nth + 1;
  ends[piece] = place(floor, { piece, block: nth }, block, readyFor(progress, piece, block));
}

/** Sets a machine before the turn of what it is for: it heats or cools while hands do something else. */
function setAhead({ floor, next }: Progress, { piece, block, use }: UseAt): void {
  if (block >= (next[piece] as number)) setMachine(floor, use.machine, use.setting);
}

/** Places everything in an order; returns when the last piece is done. */
function decode(progress: Progress, uses: readonly UseAt[], order: Order): number {
  const { pieces, ahead, ends } = progress;
  for (const piece of order) {
    // done already, since another piece waited for it
    if (piece >= pieces.length) setAhead(progress, uses[piece - pieces.length] as UseAt);
    else if ((ahead[piece] as number) > 0) ahead[piece] = (ahead[piece] as number) - 1;
    else placeNext(progress, piece);
  }
  let last = 0;
  for (const end of ends) if (end > last) last = end;
  return last;
}

/** The piece whose next block can be begun soonest. */
function soonestPiece(progress: Progress, wanted: Wanted, awaitS: number): number {
  const { floor, pieces, next } = progress;
  let [best, bestAt, most] = [-1, Infinity, -1];
  pieces.forEach(({ blocks }, piece) => {
    const nth = next[piece] as number;
    const block = blocks[nth];
    const readyS = block ? readyFor(progress, piece, block) : Infinity;
    if (!block || readyS === Infinity) return;
    const at = opens(floor, block, readyS) - (block.use === null ? 0 : awaitS);
    const want = wanted(piece, nth);
    if (at < bestAt || (at === bestAt && want > most)) [best, bestAt, most] = [piece, at, want];
  });
  return best;
}

/** A decoder of an evening; it keeps its buffers, so one is used by one search. */
export function decoderOf(evening: Evening): Decoder {
  const { pieces, machines } = evening;
  const uses = usesOf(evening);
  const progress: Progress = {
    ...{ floor: emptyFloor(evening), pieces },
    next: new Int32Array(pieces.length),
    ends: new Float64Array(pieces.length),
    ahead: new Int32Array(pieces.length),
  };
  const { floor, ends } = progress;
  return {
    cost: (order) => {
      begin(progress, null);
      const endS = decode(progress, uses, order);
      let sum = 0;
      for (const end of ends) sum += end;
      return END_WEIGHT * endS + sum / Math.max(1, ends.length) + CHANGE_WEIGHT * floor.changed;
    },
    schedule: (order) => {
      const kept = { placed: [], changes: [] };
      begin(progress, kept);
      return { ...kept, endS: decode(progress, uses, order) };
    },
    first: () => floor.first.is,
    soonest: (wanted, awaitS = 0) => {
      begin(progress, null);
      machines.forEach(({ setTo }, machine) => {
        const first = uses.find(({ use }) => use.machine === machine);
        if (setTo === null && first) setAhead(progress, first);
      });
      const count = pieces.reduce((sum, { blocks }) => sum + blocks.length, 0);
      return Int32Array.from({ length: count }, () => {
        const piece = soonestPiece(progress, wanted, awaitS);
        placeNext(progress, piece);
        return piece;
      });
    },
  };
}
