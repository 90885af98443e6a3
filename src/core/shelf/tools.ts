import type { Cutter, Job, Machine, Paper, Printer, Shelf, TransferKind } from '../model';
import { worksOn } from '../press';
import { TRANSFERS } from '../transfer';
import { freeName } from './adopt';
import { BUILT_IN_SHELF } from './builtIn';

/** A tool that a job names and its shelf lacks, and what stands in for it until it is settled. */
export interface MissingTool {
  readonly what: 'paper' | 'film' | 'printer' | 'machine' | 'cutter';
  readonly id: string;
  /** The nearest that is there; null for a cutter, since scissors always do. */
  readonly instead: { readonly id: string; readonly name: string } | null;
}

/** What a job is printed, cut and pressed with. */
export interface Tools {
  readonly paper: Paper;
  /** The film the print goes on; null where its transfer needs none. */
  readonly film: Paper | null;
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

/** What a transfer comes on. */
export const comesOn = (transfer: TransferKind): Paper['is'] =>
  TRANSFERS[transfer].preprinted ? 'ready-made' : 'paper';

/** Whether a sheet may be taken for a transfer: it is made for it, or it is not known for which. */
export const isFor = ({ product }: Paper, transfer: TransferKind): boolean =>
  (product?.transfer ?? transfer) === transfer;

/** The tools a job names; for each that its shelf lacks, the nearest that is there. */
export function toolsFor(job: Job, shelf: Shelf): Tools {
  const missing: MissingTool[] = [];
  const { paperId, filmId, printerId, cutterId } = job.sheet;
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
  const { ink, filmBeyondMm } = TRANSFERS[job.transfer];
  const firstOf = (is: Paper['is']) =>
    nearest(
      shelf.papers.filter(({ used }) => !used),
      BUILT_IN_SHELF.papers,
      (each) => each.is === is && !each.offcut && isFor(each, job.transfer),
    );
  const paper = pick('paper', paperId, shelf.papers, () => firstOf(comesOn(job.transfer)));
  const film =
    filmBeyondMm === null ? null : pick('film', filmId, shelf.papers, () => firstOf('film'));
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
  return { paper, film, printer, machine, cutter, missing };
}

/** Longest name a copy is called after, signs: there is room for a number behind it. */
const MOST_NAME = 100;

/**
 * A paper as the person's own: itself where something is known of it as it was bought, or where it is an offcut; of a
 * size out of the catalogue a copy, so that the catalogue stays as it is.
 * @param newId for the copy.
 */
export const ownPaper = (paper: Paper, papers: readonly Paper[], newId: string): Paper =>
  paper.product || paper.offcut
    ? paper
    : {
        ...paper,
        id: newId,
        name: freeName(`My ${paper.name}`.slice(0, MOST_NAME), papers),
        origin: 'own setting',
      };
