import type { Operation, Program, RunEvent, TransferKind } from '../model';

/** A pressing that took place: what was to be done, and what happened. */
export interface Pressing {
  readonly program: Program;
  readonly events: readonly RunEvent[];
}

/** What has become of one operation. */
interface Progress {
  readonly begunAt: string | null;
  readonly endedAt: string | null;
  readonly skipped: boolean;
}

const UNTOUCHED: Progress = { begunAt: null, endedAt: null, skipped: false };

/** What has become of every operation that anything happened to. */
function progressOf({ events }: Pressing): ReadonlyMap<string, Progress> {
  const progress = new Map<string, Progress>();
  for (const { kind, operationId, at } of events) {
    const before = progress.get(operationId) ?? UNTOUCHED;
    if (kind === 'begun') progress.set(operationId, { ...before, begunAt: at });
    else if (kind === 'reopened') progress.delete(operationId);
    else progress.set(operationId, { ...before, endedAt: at, skipped: kind === 'skipped' });
  }
  return progress;
}

/** What was really done, from what happened. */
export interface Done {
  /** Seconds pressed by the main presses of the longest-pressed place, timer runs added up; null where none ran. */
  readonly pressedS: number | null;
  /** Placements pressed, and how many there were. */
  readonly presses: number;
  readonly pressesPlanned: number;
  readonly skipped: number;
}

/** What one transfer's pass of a program came to, by the events of its pressing. */
export function whatWasDone(pressing: Pressing, transfer: TransferKind): Done {
  const progress = progressOf(pressing);
  const { operations, passes } = pressing.program;
  const main = operations.filter(
    ({ kind, layUp, pass }) =>
      kind === 'press' && layUp !== null && passes[pass]?.transfer === transfer,
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
