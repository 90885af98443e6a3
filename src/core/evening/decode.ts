import { clear, emptyFloor, opens, place, setMachine, type Floor } from './floor';
import { leftOf, putOffIn, usesOf, type Order, type UseAt, type Wanted } from './orders';
import type { Block, Evening, Schedule } from './problem';

/** Turns an order of work into a plan: whatever comes first in the order gets the earliest place that is left. */
export interface Decoder {
  /**
   * What a plan costs: first when it ends; then waiting on foot, when its pieces end and changes of setting together.
   * @param order see `Order`. @param most what costs more is not gone through to its end: it is said to cost infinity.
   */
  readonly cost: (order: Order, most?: number) => number;
  /** When each piece ends by the beginning of an order, what is not in it left out. The array is used again. */
  readonly endsBy: (beginning: Order) => Float64Array;
  readonly schedule: (order: Order) => Schedule;
  /** Of what was decoded last: two beginnings with the same key come to the same, whatever follows. */
  readonly key: () => string;
  /** What a machine is set to by what was decoded last; null while it is cold. */
  readonly setTo: (machine: number) => number | null;
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
/** Nobody sits down for less than this: so long a gap is waited through on foot, s (own choice). */
const ON_FOOT_S = 300;
/** Seconds of ends of pieces that a second of waiting on foot is worth (own choice). */
const FOOT_WEIGHT = 5;
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
  /** When the first use of a machine of every piece begins, s; below 0 while that is not placed. */
  readonly pressed: Float64Array;
  /** How many blocks of a piece were placed before their turn. */
  readonly ahead: Int32Array;
  /** What of every piece is left from each of its blocks on, s. */
  readonly left: readonly (readonly number[])[];
  /** What is placed next begins no sooner than this, s: it was put off. */
  noSoonerS: number;
}

function begin(progress: Progress, kept: Floor['kept']): void {
  const { floor, pieces, next, ends, pressed, ahead } = progress;
  progress.noSoonerS = -Infinity;
  clear(floor, kept);
  next.fill(0);
  pressed.fill(-1);
  ahead.fill(0);
  for (let i = 0; i < pieces.length; i++) ends[i] = pieces[i]?.readyS ?? 0;
}

const isDone = ({ pieces, next }: Progress, piece: number): boolean =>
  (next[piece] as number) >= (pieces[piece]?.blocks.length ?? 0);

/** Whether a piece is on its machine, or never will be. */
const isPressed = (progress: Progress, piece: number): boolean =>
  (progress.pressed[piece] as number) >= 0 || isDone(progress, piece);

/** When the next block of a piece may begin, as far as pieces go; infinity while it waits for another piece. */
function readyFor(progress: Progress, piece: number, { waitS, after, behind }: Block): number {
  const { ends, pressed } = progress;
  let at = (ends[piece] as number) + waitS;
  if (after !== null) {
    if (!isDone(progress, after)) return Infinity;
    at = Math.max(at, ends[after] as number);
  }
  for (const other of behind) {
    if (!isPressed(progress, other)) return Infinity;
    at = Math.max(at, pressed[other] as number);
  }
  return at;
}

/** Places the next block of a piece before its turn. */
function placeAhead(progress: Progress, piece: number): void {
  placeNext(progress, piece);
  progress.ahead[piece] = (progress.ahead[piece] as number) + 1;
}

/** Places the next block of a piece; before it all of the piece that it waits for. */
function placeNext(progress: Progress, piece: number): void {
  const { floor, pieces, next, ends, pressed } = progress;
  const nth = next[piece] as number;
  const block = pieces[piece]?.blocks[nth];
  if (!block) return;
  const { after, behind, use, lastsS } = block;
  while (after !== null && !isDone(progress, after)) placeAhead(progress, after);
  for (const other of behind) while (!isPressed(progress, other)) placeAhead(progress, other);
  const readyS = Math.max(progress.noSoonerS, readyFor(progress, piece, block));
  progress.noSoonerS = -Infinity;
  next[piece] = nth + 1;
  const endS = place(floor, { piece, block: nth }, block, readyS);
  ends[piece] = endS;
  if (use && (pressed[piece] as number) < 0) pressed[piece] = endS - lastsS;
}

/** Sets a machine before the turn of what it is for: it heats or cools while hands do something else. */
function setAhead({ floor, next }: Progress, { piece, block, use }: UseAt): void {
  if (block >= (next[piece] as number)) setMachine(floor, use.machine, use.setting);
}

/** Places everything in an order; returns when the last piece is done, infinity once that cannot be by a moment. */
function decode(progress: Progress, uses: readonly UseAt[], order: Order, byS = Infinity): number {
  const { floor, pieces, ahead, ends, next, left } = progress;
  const putOff = putOffIn(progress, uses);
  for (const piece of order) {
    if (piece === putOff) progress.noSoonerS = floor.lastS;
    else if (piece >= pieces.length) setAhead(progress, uses[piece - pieces.length] as UseAt);
    // done already, since another piece waited for it
    else if ((ahead[piece] as number) > 0) ahead[piece] = (ahead[piece] as number) - 1;
    else {
      placeNext(progress, piece);
      const rest = left[piece]?.[next[piece] as number] ?? 0;
      if ((ends[piece] as number) + rest > byS) return Infinity;
    }
  }
  let last = 0;
  for (const end of ends) if (end > last) last = end;
  return last;
}

/** The piece whose next block can be begun soonest. */
function soonestPiece(progress: Progress, wanted: Wanted, awaitS: number): number {
  const { floor, pieces, next } = progress;
  let best = -1;
  let bestAt = Infinity;
  let most = -1;
  pieces.forEach(({ blocks }, piece) => {
    const nth = next[piece] as number;
    const block = blocks[nth];
    const readyS = block ? readyFor(progress, piece, block) : Infinity;
    if (!block || readyS === Infinity) return;
    const at = opens(floor, block, readyS) - (block.use === null ? 0 : awaitS);
    const want = wanted(piece, nth);
    if (at < bestAt || (at === bestAt && want > most)) {
      best = piece;
      bestAt = at;
      most = want;
    }
  });
  return best;
}

/** What all that follows depends on. */
const keyOf = ({ floor, next, ends, pressed }: Progress): string =>
  [
    next.join(),
    ends.join(),
    pressed.join(),
    ...floor.people.map((person) => person.key()),
    ...floor.bookings.map((booking) => booking.key()),
    floor.lastS,
  ].join(';');

/** A decoder of an evening; it keeps its buffers, so one is used by one search. */
export function decoderOf(evening: Evening): Decoder {
  const { pieces, machines } = evening;
  const uses = usesOf(evening);
  const progress: Progress = {
    ...{ floor: emptyFloor(evening), pieces },
    next: new Int32Array(pieces.length),
    ends: new Float64Array(pieces.length),
    pressed: new Float64Array(pieces.length),
    ahead: new Int32Array(pieces.length),
    left: pieces.map(leftOf),
    noSoonerS: -Infinity,
  };
  const { floor, ends } = progress;
  return {
    cost: (order, most = Infinity) => {
      begin(progress, null);
      const endS = decode(progress, uses, order, endOfCost(most));
      if (endS === Infinity) return Infinity;
      let sum = 0;
      for (const end of ends) sum += end;
      let onFootS = 0;
      for (const person of floor.people) onFootS += person.shortGapsS(ON_FOOT_S);
      const rest = FOOT_WEIGHT * onFootS + CHANGE_WEIGHT * floor.changed;
      return END_WEIGHT * endS + sum / Math.max(1, ends.length) + rest;
    },
    endsBy: (beginning) => {
      begin(progress, null);
      decode(progress, uses, beginning);
      return ends;
    },
    schedule: (order) => {
      const kept = { placed: [], changes: [] };
      begin(progress, kept);
      return { ...kept, endS: decode(progress, uses, order) };
    },
    key: () => keyOf(progress),
    setTo: (machine) => floor.bookings[machine]?.setTo() ?? null,
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
