import type { Machine } from '../model';
import { MACHINES } from '../traits';
import type { WorkPart, WorkParts } from './blocks';
import { stepS, type Step } from './steps';

/** How long a thing is laid on its machine before that is closed, s. */
const layingS = ({ steps }: WorkPart): number =>
  steps.reduce((sum, step) => sum + (step.lays ? stepS(step) : 0), 0);

/** The machine that a thing cools and the next one finds cooled: none where things stand free in it. */
function cooledBy({ use }: WorkPart, machines: readonly Machine[]): Machine | undefined {
  const machine = use?.cools ? machines.find(({ id }) => id === use.machineId) : undefined;
  return machine && MACHINES[machine.kind].batches !== 'standing free' ? machine : undefined;
}

/** Steps whose last one on the machine leaves it cooled for so long after closing; the next is laid on it meanwhile. */
function recovering(steps: readonly Step[], recoverS: number, laidInS: number): readonly Step[] {
  const last = steps.findLastIndex(({ onMachine }) => onMachine);
  const closed = steps.findLastIndex(({ onMachine, lays }, i) => i <= last && (!onMachine || lays));
  const dwellS = steps.slice(closed + 1, last + 1).reduce((sum, step) => sum + stepS(step), 0);
  const backS = Math.max(0, Math.ceil(recoverS - dwellS - laidInS));
  return steps.map((step, i) => (i === last ? { ...step, backS } : step));
}

/**
 * The work of an evening with the rest of each machine's recovery after every pressing shorter than that: by what was
 * measured of it (`Machine.recoverS`); machines that nobody measured are thought to be back at once.
 */
export function withRecovery(
  all: readonly WorkParts[],
  machines: readonly Machine[],
): readonly WorkParts[] {
  const parts = all.flatMap(({ main }) => main);
  const laidInS = (machine: Machine): number =>
    Math.min(...parts.filter(({ use }) => use?.machineId === machine.id).map(layingS));
  return all.map(({ main, aside }) => ({
    aside,
    main: main.map((part) => {
      const machine = cooledBy(part, machines);
      if (!machine?.recoverS) return part;
      return { ...part, steps: recovering(part.steps, machine.recoverS, laidInS(machine)) };
    }),
  }));
}
