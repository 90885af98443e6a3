import { LEAST_PART_S, PICK_UP_S, type Block, type Evening, type Span } from './problem';

/** A gap between two things that hands do in one block, s from its start. */
interface Gap extends Span {
  readonly piece: number;
  readonly block: Block;
}

const lengthOf = ({ fromS, toS }: Span): number => toS - fromS;
const within = (inner: Span, outer: Span): boolean =>
  outer.fromS <= inner.fromS && inner.toS <= outer.toS;

/** The machine that a gap's block has to itself throughout the gap; undefined where it has none. */
function heldIn({ machines }: Evening, { block: { use }, ...gap }: Gap): number | undefined {
  return use && machines[use.machine]?.places === 1 && within(gap, use) ? use.machine : undefined;
}

/** What can be done of work that may be laid aside in a gap too short to begin it: its end alone, once taken up again. */
function restIn({ lastsS, seams }: Block, roomS: number): number {
  if (roomS >= LEAST_PART_S || lastsS <= roomS) return roomS;
  // laid aside where one step of it ends, going on costs nothing
  const atSeam = seams.some((at) => at < lastsS && lastsS - at <= roomS);
  return atSeam ? roomS : Math.max(0, roomS - PICK_UP_S);
}

/** What at most of a gap other pieces and machines can make use of, s. */
function usefulIn(evening: Evening, gap: Gap): number {
  const roomS = lengthOf(gap);
  const held = heldIn(evening, gap);
  let most = 0;
  evening.pieces.forEach(({ blocks }, piece) => {
    if (piece === gap.piece) return;
    for (const block of blocks) {
      if (block.mayPause) most = Math.max(most, restIn(block, roomS));
      for (const span of block.hands) {
        const waits = block.use?.machine === held && block.use && within(span, block.use);
        if (lengthOf(span) <= roomS && !waits) most = roomS;
      }
    }
  });
  // what keeps a person a moment may fall between as well
  if (evening.people.some((away) => away.some((span) => lengthOf(span) <= roomS))) most = roomS;
  evening.machines.forEach(({ changes }, machine) => {
    const step = changes.some((row) => row.some((change) => change && change.handsS <= roomS));
    if (machine !== held && step) most = roomS;
  });
  return most;
}

/** What a block takes of a person's time: a span, or several that nothing else comes between. */
export interface Taken extends Span {
  /** How long hands are bound in it, s: all of it but what can be made use of between. */
  readonly lastsS: number;
}

/**
 * What every block takes of one person's time: where what hands do in it lies so close together that little or
 * nothing else can be done between, it is one piece of work. With more people the one who begins need not end it.
 */
export function takenByHand(evening: Evening): readonly (readonly (readonly Taken[])[])[] {
  const alone = evening.people.length === 1;
  return evening.pieces.map(({ blocks }, piece) =>
    blocks.map((block) => {
      const taken: Taken[] = [];
      for (const span of block.hands) {
        const last = taken[taken.length - 1];
        const gap = last && { piece, block, fromS: last.toS, toS: span.fromS };
        const lostS = gap && alone ? lengthOf(gap) - usefulIn(evening, gap) : 0;
        const bound = { ...span, lastsS: lengthOf(span) };
        if (!last || lostS <= 0) taken.push(bound);
        else {
          const lastsS = last.lastsS + lostS + bound.lastsS;
          taken[taken.length - 1] = { fromS: last.fromS, toS: span.toS, lastsS };
        }
      }
      return taken;
    }),
  );
}

/** What hands do at least to set a machine so, and how long it takes from then until it is, s; null where it may be set so. */
export function settingBy(
  { machines }: Evening,
  machine: number,
  setting: number,
): { handsS: number; thenS: number } | null {
  const work = machines[machine];
  if (!work || work.setTo === setting) return null;
  const into = [...work.changes, ...(work.turning ? [work.turning] : [])].flatMap(
    (row) => row[setting] ?? [],
  );
  if (into.length === 0) return null;
  return {
    handsS: Math.min(...into.map(({ handsS }) => handsS)),
    thenS: Math.min(...into.map(({ thenS }) => thenS)),
  };
}
