import type { Cutter, Job, Machine, Paper, Printer, Shelf } from '../model';
import { worksOn } from '../press';
import { TRANSFERS } from '../transfer';
import { BUILT_IN_SHELF } from './builtIn';

/** A tool that a job names and its shelf lacks, and what stands in for it until it is settled. */
export interface MissingTool {
  readonly what: 'paper' | 'printer' | 'machine' | 'cutter';
  readonly id: string;
  /** The nearest that is there; null for a cutter, since scissors always do. */
  readonly instead: { readonly id: string; readonly name: string } | null;
}

/** What a job is printed, cut and pressed with. */
export interface Tools {
  readonly paper: Paper;
  readonly printer: Printer;
  readonly machine: Machine;
  /** Null when the pieces are cut by hand. */
  readonly cutter: Cutter | null;
  readonly missing: readonly MissingTool[];
}

/** The nearest of some things: the first that does, else the first at all; of ours where there is none. */
function nearest<T>(things: readonly T[], ours: readonly T[], does: (thing: T) => boolean): T {
  const found = things.find(does) ?? ours.find(does) ?? things[0] ?? ours[0];
  if (!found) throw new Error('The built-in shelf is empty.');
  return found;
}

/** The tools a job names; for each that its shelf lacks, the nearest that is there. */
export function toolsFor(job: Job, shelf: Shelf): Tools {
  const missing: MissingTool[] = [];
  const { paperId, printerId, cutterId } = job.sheet;
  const pick = <T extends { id: string; name: string }>(
    what: MissingTool['what'],
    id: string,
    things: readonly T[],
    instead: () => T,
  ): T => {
    const found = things.find((thing) => thing.id === id);
    if (found) return found;
    const other = instead();
    missing.push({ what, id, instead: { id: other.id, name: other.name } });
    return other;
  };
  const { ink, preprinted } = TRANSFERS[job.transfer];
  const paper = pick('paper', paperId, shelf.papers, () =>
    nearest(
      shelf.papers.filter(({ used }) => !used),
      BUILT_IN_SHELF.papers,
      (each) => each.preprinted === preprinted && !each.offcut,
    ),
  );
  const printer = pick('printer', printerId, shelf.printers, () =>
    nearest(shelf.printers, BUILT_IN_SHELF.printers, (each) => ink === null || each.ink === ink),
  );
  const machine = pick('machine', job.heat.machineId, shelf.machines, () =>
    nearest(shelf.machines, BUILT_IN_SHELF.machines, (each) =>
      worksOn(each, job.blank, job.transfer),
    ),
  );
  const cutter = shelf.cutters.find(({ id }) => id === cutterId) ?? null;
  if (cutterId !== null && !cutter) missing.push({ what: 'cutter', id: cutterId, instead: null });
  return { paper, printer, machine, cutter, missing };
}
