import { decoderOf, type Decoder } from './decode';
import { leftOf, putOffIn, usesOf, type Order, type UseAt } from './orders';
import type { Block, Evening } from './problem';

/** What going through all orders of work came to. */
export interface Tried {
  /** The best order known: the one it began with, or one that ends sooner. */
  readonly order: Order;
  /** Whether every order was gone through: none ends sooner than this one. */
  readonly all: boolean;
}

/** Going through orders: what is known of the evening, and how far it has come. */
interface Going {
  readonly evening: Evening;
  readonly decoder: Decoder;
  readonly uses: readonly UseAt[];
  /** The mention that puts off what comes next. */
  readonly putOff: number;
  /** What of a piece is left from each block on, s. */
  readonly left: readonly (readonly number[])[];
  /** For a piece, one before it whose work is the same; −1 where there is none. */
  readonly alike: readonly number[];
  /** The beginnings of orders that came to the same were gone on from once. */
  readonly seen: Set<string>;
  readonly counts: Int32Array;
  readonly prefix: number[];
  best: { endS: number; order: Order };
  nodes: number;
}

const isDone = ({ evening, counts }: Going, piece: number): boolean =>
  (counts[piece] as number) >= (evening.pieces[piece]?.blocks.length ?? 0);

/** Whether all that a block waits for is planned. */
function mayCome(going: Going, { after, behind }: Block): boolean {
  if (after !== null && !isDone(going, after)) return false;
  return behind.every((other) => {
    const use = going.evening.pieces[other]?.blocks.findIndex((block) => block.use !== null) ?? -1;
    return isDone(going, other) || (going.counts[other] as number) > use;
  });
}

/** The machines that were set ahead and not used since: they are not set otherwise before that. */
function setAhead({ evening, prefix, uses }: Going): ReadonlySet<number> {
  const ahead = new Set<number>();
  const next = evening.pieces.map(() => 0);
  for (const mention of prefix) {
    const use = uses[mention - evening.pieces.length]?.use;
    if (use) ahead.add(use.machine);
    else if (mention < evening.pieces.length) {
      const block = next[mention] ?? 0;
      next[mention] = block + 1;
      ahead.delete(evening.pieces[mention]?.blocks[block]?.use?.machine ?? -1);
    }
  }
  return ahead;
}

/**
 * What can come next in an order: the next block of a piece, or a machine set ahead for one that is to come. What needs
 * hands more than once can be put off too: begun as soon as it can be, its later hands may be in the way of others.
 */
function choices(going: Going): number[][] {
  const { evening, counts, uses, alike, decoder, putOff } = going;
  const found: number[][] = [];
  evening.pieces.forEach(({ blocks }, piece) => {
    const count = counts[piece] as number;
    const block = blocks[count];
    const same = alike[piece] as number;
    // of two that are the same, it does not matter which comes first
    if (count === 0 && same >= 0 && counts[same] === 0) return;
    if (!block || !mayCome(going, block)) return;
    found.push([piece]);
    if (block.hands.length > 1) found.push([putOff, piece]);
  });
  const ahead = setAhead(going);
  const settings = new Set<string>();
  uses.forEach(({ piece, block, use: { machine, setting } }, i) => {
    if (block < (counts[piece] as number) || decoder.setTo(machine) === setting) return;
    if (ahead.has(machine)) return;
    const key = `${machine}.${setting}`;
    if (settings.has(key)) return;
    settings.add(key);
    found.push([evening.pieces.length + i]);
  });
  return found;
}

/** No order that begins so ends before this, s. */
function endsNoSooner({ evening, counts, left }: Going, ends: Float64Array): number {
  let most = 0;
  for (let piece = 0; piece < evening.pieces.length; piece++) {
    const rest = left[piece]?.[counts[piece] as number] ?? 0;
    most = Math.max(most, (ends[piece] as number) + rest);
  }
  return most;
}

/** Goes through all orders with this beginning. @returns whether it came to the end of them. */
function goOn(going: Going, most: number): boolean {
  const { evening, decoder, prefix, counts, seen } = going;
  if (++going.nodes > most) return false;
  const ends = decoder.endsBy(Int32Array.from(prefix));
  if (endsNoSooner(going, ends) >= going.best.endS) return true;
  const key = decoder.key();
  if (seen.has(key)) return true;
  seen.add(key);
  if (evening.pieces.every((_, piece) => isDone(going, piece))) {
    going.best = { endS: Math.max(0, ...ends), order: Int32Array.from(prefix) };
    return true;
  }
  return choices(going).every((mentions) => {
    const piece = mentions[mentions.length - 1] as number;
    const isPiece = piece < evening.pieces.length;
    prefix.push(...mentions);
    if (isPiece) counts[piece] = (counts[piece] as number) + 1;
    const whole = goOn(going, most);
    if (isPiece) counts[piece] = (counts[piece] as number) - 1;
    prefix.length -= mentions.length;
    return whole;
  });
}

/** For each piece one before it with the same work, which nothing tells apart; −1 where there is none. */
function alikeOf({ pieces }: Evening): number[] {
  const waitedFor = new Set(
    pieces.flatMap(({ blocks }) => blocks.flatMap(({ after, behind }) => [after ?? -1, ...behind])),
  );
  const keys = pieces.map(({ readyS, blocks }, i) =>
    JSON.stringify([
      readyS,
      blocks.map((block) => ({ ...block, id: '' })),
      waitedFor.has(i) ? i : -1,
    ]),
  );
  return keys.map((key, i) => keys.slice(0, i).lastIndexOf(key));
}

/**
 * Goes through every order of the work of a small evening, by branch and bound: beginnings that cannot end sooner than
 * the best known, and those that come to what another came to, are not gone on from.
 * @param known the best order so far. @param most beginnings looked at before it is given up.
 */
export function tryAll(evening: Evening, known: Order, most: number): Tried {
  const decoder = decoderOf(evening);
  const { endS } = decoder.schedule(known);
  const uses = usesOf(evening);
  const going: Going = {
    ...{ evening, decoder, uses, putOff: putOffIn(evening, uses) },
    left: evening.pieces.map(leftOf),
    ...{ alike: alikeOf(evening), seen: new Set<string>(), prefix: [], nodes: 0 },
    counts: new Int32Array(evening.pieces.length),
    best: { endS, order: known },
  };
  const all = goOn(going, most);
  return { order: going.best.order, all };
}
