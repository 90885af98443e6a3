import type { Operation, OperationKind } from '../model';
import type { Task } from './recipe';
import { spanOf } from './times';

/** An operation before it has its name and its pass. */
export type Draft = Omit<Operation, 'id' | 'pass'>;

/** What the table's clock does not end: waits and cooling may go on for a day. */
const ANY_TIME_S = 24 * 3600;

const NOTHING: Omit<Draft, 'does' | 'kind' | 'lasts' | 'countedS' | 'withinS'> = {
  faceId: null,
  section: null,
  timer: null,
  turn: null,
  load: null,
  onMachine: false,
  hands: 'busy',
  temperatureC: null,
  pressure: null,
  mayOverrunS: null,
  startsAfter: null,
  layUp: null,
  uses: [],
  cautions: [],
};

/** An operation for a task, with the time hands or its clock take. */
export function draft(kind: OperationKind, task: Task, more: Partial<Draft> = {}): Draft {
  const [leastS, usualS, mostS] = spanOf(task.does);
  const { durationS = null, withinS = null } = task;
  return {
    ...NOTHING,
    ...{ does: task.does, kind, countedS: durationS, withinS },
    lasts:
      durationS === null
        ? { leastS, usualS, mostS }
        : { leastS: durationS, usualS: durationS, mostS: ANY_TIME_S },
    ...more,
  };
}
