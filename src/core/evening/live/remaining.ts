import type { Assembled } from '../assemble';
import type { MachineOf } from '../machines';
import { calendarOf, type Calendar } from '../calendar';
import {
  merged,
  type Block,
  type Evening,
  type MachineWork,
  type PieceWork,
  type Span,
} from '../problem';
import { turnedTo } from '../settings';
import { timelineOf, type Step } from '../steps';
import {
  isBegun,
  operationAt,
  stepsAt,
  type EveningProgress,
  type MachineProgress,
  type PieceProgress,
  restedS,
} from './progress';

/** Hand work that takes longer than thought goes on for so long at least, s (own choice). */
const LEAST_LEFT_S = 10;

/** A run of a machine that goes on, or hands' work that cannot be laid aside: what of it is still to come. */
export interface Held {
  readonly piece: number;
  readonly block: number;
  readonly machine: number | null;
  /** When hands are needed for it, s from now, and whose they are thought to be. */
  readonly hands: readonly (Span & { readonly person: number })[];
  /** Until when its machine is taken up, and when all of it ends, s from now. */
  readonly machineToS: number;
  readonly endS: number;
}

/** What is left of an evening at a moment, as an evening of its own. */
export interface Remaining {
  readonly evening: Evening;
  /** What number the first block left has in its piece. */
  readonly from: readonly number[];
  readonly held: readonly Held[];
}

/** What is left of the steps of a block, the one at hand as far as it has come. */
export function stepsLeft(
  made: Assembled,
  at: number,
  piece: PieceProgress,
  nowS: number,
): readonly Step[] {
  const [now, ...later] = stepsAt(made, { piece: at, block: piece.block }).slice(piece.step);
  if (!now || piece.begunS === null) return now ? [now, ...later] : [];
  const gone = nowS - piece.begunS;
  if (now.aloneS === 0) {
    const counted = operationAt(made, { ...piece, piece: at })?.countedS ?? null;
    const left = Math.ceil(now.beforeS - gone);
    return [{ ...now, beforeS: Math.max(counted === null ? LEAST_LEFT_S : 1, left) }, ...later];
  }
  const whole = now.beforeS + now.aloneS;
  return [{ ...now, beforeS: 0, aloneS: Math.max(0, Math.ceil(whole - gone)) }, ...later];
}

/** Whether a block is begun and cannot be laid aside. */
export const isHeld = (block: Block | undefined, piece: PieceProgress): boolean =>
  block !== undefined && !block.mayPause && isBegun(piece);

/** Puts what goes on into people's time: at a bell that somebody is late for, all that follows is later. */
function holding(
  made: Assembled,
  at: number,
  piece: PieceProgress,
  nowS: number,
  people: readonly Calendar[],
): Held {
  const { hands, lastsS, machineToS } = timelineOf(stepsLeft(made, at, piece, nowS));
  const use = made.evening.pieces[at]?.blocks[piece.block]?.use ?? null;
  let lateS = 0;
  const taken = hands.map(({ fromS, toS }, i) => {
    const [from, length] = [fromS + lateS, toS - fromS];
    const own = i === 0 && from === 0 ? piece.person : null;
    const free = people.map((person) => person.free(from, length));
    const who = own ?? free.indexOf(Math.min(...free));
    const start = own === null ? (free[who] ?? from) : from;
    lateS += start - from;
    people[who]?.take(start, start + length);
    return { fromS: start, toS: start + length, person: who };
  });
  return {
    ...{ piece: at, block: piece.block, machine: use?.machine ?? null },
    ...{ hands: taken, machineToS: machineToS + lateS, endS: lastsS + lateS },
  };
}

/** The block at hand of work that may be laid aside, as far as it is left. */
function partLeft(
  made: Assembled,
  at: number,
  piece: PieceProgress,
  nowS: number,
  block: Block,
): Block {
  const left = timelineOf(stepsLeft(made, at, piece, nowS)).lastsS;
  const gone = block.lastsS - left;
  return {
    ...{ ...block, lastsS: left, hands: [{ fromS: 0, toS: left }] },
    seams: block.seams.flatMap((seam) => (seam > gone ? [seam - gone] : [])),
  };
}

/** Whether a piece is in its first machine, or was. */
function isPressed(made: Assembled, at: number, piece: PieceProgress | undefined): boolean {
  const use = made.evening.pieces[at]?.blocks.findIndex((block) => block.use !== null) ?? -1;
  return piece !== undefined && (piece.block > use || (piece.block === use && isBegun(piece)));
}

/** Blocks without what they need not go behind any more. */
const going = (
  made: Assembled,
  { pieces }: EveningProgress,
  blocks: readonly Block[],
): readonly Block[] =>
  blocks.map((block) => ({
    ...block,
    behind: block.behind.filter((other) => !isPressed(made, other, pieces[other])),
  }));

function pieceLeft(
  made: Assembled,
  progress: EveningProgress,
  at: number,
  nowS: number,
  held: Held | undefined,
): PieceWork {
  const piece = progress.pieces[at] as PieceProgress;
  const { id, blocks: all } = made.evening.pieces[at] as PieceWork;
  const blocks = going(made, progress, all);
  if (piece.dropped) return { id, readyS: 0, blocks: [] };
  const [first, ...later] = blocks.slice(piece.block + (held ? 1 : 0));
  if (!first) return { id, readyS: held?.endS ?? 0, blocks: [] };
  const begun = !held && isBegun(piece);
  if (begun) return { id, readyS: 0, blocks: [partLeft(made, at, piece, nowS, first), ...later] };
  const readyS = Math.max(
    0,
    Math.ceil(held ? held.endS + first.waitS : restedS(first, piece) - nowS),
  );
  return { id, readyS, blocks: [{ ...first, waitS: 0 }, ...later] };
}

/** What setting a machine otherwise takes while it is on its way to its heat; null where it is there, off, or in use. */
function turningOf(
  { fitted, heats, off }: MachineOf,
  { setting, readyS, c }: MachineProgress,
  nowS: number,
): MachineWork['turning'] {
  const machine = setting === null || setting === off ? undefined : fitted[setting];
  if (!machine || readyS <= nowS || c === null) return null;
  return heats.map((toC, to) =>
    to !== setting && to !== off && fitted[to] === machine && toC !== null
      ? turnedTo(machine, c, toC)
      : null,
  );
}

/** A machine as it stands, and what it is taken up by. */
function machineLeft(
  work: MachineWork,
  of: MachineOf | undefined,
  state: MachineProgress | undefined,
  nowS: number,
  held: readonly Held[],
): MachineWork {
  return {
    ...work,
    setTo: state?.setting ?? null,
    freeFromS: Math.max(0, Math.ceil((state?.readyS ?? 0) - nowS)),
    turning: of && state && held.length === 0 ? turningOf(of, state, nowS) : null,
    taken: held.map(({ machineToS }) => ({ fromS: 0, toS: machineToS })),
  };
}

/** What is left of an evening at a moment: what goes on stands fast, all else can be planned anew. */
export function remainingOf(made: Assembled, progress: EveningProgress, nowS: number): Remaining {
  const away = progress.away.map((spans) =>
    spans.flatMap(({ fromS, toS }) => {
      const span = { fromS: Math.max(0, Math.floor(fromS - nowS)), toS: Math.ceil(toS - nowS) };
      return span.toS > span.fromS ? [span] : [];
    }),
  );
  const people = away.map((spans) => calendarOf(spans));
  const bell = (at: number, piece: PieceProgress) =>
    timelineOf(stepsLeft(made, at, piece, nowS)).hands[0]?.fromS ?? 0;
  const held = progress.pieces
    .map((piece, at) => ({ piece, at }))
    .filter(({ piece, at }) => {
      const block = made.evening.pieces[at]?.blocks[piece.block];
      return !piece.dropped && isHeld(block, piece);
    })
    .sort((a, b) => bell(a.at, a.piece) - bell(b.at, b.piece))
    .map(({ piece, at }) => holding(made, at, piece, nowS, people));
  const evening: Evening = {
    pieces: progress.pieces.map((_, at) =>
      pieceLeft(
        made,
        progress,
        at,
        nowS,
        held.find((each) => each.piece === at),
      ),
    ),
    machines: made.evening.machines.map((machine, m) =>
      machineLeft(
        machine,
        made.machines[m],
        progress.machines[m],
        nowS,
        held.filter((each) => each.machine === m),
      ),
    ),
    people: away.map((spans, person) =>
      merged([
        ...spans,
        ...held.flatMap(({ hands }) => hands.filter((span) => span.person === person)),
      ]),
    ),
  };
  const from = progress.pieces.map(
    ({ block }, at) => block + (held.some(({ piece }) => piece === at) ? 1 : 0),
  );
  return { evening, from, held };
}
