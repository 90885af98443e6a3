import type { EveningRun } from '../../model';
import type { Assembled } from '../assemble';
import { decoderOf } from '../decode';
import type { Schedule } from '../problem';
import { isSafe, mayEndLateS, needsHeld, needsOf, type Need } from './lookAhead';
import { orderLeft } from './order';
import {
  isBegun,
  isOver,
  operationAt,
  progressOf,
  stepsAt,
  type EveningProgress,
  type PieceProgress,
  type Place,
} from './progress';
import { isHeld, remainingOf, stepsLeft, type Remaining } from './remaining';

/** What somebody does now. */
export type Act =
  /** Hand work; `again` where it was laid aside. */
  | ({ readonly does: 'work'; readonly again: boolean } & Place)
  /** Closes a machine, which starts its clock; opens it at its bell; holds it meanwhile. */
  | ({ readonly does: 'start' | 'open' | 'hold' } & Place)
  | {
      readonly does: 'set';
      readonly machine: number;
      readonly setting: number;
      /** What it was set to before; null where it is switched on. */
      readonly from: number | null;
    }
  /** Nothing that could be begun: until so many seconds after the evening began. */
  | { readonly does: 'wait' | 'rest'; readonly untilS: number }
  | { readonly does: 'finished' };

/** A machine that works by itself: when its bell rings, and how late that may be answered; s since the evening began. */
export interface MachineClock extends Place {
  readonly machine: number;
  readonly begunS: number;
  readonly bellS: number;
  readonly latestS: number;
}

/** Something that comes later for somebody. */
export interface Coming {
  readonly act: Act;
  readonly atS: number;
}

/** An evening at a moment: what each does now, what comes next, every clock, and when it ends. */
export interface Guide {
  readonly progress: EveningProgress;
  readonly remaining: Remaining;
  readonly schedule: Schedule;
  readonly now: readonly Act[];
  readonly next: readonly (readonly Coming[])[];
  /** The most pressing first. */
  readonly clocks: readonly MachineClock[];
  readonly endS: number;
}

/** It begins at once what is planned to begin within so many seconds. */
const AT_ONCE_S = 1;

/** Everything a moment of an evening is looked at with. */
interface Moment {
  readonly made: Assembled;
  readonly progress: EveningProgress;
  readonly remaining: Remaining;
  readonly schedule: Schedule;
  readonly clocks: readonly MachineClock[];
  readonly held: readonly Need[];
  readonly nowS: number;
}

function clocksOf(made: Assembled, { pieces }: EveningProgress): MachineClock[] {
  const clocks = pieces.flatMap((piece, at): MachineClock[] => {
    const { begunS, block, step, dropped } = piece;
    const use = made.evening.pieces[at]?.blocks[block]?.use;
    const operation = operationAt(made, { piece: at, block, step });
    if (dropped || begunS === null || !use || !operation || operation.countedS === null) return [];
    const bellS = begunS + operation.countedS;
    const latestS = bellS + mayEndLateS(operation);
    return [{ piece: at, block, step, machine: use.machine, begunS, bellS, latestS }];
  });
  return clocks.sort((a, b) => a.latestS - b.latestS);
}

/** What is done with a piece at its step at hand. */
function actAt(made: Assembled, at: number, piece: PieceProgress, nowS: number): Act {
  const place = { piece: at, block: piece.block, step: piece.step };
  const counted = operationAt(made, place)?.countedS ?? null;
  if (counted === null) return { does: 'work', again: false, ...place };
  if (piece.begunS === null) return { does: 'start', ...place };
  return { does: piece.begunS + counted <= nowS ? 'open' : 'hold', ...place };
}

/** Whether a piece goes on by itself: its machine counts. */
function isAlone({ made, nowS }: Moment, at: number, piece: PieceProgress): boolean {
  const step = stepsAt(made, { piece: at, block: piece.block })[piece.step];
  return (step?.aloneS ?? 0) > 0 && actAt(made, at, piece, nowS).does === 'hold';
}

/** By when a step at hand has to be begun; infinity where it can wait. */
function latestOf(made: Assembled, { piece, at }: { piece: PieceProgress; at: number }): number {
  const withinS = operationAt(made, { ...piece, piece: at })?.withinS ?? null;
  return withinS === null ? Number.MAX_VALUE : piece.sinceS + withinS;
}

/** What somebody has in hand and cannot lay aside. */
function inHand(moment: Moment, person: number, taken: ReadonlySet<number>): Act | null {
  const { made, progress, nowS } = moment;
  const own = progress.pieces
    .map((piece, at) => ({ piece, at }))
    .filter(({ piece, at }) => {
      const block = made.evening.pieces[at]?.blocks[piece.block];
      if (piece.dropped || taken.has(at) || !isHeld(block, piece)) return false;
      return piece.person === person && !isAlone(moment, at, piece);
    })
    .sort((a, b) => latestOf(made, a) - latestOf(made, b) || a.piece.sinceS - b.piece.sinceS);
  const [first] = own;
  return first ? actAt(made, first.at, first.piece, nowS) : null;
}

/** What a plan has for somebody, in the order of the clock. */
function planFor({ made, remaining, schedule, nowS, progress }: Moment, person: number): Coming[] {
  const { from } = remaining;
  const work = schedule.placed.flatMap(({ piece, block, hands }): Coming[] => {
    const own = hands.filter((span) => span.person === person);
    const [first] = own;
    const state = progress.pieces[piece];
    if (!first || !state) return [];
    const nth = block + (from[piece] ?? 0);
    const begun = nth === state.block && isBegun(state);
    const step = nth === state.block ? state.step : 0;
    const place = { piece, block: nth, step };
    const counted = operationAt(made, place)?.countedS ?? null;
    const does = counted === null ? 'work' : 'start';
    const act: Act = does === 'work' ? { does, again: begun, ...place } : { does, ...place };
    return [{ act, atS: nowS + first.fromS }];
  });
  const sets = schedule.changes
    .filter((change) => change.person === person)
    .map(({ machine, setting, from, fromS }): Coming => ({
      act: { does: 'set', machine, setting, from },
      atS: nowS + fromS,
    }));
  return [...work, ...sets].sort((a, b) => a.atS - b.atS);
}

/** Whether somebody can begin something now without missing a bell. */
function canBegin(moment: Moment, act: Act): boolean {
  const { made, remaining, progress, held, nowS } = moment;
  const here = progress.away.filter(
    (spans) => !spans.some(({ fromS, toS }) => fromS <= nowS && nowS < toS),
  ).length;
  if (act.does === 'set') {
    const need = { earliestS: 0, latestS: 0, slowS: SET_SLOW_S, mayWaitS: 0 };
    return isSafe([need], held, here);
  }
  if (act.does !== 'work' && act.does !== 'start') return true;
  const block = made.evening.pieces[act.piece]?.blocks[act.block];
  if (!block || block.mayPause) return true;
  const piece = progress.pieces[act.piece];
  const at = act.block - (remaining.from[act.piece] ?? 0);
  if (!piece || at !== 0) return false;
  return isSafe(needsOf(made, act, stepsLeft(made, act.piece, piece, nowS)), held, here);
}
/** Setting a machine at the slowest, s (own choice). */
const SET_SLOW_S = 20;

/** Hand work somebody has begun and could go on with. */
function begunWork({ made, progress }: Moment, person: number, taken: ReadonlySet<number>) {
  const at = progress.pieces.findIndex((piece, p) => {
    const block = made.evening.pieces[p]?.blocks[piece.block];
    const own = isBegun(piece) && piece.person === person;
    return !piece.dropped && !taken.has(p) && block?.mayPause && own;
  });
  const piece = progress.pieces[at];
  return piece
    ? { does: 'work' as const, again: true, piece: at, block: piece.block, step: piece.step }
    : null;
}

const pieceOfAct = (act: Act): number | null => ('piece' in act ? act.piece : null);

/** What is held is let go by who holds it. */
function mayAnswer({ made, progress }: Moment, clock: MachineClock, person: number): boolean {
  const alone = (stepsAt(made, clock)[clock.step]?.aloneS ?? 0) > 0;
  return alone || progress.pieces[clock.piece]?.person === person;
}

function nowFor(moment: Moment, person: number, taken: ReadonlySet<number>): Act {
  const { made, progress, clocks, nowS, schedule } = moment;
  // a bell comes before all else, the one that can wait least first
  const bell = clocks.find(
    (clock) => clock.bellS <= nowS && !taken.has(clock.piece) && mayAnswer(moment, clock, person),
  );
  const holds = inHand(moment, person, taken);
  const away = progress.away[person]?.find(({ fromS, toS }) => fromS <= nowS && nowS < toS);
  if (away && !holds) return { does: 'rest', untilS: away.toS };
  if (bell && holds?.does !== 'hold')
    return { does: 'open', piece: bell.piece, block: bell.block, step: bell.step };
  if (holds) return holds;
  const plan = planFor(moment, person);
  const due = plan.filter(({ act, atS }) => {
    const piece = pieceOfAct(act);
    return (
      atS <= nowS + AT_ONCE_S && !(piece !== null && taken.has(piece)) && canBegin(moment, act)
    );
  });
  const begun = begunWork(moment, person, taken);
  const first = due[0]?.act ?? begun;
  const room = (clocks[0]?.bellS ?? Infinity) - nowS;
  if (first && !(first === begun && room < LEAST_ROOM_S)) return first;
  const rests = plan.find(({ atS }) => atS > nowS + AT_ONCE_S)?.atS ?? Infinity;
  const untilS = Math.min(rests, ...clocks.filter(({ bellS }) => bellS > nowS).map((c) => c.bellS));
  if (untilS < Infinity) return { does: 'wait', untilS };
  const over = progress.pieces.every((piece, at) => isOver(made, piece, at));
  return over ? { does: 'finished' } : { does: 'wait', untilS: nowS + Math.max(1, schedule.endS) };
}
/** So shortly before a bell nothing is taken up again, s (own choice). */
const LEAST_ROOM_S = 5;

const isOfSameBlock = (one: Act, other: Act): boolean =>
  'step' in one && 'step' in other && one.piece === other.piece && one.block === other.block;

/** How many things that come next are told. */
const TOLD_NEXT = 4;

/** An evening at a moment: its plan from here on, by the order that is kept, and what each does now. */
export function guideAt(made: Assembled, run: EveningRun, nowS: number): Guide {
  const progress = progressOf(made, run, nowS);
  const remaining = remainingOf(made, progress, nowS);
  const schedule = decoderOf(remaining.evening).schedule(orderLeft(remaining, run.order));
  const clocks = clocksOf(made, progress);
  const held = needsHeld(made, progress, nowS);
  const moment: Moment = { made, progress, remaining, schedule, clocks, held, nowS };
  const taken = new Set<number>();
  const now = Array.from({ length: run.people }, (_, person) => {
    const act = nowFor(moment, person, taken);
    const piece = pieceOfAct(act);
    if (piece !== null) taken.add(piece);
    return act;
  });
  const next = now.map((act, person) =>
    planFor(moment, person)
      .filter(({ act: later }) => !isOfSameBlock(later, act))
      .filter(({ atS }) => act.does === 'wait' || atS > nowS + AT_ONCE_S)
      .slice(0, TOLD_NEXT),
  );
  const ends = [schedule.endS, ...remaining.held.map(({ endS }) => endS)];
  return { progress, remaining, schedule, now, next, clocks, endS: nowS + Math.max(...ends) };
}
