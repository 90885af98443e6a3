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
