import type { Job, Shelf } from '../model';
import { EMPTY_SHELF } from './builtIn';

interface Adopted {
  /** The job, pointing at tools that the shelf holds or is about to hold. */
  readonly job: Job;
  /** What has to be added to the shelf. */
  readonly add: Shelf;
}

/** Whether two shelf things are the same apart from the order of their keys. */
function same(one: unknown, other: unknown): boolean {
  const sorted = (_key: string, value: unknown): unknown =>
    value !== null && typeof value === 'object' && !Array.isArray(value)
      ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => a.localeCompare(b)))
      : value;
  return JSON.stringify(one, sorted) === JSON.stringify(other, sorted);
}

/**
 * Brings a job from elsewhere onto a shelf: tools the shelf has already are used, new ones are
 * added, and one whose name is taken by something different gets a name of its own.
 * @param newId makes a fresh id.
 */
export function adoptTools(job: Job, theirs: Shelf, ours: Shelf, newId: () => string): Adopted {
  const adopt = <T extends { id: string }>(id: string, from: readonly T[], have: readonly T[]) => {
    const tool = from.find((each) => each.id === id);
    const known = have.find((each) => each.id === id);
    if (!tool || (known && same(tool, known))) return { id, add: [] };
    const own = known ? { ...tool, id: newId() } : tool;
    return { id: own.id, add: [own] };
  };
  const paper = adopt(job.sheet.paperId, theirs.papers, ours.papers);
  const printer = adopt(job.sheet.printerId, theirs.printers, ours.printers);
  const machine = adopt(job.heat.machineId, theirs.machines, ours.machines);
  const cutter = job.sheet.cutterId
    ? adopt(job.sheet.cutterId, theirs.cutters, ours.cutters)
    : { id: null, add: [] };
  return {
    job: {
      ...job,
      sheet: { ...job.sheet, paperId: paper.id, printerId: printer.id, cutterId: cutter.id },
      heat: { ...job.heat, machineId: machine.id },
    },
    add: {
      ...EMPTY_SHELF,
      papers: paper.add,
      printers: printer.add,
      machines: machine.add,
      cutters: cutter.add,
      figures: theirs.figures.filter((own) => !ours.figures.some((known) => same(own, known))),
    },
  };
}
