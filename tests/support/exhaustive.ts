/**
 * The earliest end of a tiny evening by going through everything that can be done, ten seconds at a time: every
 * state that can be reached is kept once. It shares no code with the planner.
 */
import { LEAST_PART_S, PICK_UP_S, type Block, type Evening } from '@/core/evening';
import { STEP_S } from './evenings';

/** A piece in a state: its block, how long that has been going on or rested, what of it is left, how long at a stretch. */
interface PieceState {
  block: number;
  /** Steps since the block began; −1 while it has not. */
  since: number;
  /** Steps of rest still needed before it may begin. */
  rest: number;
  /** Of hand work that may be laid aside: steps left, steps at this stretch, whether it lies aside, and whose it is. */
  left: number;
  stretch: number;
  aside: boolean;
  person: number;
}
interface MachineState {
  set: number | null;
  /** Steps until it is as it was set, hands included; and of those the ones with hands, by whom. */
  changing: number;
  handsLeft: number;
  person: number;
  /** Steps until it is back from what it was cooled by, after that is done. */
  back: number;
}
interface State {
  pieces: PieceState[];
  machines: MachineState[];
}

/** States that are the same have the same key. */
const keyOf = ({ pieces, machines }: State): string => {
  let key = '';
  for (const { block, since, rest, left, stretch, aside, person } of pieces)
    key += `${block},${since},${rest},${left},${stretch},${aside ? 1 : 0},${person};`;
  for (const { set, changing, handsLeft, person, back } of machines)
    key += `${set ?? -1},${changing},${handsLeft},${person},${back};`;
  return key;
};

const stepsOf = (s: number): number => s / STEP_S;

/** Whether a block that runs needs a person in the step that begins so many steps after it did. */
const needsHands = (block: Block, since: number): boolean =>
  block.hands.some(({ fromS, toS }) => since >= stepsOf(fromS) && since < stepsOf(toS));
const onMachine = ({ use }: Block, since: number): boolean =>
  use !== null && since >= stepsOf(use.fromS) && since < stepsOf(use.toS);

/** @returns the earliest end, s; null where there are more states than are gone through. */
export function earliestEnd(evening: Evening, mostStates = 60_000): number | null {
  const { pieces, machines, people } = evening;
  const awayAt = (person: number, step: number) =>
    people[person]?.some(({ fromS, toS }) => step >= stepsOf(fromS) && step < stepsOf(toS)) ??
    false;
  const blockOf = (p: number, { block }: PieceState): Block | undefined => pieces[p]?.blocks[block];
  const first: State = {
    pieces: pieces.map(({ readyS, blocks }) => ({
      ...{ block: 0, since: -1, rest: stepsOf(readyS + (blocks[0]?.waitS ?? 0)) },
      ...{ left: 0, stretch: 0, aside: false, person: -1 },
    })),
    machines: machines.map(({ setTo }) => ({
      ...{ set: setTo, changing: 0, handsLeft: 0, person: -1, back: 0 },
    })),
  };
  const isDone = (state: State) =>
    state.pieces.every((piece, p) => piece.block >= (pieces[p]?.blocks.length ?? 0));

  /** What goes on by itself in one step, and where that leads; null where nobody has hands for it. */
  const passed = (state: State, step: number, busy: readonly number[]): State | null => {
    // runs need any free person; changes and work that may be laid aside have their own
    let wanted = 0;
    state.pieces.forEach((piece, p) => {
      const block = blockOf(p, piece);
      if (block && !block.mayPause && piece.since >= 0 && needsHands(block, piece.since)) wanted++;
    });
    const free = people.filter((_, i) => !awayAt(i, step) && !busy.includes(i)).length;
    if (wanted > free) return null;
    const next: State = {
      pieces: state.pieces.map((piece) => ({ ...piece })),
      machines: state.machines.map((machine) => ({ ...machine })),
    };
    next.machines.forEach((machine) => {
      machine.changing = Math.max(0, machine.changing - 1);
      machine.handsLeft = Math.max(0, machine.handsLeft - 1);
      machine.back = Math.max(0, machine.back - 1);
      if (machine.handsLeft === 0) machine.person = -1;
    });
    next.pieces.forEach((piece, p) => {
      const block = blockOf(p, piece);
      if (!block) return;
      let done = false;
      if (piece.since < 0) piece.rest = Math.max(0, piece.rest - 1);
      else if (!block.mayPause) done = ++piece.since >= stepsOf(block.lastsS);
      else if (!piece.aside) {
        piece.left--;
        piece.stretch = Math.min(stepsOf(LEAST_PART_S), piece.stretch + 1);
        done = piece.left === 0;
      }
      if (!done) return;
      const cooled = block.use && next.machines[block.use.machine];
      if (block.use && cooled)
        cooled.back = Math.max(cooled.back, stepsOf(block.use.toS - block.lastsS));
      const after = pieces[p]?.blocks[piece.block + 1];
      Object.assign(piece, { block: piece.block + 1, since: -1, left: 0, stretch: 0 });
      Object.assign(piece, { aside: false, person: -1, rest: stepsOf(after?.waitS ?? 0) });
    });
    return next;
  };

  /** Everything that can be begun, taken up, laid aside or set at one moment, and all of those together. */
  const choices = (state: State, step: number): State[] => {
    const found = new Map<string, State>();
    const look = (now: State) => {
      const key = keyOf(now);
      if (found.has(key)) return;
      found.set(key, now);
      const copy = (): State => ({
        pieces: now.pieces.map((each) => ({ ...each })),
        machines: now.machines.map((each) => ({ ...each })),
      });
      const bound = [
        ...now.pieces.filter(({ person, aside }) => person >= 0 && !aside),
        ...now.machines.filter(({ handsLeft }) => handsLeft > 0),
      ].map(({ person }) => person);
      const free = people.flatMap((_, i) => (bound.includes(i) || awayAt(i, step) ? [] : [i]));
      const onIt = (m: number) =>
        now.pieces.filter((piece, p) => {
          const block = blockOf(p, piece);
          return block?.use?.machine === m && piece.since >= 0 && onMachine(block, piece.since);
        }).length + ((now.machines[m]?.back ?? 0) > 0 ? 1 : 0);
      now.machines.forEach((machine, m) => {
        const work = machines[m];
        if (!work || machine.changing > 0 || onIt(m) > 0 || step < stepsOf(work.freeFromS)) return;
        work.changes[machine.set === null ? 0 : machine.set + 1]?.forEach((change, to) => {
          if (to === machine.set || !change) return;
          const { handsS, thenS } = change;
          free.forEach((person) => {
            const then = copy();
            then.machines[m] = {
              ...{ set: to, person, handsLeft: stepsOf(handsS), back: 0 },
              changing: stepsOf(handsS + thenS),
            };
            look(then);
          });
        });
      });
      now.pieces.forEach((piece, p) => {
        const block = blockOf(p, piece);
        if (!block) return;
        const put = (part: Partial<PieceState>) => {
          const then = copy();
          then.pieces[p] = { ...piece, ...part };
          look(then);
        };
        const waits =
          block.after !== null &&
          (now.pieces[block.after]?.block ?? 0) < (pieces[block.after]?.blocks.length ?? 0);
        if (piece.since >= 0) {
          if (!block.mayPause) return;
          if (piece.aside && free.includes(piece.person)) put({ aside: false, stretch: 0 });
          if (!piece.aside && piece.stretch >= stepsOf(LEAST_PART_S))
            put({ aside: true, left: piece.left + stepsOf(PICK_UP_S) });
          return;
        }
        const isIn = (other: number) => {
          const use = pieces[other]?.blocks.findIndex((each) => each.use !== null) ?? -1;
          const { block: at = 0, since = -1 } = now.pieces[other] ?? {};
          return at > use || (at === use && since >= 0);
        };
        if (piece.rest > 0 || waits || !block.behind.every(isIn)) return;
        if (block.mayPause) {
          free.forEach((person) =>
            put({ since: 0, left: stepsOf(block.lastsS), stretch: 0, person }),
          );
          return;
        }
        const { use } = block;
        const machine = use && now.machines[use.machine];
        const work = use && machines[use.machine];
        if (use && machine && work) {
          if (machine.set !== use.setting || machine.changing > 0) return;
          if (onIt(use.machine) >= work.places || step < stepsOf(work.freeFromS)) return;
        }
        put({ since: 0 });
      });
    };
    look(state);
    return [...found.values()];
  };

  let layer = new Map([[keyOf(first), first]]);
  let states = 0;
  for (let step = 0; ; step++) {
    const next = new Map<string, State>();
    for (const state of layer.values()) {
      if (isDone(state)) return step * STEP_S;
      for (const chosen of choices(state, step)) {
        const working = chosen.pieces.filter(({ person, aside }) => person >= 0 && !aside);
        const setting = chosen.machines.filter(({ handsLeft }) => handsLeft > 0);
        const busy = [...working, ...setting].map(({ person }) => person);
        // away: what may be laid aside cannot go on
        if (busy.some((person) => awayAt(person, step))) continue;
        const then = passed(chosen, step, busy);
        if (then) next.set(keyOf(then), then);
      }
      states++;
      if (states > mostStates) return null;
    }
    if (next.size === 0) return null;
    layer = next;
  }
}
