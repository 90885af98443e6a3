import type { PrintShape } from './passes';
import type { Task } from './recipe';

/** How a print is laid that is no single sheet: folded over the blank, or its loose pieces under a mask. */
export const laidAs = (print: PrintShape, tasks: readonly Task[]): readonly Task[] =>
  tasks.flatMap((task): readonly Task[] => {
    if (task.does !== 'lay-and-tape' || print === 'whole') return [task];
    return print === 'folded'
      ? [{ does: 'fold-over-light' }]
      : [{ does: 'mask-on' }, task, { does: 'mask-off' }];
  });
