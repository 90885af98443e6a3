import type {
  EveningRun,
  Machine,
  Operation,
  PressRecord,
  Program,
  RunEvent,
  TaskCode,
} from '../model';
import { spanOf } from '../press';
import type { Assembled } from './assemble';
import { ROOM_C } from '../traits';
import { HOT_ENOUGH_C } from './settings';

/** How long a task takes by hand, and how often that was timed. */
export interface LearnedTime {
  readonly s: number;
  readonly times: number;
}
/** What hands were timed at, by task; a task nobody was timed at is not in it. */
export type LearnedTimes = ReadonlyMap<TaskCode, LearnedTime>;

/** The estimate from memory counts as much as so many timings (own choice). */
const ESTIMATE_COUNTS = 3;
/** Beyond so many times the estimate, or below a share of it, somebody was away or told it late. */
const LEAST_SHARE = 0.2;
const MOST_SHARE = 5;

/** Whether an operation is work of hands that no clock counts. */
export const isHandwork = ({ hands, countedS, kind }: Operation): boolean =>
  hands === 'busy' && countedS === null && kind !== 'warm-up';

/** How long each operation by hand took by what happened, s: from when it was begun, else from the touch before. */
function timed(
  program: Program,
  events: readonly RunEvent[],
): { operation: Operation; s: number }[] {
  const found: { operation: Operation; s: number }[] = [];
  let begun: RunEvent | null = null;
  let last: number | null = null;
  for (const event of events) {
    const at = Date.parse(event.at);
    const operation = program.operations.find(({ id }) => id === event.operationId);
    if (event.kind === 'begun') begun = event;
    const own = begun?.operationId === event.operationId ? Date.parse(begun.at) : null;
    const from = own ?? (begun === null ? last : null);
    if (event.kind === 'ended' && operation && from !== null && isHandwork(operation))
      found.push({ operation, s: (at - from) / 1000 });
    if (event.kind !== 'begun') [begun, last] = [null, at];
  }
  return found;
}

/**
 * What hands were timed at in the pressings that are written down: the mean of the logarithms, with the estimate from
 * memory among them. What simulated machines pressed is left out.
 */
export function learnedTimes(records: readonly PressRecord[]): LearnedTimes {
  const all = new Map<TaskCode, { logs: number; times: number; usualS: number }>();
  for (const { program, events, simulated } of records) {
    if (!program || simulated) continue;
    for (const { operation, s } of timed(program, events)) {
      // the estimate, not what an earlier evening made of it
      const [, usualS] = spanOf(operation.does);
      if (s < LEAST_SHARE * usualS || s > MOST_SHARE * usualS) continue;
      const before = all.get(operation.does) ?? { logs: 0, times: 0, usualS };
      all.set(operation.does, {
        ...{ logs: before.logs + Math.log(s), times: before.times + 1, usualS: before.usualS },
      });
    }
  }
  return new Map(
    [...all].map(([does, { logs, times, usualS }]) => {
      const mean = (ESTIMATE_COUNTS * Math.log(usualS) + logs) / (ESTIMATE_COUNTS + times);
      return [does, { s: Math.round(Math.exp(mean)), times }];
    }),
  );
}

/** A program with the times its person needs. */
export function asTimed(program: Program, times: LearnedTimes): Program {
  if (times.size === 0) return program;
  return {
    ...program,
    operations: program.operations.map((operation) => {
      const own = isHandwork(operation) ? times.get(operation.does) : undefined;
      return own ? { ...operation, lasts: { ...operation.lasts, usualS: own.s } } : operation;
    }),
  };
}

/** How long a machine took from switched on to its heat. */
export interface WarmedUp {
  readonly machineId: string;
  /** To the hottest it was set to that evening, s. */
  readonly warmUpS: number;
}

/** What machines took to warm up in an evening, by what their displays were read to say. */
export function warmUpsOf(
  { machines, evening }: Assembled,
  { events }: EveningRun,
): readonly WarmedUp[] {
  const usesAt = ({ piece, block }: { piece: number; block: number }) =>
    evening.pieces[piece]?.blocks[block]?.use;
  const own = machines.flatMap(({ fitted, heats, off }, m) =>
    [...new Set(fitted)].map((machine) => ({
      ...{ machine, m },
      heats: heats.filter((_, i) => fitted[i] === machine && i !== off),
    })),
  );
  return own.flatMap(({ machine, m, heats }): WarmedUp[] => {
    const on = events.find((event) => event.kind === 'set' && event.machineId === machine.id);
    if (on?.kind !== 'set' || on.heatC === null) return [];
    const wanted = on.heatC;
    // set otherwise, or cooled by what was pressed, it gets there from somewhere else
    const again = events.find(
      (event) =>
        event !== on &&
        (event.kind === 'set'
          ? event.machineId === machine.id
          : event.kind === 'begun' && usesAt(event)?.machine === m),
    );
    const there = events.find(
      (event) =>
        (event.kind === 'ready' || event.kind === 'reads') &&
        event.machineId === machine.id &&
        (event.kind === 'ready' || Math.abs(event.c - wanted) <= HOT_ENOUGH_C),
    );
    if (!there || (again && again.at < there.at)) return [];
    const s = (Date.parse(there.at) - Date.parse(on.at)) / 1000;
    const hottest = Math.max(...heats.map((heat) => heat ?? wanted));
    return [
      { machineId: machine.id, warmUpS: Math.round((s * (hottest - ROOM_C)) / (wanted - ROOM_C)) },
    ];
  });
}

/** Machines with what was learned of their warming up: the mean of what was known and what was seen, s. */
export const withWarmUps = (
  machines: readonly Machine[],
  seen: readonly WarmedUp[],
): readonly Machine[] =>
  machines.flatMap((machine) => {
    const own = seen.find(({ machineId }) => machineId === machine.id);
    if (!own) return [];
    const known = machine.warmUpS ?? own.warmUpS;
    return [
      { ...machine, warmUpS: Math.min(MOST_WARM_UP_S, Math.round((known + own.warmUpS) / 2)) },
    ];
  });
/** No machine warms up for longer, s: somebody forgot to look. */
const MOST_WARM_UP_S = 7200;
