import type { Layer, Operation, OperationKind } from '../model';
import type { PressSide } from './sides';
import type { Task } from './recipe';
import { spanOf } from './times';

/** An operation before it has its name and its pass. */
export type Draft = Omit<Operation, 'id' | 'pass'>;

/** What the table's clock does not end: waits and cooling may go on for a day. */
const ANY_TIME_S = 24 * 3600;

/** An operation for a task, with the time hands or its clock take. */
export function draft(kind: OperationKind, task: Task, more: Partial<Draft> = {}): Draft {
  const [leastS, usualS, mostS] = spanOf(task.does);
  const { durationS = null, withinS = null } = task;
  // (written out: a plan makes hundreds of them)
  return {
    does: task.does,
    kind,
    faceId: null,
    section: null,
    timer: null,
    turn: null,
    load: null,
    onMachine: false,
    hands: 'busy',
    lasts:
      durationS === null
        ? { leastS, usualS, mostS }
        : { leastS: durationS, usualS: durationS, mostS: ANY_TIME_S },
    countedS: durationS,
    temperatureC: null,
    pressure: null,
    mayOverrunS: null,
    startsAfter: null,
    withinS,
    layUp: null,
    uses: [],
    cautions: [],
    ...more,
  };
}

/** What a lay-up uses up. */
export const usedBy = (layers: readonly Layer[], side: PressSide | null): Operation['uses'] =>
  [
    ...new Set(layers.filter((l) => l.lasts === 'once' || l.role === 'print').map(({ is }) => is)),
  ].map((is) => ({
    is,
    count:
      layers.filter((layer) => layer.is === is).length * (isPair(side) && is === 'print' ? 2 : 1),
  }));

/** Whether both of a pair are pressed at once. */
export const isPair = (side: PressSide | null): boolean => (side?.alsoFaceId ?? null) !== null;

/**
 * Names every operation: by its kind, numbered where there are several.
 * @param pass which of the program's passes they are of, from 0. @param prefix before every name.
 */
export function named(operations: readonly Draft[], pass: number, prefix: string): Operation[] {
  const seen = new Map<OperationKind, number>();
  const total = new Map<OperationKind, number>();
  for (const { kind } of operations) total.set(kind, (total.get(kind) ?? 0) + 1);
  return operations.map((each) => {
    const nth = (seen.get(each.kind) ?? 0) + 1;
    seen.set(each.kind, nth);
    const id = `${prefix}${each.kind}${(total.get(each.kind) ?? 0) > 1 ? `-${nth}` : ''}`;
    return { id, pass, ...each, startsAfter: each.startsAfter && `${prefix}${each.startsAfter}` };
  });
}
