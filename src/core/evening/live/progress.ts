import type { EveningEvent, EveningRun, Operation } from '../../model';
import type { Assembled } from '../assemble';
import { rowOf, type Block, type Span } from '../problem';
import { ROOM_C } from '../../traits';
import { HOT_ENOUGH_C, turnedTo, type Heat } from '../settings';
import { stepS, type Step } from '../steps';

/** Where in an evening something stands: which piece, which of its blocks, which step of that. */
export interface Place {
  readonly piece: number;
  readonly block: number;
  readonly step: number;
}

/** How far a piece has come; moments in s since the evening began. */
export interface PieceProgress extends Omit<Place, 'piece'> {
  /** When its step at hand was begun, its clock started; null while it is not. */
  readonly begunS: number | null;
  /** When what came before was done. */
  readonly sinceS: number;
  /** Whether it has rested enough before its block at hand, whatever was thought. */
  readonly rested: boolean;
  /** Who did what came last of its block; null while that is untouched. */
  readonly person: number | null;
  readonly dropped: boolean;
}

/** How a machine stands: what it is set to (null while cold), and when it is as hot as that. */
export interface MachineProgress {
  readonly setting: number | null;
  readonly readyS: number;
  /** How hot it is thought to be, °C; null where it has no degrees. */
  readonly c: number | null;
}

/** How an evening stands. */
export interface EveningProgress {
  readonly pieces: readonly PieceProgress[];
  readonly machines: readonly MachineProgress[];
  /** When each person is away. */
  readonly away: readonly (readonly Span[])[];
}

/** The steps of a block. */
export const stepsAt = (
  { loads }: Assembled,
  { piece, block }: Pick<Place, 'piece' | 'block'>,
): readonly Step[] => loads[piece]?.blocks[block]?.steps ?? [];

/** The operation that a step stands for. */
export function operationAt(made: Assembled, place: Place): Operation | undefined {
  const id = stepsAt(made, place)[place.step]?.operation;
  return made.loads[place.piece]?.things[0]?.program.operations.find((each) => each.id === id);
}

/** Seconds from the beginning of an evening to a moment. */
export const secondsIn = ({ startedAt }: Pick<EveningRun, 'startedAt'>, at: string): number =>
  (Date.parse(at) - Date.parse(startedAt)) / 1000;

type Mutable<T> = { -readonly [K in keyof T]: T[K] };

/** How one step of a piece goes on. @returns when its machine, cooled by it, is back at its heat; null where it is. */
function take(
  made: Assembled,
  piece: Mutable<PieceProgress>,
  event: Touch,
  s: number,
): number | null {
  // what is not at hand is a touch that another tab was before
  if (event.block !== piece.block || event.step !== piece.step || piece.dropped) return null;
  piece.person = event.person;
  if (event.kind === 'begun') {
    piece.begunS = s;
    return null;
  }
  const steps = stepsAt(made, event);
  const done = steps[piece.step];
  // it recovers from when it was closed, however late it is opened
  const backS = done && done.backS > 0 ? (piece.begunS ?? s) + stepS(done) + done.backS : 0;
  [piece.begunS, piece.sinceS] = [null, s];
  piece.step++;
  if (piece.step >= steps.length)
    [piece.block, piece.step, piece.person, piece.rested] = [piece.block + 1, 0, null, false];
  return backS > s ? backS : null;
}
type Touch = Extract<EveningEvent, Place>;

/** How a machine stands, and how it came to be so: how hot it was when it was set, and when that was. */
type Heating = Omit<MachineProgress, 'c'> & { fromC: number; atS: number };

/** How hot a machine is thought to be, °C: as far on its way as its time; null where it has no degrees. */
function heatOf(
  { setting, readyS, fromC, atS }: Heating,
  heats: readonly Heat[],
  s: number,
): number | null {
  const heat = setting === null ? ROOM_C : (heats[setting] ?? null);
  const share = readyS > atS ? Math.min(1, (s - atS) / (readyS - atS)) : 1;
  return heat === null ? null : fromC + share * (heat - fromC);
}

/** A machine that the thing just pressed has cooled. */
function cool(made: Assembled, machines: Mutable<Heating>[], at: Touch, s: number, backS: number) {
  const use = made.evening.pieces[at.piece]?.blocks[at.block]?.use;
  const state = use ? machines[use.machine] : undefined;
  const of = use ? made.machines[use.machine] : undefined;
  if (!use || !state || state.setting !== use.setting) return;
  const dropC = of?.fitted[use.setting]?.dropC ?? 0;
  [state.atS, state.readyS] = [s, Math.max(state.readyS, backS)];
  state.fromC = (of?.heats[use.setting] ?? ROOM_C) - dropC;
}

/** A machine as it was set, by what changing takes; a reading on the way tells how much of that is left. */
function setMachine(
  made: Assembled,
  machines: Mutable<Heating>[],
  event: Extract<EveningEvent, { machineId: string }>,
  s: number,
): void {
  const at = made.machines.findIndex(
    ({ machine, fitted }) =>
      machine.id === event.machineId || fitted.some(({ id }) => id === event.machineId),
  );
  const state = machines[at];
  const { heats = [], fitted = [], off = null } = made.machines[at] ?? {};
  const changes = made.evening.machines[at]?.changes ?? [];
  if (!state) return;
  const wasC = heatOf(state, heats, s);
  if (event.kind === 'set') {
    const setting = fitted.findIndex(
      ({ id }, i) => id === event.machineId && heats[i] === event.heatC,
    );
    if (setting < 0) return;
    const [machine, toC] = [fitted[setting], heats[setting]];
    const same = state.setting !== null && fitted[state.setting] === machine;
    // off and on again take what they take, however hot it is by then
    const onWay = same && state.readyS > s && setting !== off && state.setting !== off;
    const change =
      onWay && machine && wasC !== null && toC != null
        ? turnedTo(machine, wasC, toC)
        : changes[rowOf(state.setting)]?.[setting];
    state.fromC = wasC ?? ROOM_C;
    [state.atS, state.setting, state.readyS] = [s, setting, s + (change?.thenS ?? 0)];
    return;
  }
  if (event.kind === 'ready') {
    if (state.setting !== null) state.readyS = Math.min(state.readyS, s);
    return;
  }
  const wanted = state.setting === null ? null : (heats[state.setting] ?? null);
  if (wanted === null) return;
  const way = wanted - state.fromC;
  const left = way === 0 ? 0 : (wanted - event.c) / way;
  if (Math.abs(wanted - event.c) <= HOT_ENOUGH_C || left <= 0)
    state.readyS = Math.min(state.readyS, s);
  // so far it took so long: the rest takes its share of that
  else if (left < 1) state.readyS = s + ((s - state.atS) * left) / (1 - left);
}

/** How an evening stands by what happened. @param nowS seconds since it began. */
export function progressOf(made: Assembled, run: EveningRun, nowS: number): EveningProgress {
  const pieces = made.loads.map((): Mutable<PieceProgress> => ({
    ...{ block: 0, step: 0, begunS: null, sinceS: 0, rested: false, person: null, dropped: false },
  }));
  const machines = made.machines.map(() => ({
    ...{ setting: null as number | null, readyS: 0, fromC: ROOM_C, atS: 0 },
  }));
  const away: Span[][] = Array.from({ length: run.people }, () => []);
  const tellPiece = (event: Touch | Extract<EveningEvent, { kind: 'dropped' | 'rested' }>) => {
    const piece = pieces[event.piece];
    if (!piece) return;
    if ('step' in event) {
      const s = secondsIn(run, event.at);
      const backS = take(made, piece, event, s);
      if (backS !== null) cool(made, machines, event, s, backS);
    } else if (event.kind === 'dropped') piece.dropped = true;
    else piece.rested = !isBegun(piece);
  };
  for (const event of run.events) {
    const s = secondsIn(run, event.at);
    if (event.kind === 'set' || event.kind === 'reads' || event.kind === 'ready')
      setMachine(made, machines, event, s);
    else if (event.kind === 'away')
      away[event.person]?.push({ fromS: s + event.inS, toS: s + event.inS + event.lastsS });
    else if (event.kind === 'back') {
      const spans = away[event.person] ?? [];
      away[event.person] = spans
        .filter(({ fromS }) => fromS < s)
        .map(({ fromS, toS }) => ({ fromS, toS: Math.min(toS, s) }));
    } else if (event.kind !== 'looked') tellPiece(event);
  }
  // what rests to the end is done by itself
  pieces.forEach((piece, p) => {
    const block = made.evening.pieces[p]?.blocks[piece.block];
    if (!block || stepsAt(made, { piece: p, block: piece.block }).length > 0) return;
    if (piece.rested || nowS >= restedS(block, piece) + block.lastsS) piece.block++;
  });
  return {
    ...{ pieces, away },
    machines: machines.map((state, m) => ({
      ...{ setting: state.setting, readyS: state.readyS },
      c: heatOf(state, made.machines[m]?.heats ?? [], nowS),
    })),
  };
}

/** When a piece has rested enough for its block at hand, s since the evening began. */
export const restedS = (
  { waitS }: Pick<Block, 'waitS'>,
  { sinceS, rested }: Pick<PieceProgress, 'sinceS' | 'rested'>,
): number => sinceS + (rested ? 0 : waitS);

/** Whether anything of the block at hand of a piece was done. */
export const isBegun = ({ begunS, step }: Pick<PieceProgress, 'begunS' | 'step'>): boolean =>
  begunS !== null || step > 0;

/** Whether all of a piece is done, or will not be. */
export const isOver = ({ evening }: Assembled, piece: PieceProgress, at: number): boolean =>
  piece.dropped || piece.block >= (evening.pieces[at]?.blocks.length ?? 0);
