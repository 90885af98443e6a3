import { wayS, type Evening, type MachineUse, type PieceWork } from './problem';

/**
 * The order in which things are planned. A piece is mentioned once for each of its blocks: the nth mention stands for the
 * nth. What is beyond the count of pieces stands for setting a machine for a block, by its place in `usesOf`; what is
 * beyond those, see `putOffIn`, for putting off the piece mentioned next: it begins no sooner than what was placed last.
 */
export type Order = Int32Array;

/** How much a block of a piece is wanted beside others that could begin at the same moment. */
export type Wanted = (piece: number, block: number) => number;

/** What of a piece is left from a block on, s. */
export function leftOf({ blocks }: PieceWork): readonly number[] {
  const left: number[] = [];
  for (let i = blocks.length - 1; i >= 0; i--)
    left[i] = (blocks[i]?.waitS ?? 0) + (blocks[i]?.lastsS ?? 0) + (left[i + 1] ?? 0);
  return left;
}

/** Piece after piece, each from its first touch to the last: what one who trusts no two clocks does. */
export const inTurn = ({ pieces }: Evening): Order =>
  Int32Array.from(pieces.flatMap(({ blocks }, i) => blocks.map(() => i)));

/** Everything made ready first, then one press after another: the careful habit. */
export function prepareFirst({ pieces }: Evening): Order {
  const ready: number[] = [];
  const rest: number[] = [];
  pieces.forEach(({ blocks }, i) => {
    const at = blocks.findIndex(({ use }) => use !== null);
    blocks.forEach((_, nth) => (nth < at ? ready : rest).push(i));
  });
  return Int32Array.from([...ready, ...rest]);
}

/** Always the piece of which most is left, block by block: the rule of thumb that the search begins with. */
export function longestFirst({ pieces }: Evening): Order {
  const left = pieces.map(leftOf);
  const all = pieces.flatMap(({ blocks }, piece) =>
    blocks.map((_, nth) => ({ piece, left: left[piece]?.[nth] ?? 0 })),
  );
  return Int32Array.from(all.sort((a, b) => b.left - a.left).map(({ piece }) => piece));
}

/** Hand work that comes before anything else once its time has come, and how much less it counts the farther its run is. */
const RUN_FIRST = 1e7;
const FEEDS = 1e6;

/**
 * How much a block is wanted: a press before all else, then what brings a piece nearest to its next press, and what
 * only finishes one last.
 */
export function feeding({ pieces }: Evening): Wanted {
  const wanted = pieces.map((piece) => {
    const left = leftOf(piece);
    return piece.blocks.map(({ use }, from) => {
      if (use) return RUN_FIRST + (left[from] ?? 0);
      const run = piece.blocks.findIndex((each, i) => i > from && each.use !== null);
      if (run < 0) return left[from] ?? 0;
      const before = piece.blocks.slice(from, run).reduce((sum, { lastsS }) => sum + lastsS, 0);
      return FEEDS - before;
    });
  });
  return (piece, block) => wanted[piece]?.[block] ?? 0;
}

/** A block that uses a machine, by its place. */
export interface UseAt {
  readonly piece: number;
  readonly block: number;
  readonly use: MachineUse;
}

/** All blocks of an evening that use a machine: what `Order` counts on from its pieces. */
export const usesOf = ({ pieces }: Evening): readonly UseAt[] =>
  pieces.flatMap(({ blocks }, piece) =>
    blocks.flatMap(({ use }, block) => (use ? [{ piece, block, use }] : [])),
  );

/**
 * The mention that puts off the piece after it; where one is, the order is longer by it.
 * @param uses by `usesOf` the evening.
 */
export const putOffIn = ({ pieces }: Pick<Evening, 'pieces'>, uses: readonly UseAt[]): number =>
  pieces.length + uses.length;

/**
 * An order with the setting of machines as things of their own: what is cold is switched on before all else, the slowest
 * first; another heat is set just before the block it is for.
 */
export function withSettings(evening: Evening, order: Order): Order {
  const { pieces, machines } = evening;
  const uses = usesOf(evening);
  const next = pieces.map(() => 0);
  const cold = new Map<number, { at: number; s: number }>();
  const all: number[] = [];
  for (const piece of order) {
    const block = next[piece] ?? 0;
    next[piece] = block + 1;
    const at = uses.findIndex((each) => each.piece === piece && each.block === block);
    const use = uses[at]?.use;
    const machine = use && machines[use.machine];
    if (use && machine) {
      if (machine.setTo === null && !cold.has(use.machine))
        cold.set(use.machine, { at, s: wayS(machine, null, use.setting) });
      else if ((machine.changes[0]?.length ?? 0) > 1) all.push(pieces.length + at);
    }
    all.push(piece);
  }
  const first = [...cold.values()].sort((a, b) => b.s - a.s).map(({ at }) => pieces.length + at);
  return Int32Array.from([...first, ...all]);
}

/**
 * An order in which what needs the coolest setting of its machine comes first, or last; everything else keeps its place.
 * @param sign 1 for the coolest first, −1 for the hottest.
 */
export function bySetting({ pieces, machines }: Evening, order: Order, sign: 1 | -1): Order {
  const settings = pieces.map(({ blocks }) => {
    const several = blocks.find(
      ({ use }) => use && (machines[use.machine]?.changes[0]?.length ?? 0) > 1,
    );
    return several?.use?.setting ?? null;
  });
  const of = (piece: number) => settings[piece] ?? 0;
  const sorted = order
    .filter((piece) => settings[piece] !== null)
    .sort((a, b) => sign * (of(a) - of(b)));
  let next = 0;
  return order.map((piece) => (settings[piece] === null ? piece : (sorted[next++] ?? piece)));
}

/** What is done aside for a piece. */
export const asideFor = (piece: PieceWork | undefined): readonly number[] =>
  (piece?.blocks ?? []).flatMap(({ after }) => after ?? []);

/** The pieces that have to be done for one: it and what it waits for. */
const neededFor = ({ pieces }: Evening, piece: number): ReadonlySet<number> =>
  new Set([piece, ...asideFor(pieces[piece])]);

/** Whether each place of an order is of a piece, or of what it waits for. */
export function isFor(evening: Evening, piece: number): (mention: number) => boolean {
  const needed = neededFor(evening, piece);
  const uses = usesOf(evening);
  const count = evening.pieces.length;
  return (mention) =>
    needed.has(mention < count ? mention : (uses[mention - count]?.piece ?? Number.NaN));
}

/** An evening with nothing in it but one piece and what it waits for; the pieces keep their numbers. */
export function aloneWith(evening: Evening, piece: number): Evening {
  const needed = neededFor(evening, piece);
  return {
    ...evening,
    pieces: evening.pieces.map((each, i) => (needed.has(i) ? each : { ...each, blocks: [] })),
  };
}

/**
 * An order with everything for one piece before everything else.
 * @param own the order of that piece alone, by the evening of `aloneWith`.
 */
export function withFirst(evening: Evening, order: Order, piece: number, own: Order): Order {
  const isOwn = isFor(evening, piece);
  const [all, alone] = [usesOf(evening), usesOf(aloneWith(evening, piece))];
  const count = evening.pieces.length;
  const ahead = own.map((mention) => {
    if (mention < count) return mention;
    const use = alone[mention - count];
    return count + all.findIndex((each) => each.piece === use?.piece && each.block === use.block);
  });
  return Int32Array.from([...ahead, ...order.filter((each) => !isOwn(each))]);
}
