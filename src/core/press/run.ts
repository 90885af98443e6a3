import {
  same,
  type Operation,
  type Program,
  type Run,
  type RunEvent,
  type TransferKind,
} from '../model';

/** A run with its program frozen: what later edits of the job do not touch. */
export type FrozenRun = Run & { readonly program: Program };

/** Begins a pressing: freezes the program. */
export const startRun = (jobId: string, program: Program, now: Date): FrozenRun => ({
  ...{ jobId, program, before: null, events: [] },
  startedAt: now.toISOString(),
});

/** A run that an older version began, on the program of the moment; any other as it is. */
export function frozen(run: Run, program: Program): FrozenRun {
  if (run.program) return { ...run, program: run.program };
  const { stepIndex = 0, countdownFrom = null } = run.before ?? {};
  // the older version had no step of its own for switching on
  const gone = program.operations.slice(0, stepIndex === 0 ? 0 : stepIndex + 1);
  const at = program.operations[gone.length];
  return {
    ...run,
    ...{ program, before: null },
    events: [
      ...gone.map(({ id }): RunEvent => ({ at: run.startedAt, kind: 'ended', operationId: id })),
      ...(at && countdownFrom
        ? [{ at: countdownFrom, kind: 'begun' as const, operationId: at.id }]
        : []),
    ],
  };
}

/** What has become of one operation. */
interface Progress {
  readonly begunAt: string | null;
  readonly endedAt: string | null;
  readonly skipped: boolean;
}

const UNTOUCHED: Progress = { begunAt: null, endedAt: null, skipped: false };

/** What has become of every operation that anything happened to. */
export function progressOf({ events, program }: FrozenRun): ReadonlyMap<string, Progress> {
  const progress = new Map<string, Progress>();
  for (const { kind, operationId, at } of events) {
    const before = progress.get(operationId) ?? UNTOUCHED;
    if (kind === 'begun') progress.set(operationId, { ...before, begunAt: at });
    else if (kind === 'reopened') progress.delete(operationId);
    else progress.set(operationId, { ...before, endedAt: at, skipped: kind === 'skipped' });
  }
  // a clock that goes on beside the hands begins where it was set off
  for (const { id, startsAfter } of program.operations) {
    const setOff = startsAfter === null ? null : (progress.get(startsAfter)?.endedAt ?? null);
    const own = progress.get(id) ?? UNTOUCHED;
    if (setOff !== null && own.begunAt === null) progress.set(id, { ...own, begunAt: setOff });
  }
  return progress;
}

/** The operation at hand: the first that is not done; undefined once all are. */
export function atHand(run: FrozenRun): Operation | undefined {
  const progress = progressOf(run);
  return run.program.operations.find(({ id }) => !progress.get(id)?.endedAt);
}

/** How many operations are done or passed over. */
export function doneCount(run: FrozenRun): number {
  const progress = progressOf(run);
  return run.program.operations.filter(({ id }) => progress.get(id)?.endedAt).length;
}

const told = (
  run: FrozenRun,
  kind: RunEvent['kind'],
  operationId: string,
  now: Date,
): FrozenRun => ({
  ...run,
  events: [...run.events, { kind, operationId, at: now.toISOString() }],
});

/** Starts the clock of the operation at hand. */
export function begin(run: FrozenRun, now: Date): FrozenRun {
  const operation = atHand(run);
  return operation ? told(run, 'begun', operation.id, now) : run;
}

/** The operation at hand is done; one whose clock never ran is passed over. */
export function end(run: FrozenRun, now: Date): FrozenRun {
  const operation = atHand(run);
  if (!operation) return run;
  const ran = operation.countedS === null || progressOf(run).get(operation.id)?.begunAt;
  return told(run, ran ? 'ended' : 'skipped', operation.id, now);
}

/** One operation back, its clock cleared; at the first one nothing changes. */
export function goBack(run: FrozenRun, now: Date): FrozenRun {
  const at = atHand(run);
  const { operations } = run.program;
  const before = operations[(at ? operations.indexOf(at) : operations.length) - 1];
  if (!before) return run;
  const cleared = at ? told(run, 'reopened', at.id, now) : run;
  return told(cleared, 'reopened', before.id, now);
}

/** Where the operation at hand stands. */
export type Phase =
  /** Nothing is counted: the person does it and says so; within so many seconds, `leftS` of them left (below 0: over). */
  | { kind: 'by-hand'; window: { withinS: number; leftS: number } | null }
  | { kind: 'ready'; durationS: number }
  | { kind: 'counting'; leftS: number; durationS: number; from: string }
  /** Time is up; `overS` says since when. */
  | { kind: 'over'; overS: number; durationS: number; from: string }
  | { kind: 'finished' };

/** How much is left of the time within which an operation has to begin; null where it can wait. */
function windowOf(run: FrozenRun, operation: Operation, now: Date) {
  const { operations } = run.program;
  const before = operations[operations.indexOf(operation) - 1];
  const since = before && progressOf(run).get(before.id)?.endedAt;
  if (operation.withinS === null || !since) return null;
  const goneS = Math.max(0, (now.getTime() - Date.parse(since)) / 1000);
  return { withinS: operation.withinS, leftS: operation.withinS - goneS };
}

/** Where a run stands at a moment. */
export function phaseOf(run: FrozenRun, now: Date): Phase {
  const operation = atHand(run);
  if (!operation) return { kind: 'finished' };
  const durationS = operation.countedS;
  if (durationS === null) return { kind: 'by-hand', window: windowOf(run, operation, now) };
  const from = progressOf(run).get(operation.id)?.begunAt ?? null;
  if (from === null) return { kind: 'ready', durationS };
  const goneS = Math.max(0, (now.getTime() - Date.parse(from)) / 1000);
  const leftS = durationS - goneS;
  return leftS > 0
    ? { kind: 'counting', leftS, durationS, from }
    : { kind: 'over', overS: -leftS, durationS, from };
}

/** Whether the job would be pressed otherwise by now than this run began. */
export const outdated = ({ program }: FrozenRun, now: Program): boolean => !same(program, now);

/** What was really done, from what happened. */
export interface Done {
  /** Seconds pressed by the main presses of the longest-pressed place, timer runs added up; null where none ran. */
  readonly pressedS: number | null;
  /** Placements pressed, and how many there were. */
  readonly presses: number;
  readonly pressesPlanned: number;
  readonly skipped: number;
}

/** What one transfer's pass of a program came to, by the events of its run. */
export function whatWasDone(run: FrozenRun, transfer: TransferKind): Done {
  const progress = progressOf(run);
  const main = run.program.operations.filter(
    ({ kind, layUp, pass }) =>
      kind === 'press' && layUp !== null && run.program.passes[pass]?.transfer === transfer,
  );
  const placeOf = ({ load, faceId, section, turn }: Operation) =>
    [load?.number, faceId, section?.number, turn?.number].join('|');
  const seconds = new Map<string, number>();
  for (const each of main) {
    const { begunAt, endedAt, skipped } = progress.get(each.id) ?? UNTOUCHED;
    if (!begunAt || !endedAt || skipped) continue;
    const s = (Date.parse(endedAt) - Date.parse(begunAt)) / 1000;
    seconds.set(placeOf(each), (seconds.get(placeOf(each)) ?? 0) + s);
  }
  return {
    pressedS: seconds.size > 0 ? Math.max(...seconds.values()) : null,
    presses: seconds.size,
    pressesPlanned: new Set(main.map(placeOf)).size,
    skipped: [...progress.values()].filter(({ skipped }) => skipped).length,
  };
}
