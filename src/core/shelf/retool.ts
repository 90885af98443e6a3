import type { Blank, Job, Machine, Shelf, TransferKind } from '../model';
import { worksOn } from '../press';
import { TRANSFERS } from '../transfer';
import { BUILT_IN_SHELF } from './builtIn';
import { toolsFor } from './tools';

/** The person's own things before our presets, else in their order. */
function ownFirst<T>(things: readonly T[], presets: readonly T[]): T[] {
  const own = (thing: T) => !presets.includes(thing);
  return [...things.filter(own), ...things.filter((thing) => !own(thing))];
}

/** The machines of a shelf that can press such a blank so, the person's own first. */
export const machinesFor = (blank: Blank, transfer: TransferKind, shelf: Shelf): Machine[] =>
  ownFirst(shelf.machines, BUILT_IN_SHELF.machines).filter((machine) =>
    worksOn(machine, blank, transfer),
  );

/** The machine to press such a blank so: of the shelf, else one of ours that it does not hold. */
export const machineFor = (blank: Blank, transfer: TransferKind, shelf: Shelf): string => {
  const [machine] = [
    ...machinesFor(blank, transfer, shelf),
    ...machinesFor(blank, transfer, BUILT_IN_SHELF),
    ...shelf.machines,
    ...BUILT_IN_SHELF.machines,
  ];
  return machine?.id ?? '';
};

/** What a transfer comes on: ready-made sheets, or one's own paper; the paper named where it will do. */
function paperFor(transfer: TransferKind, job: Job, shelf: Shelf): string {
  const { preprinted } = TRANSFERS[transfer];
  const named = shelf.papers.find(({ id }) => id === job.sheet.paperId);
  if (named?.preprinted === preprinted) return named.id;
  const will = [...shelf.papers, ...BUILT_IN_SHELF.papers].find(
    (paper) => paper.preprinted === preprinted && !paper.used && !paper.offcut,
  );
  return will?.id ?? job.sheet.paperId;
}

function printerFor(transfer: TransferKind, job: Job, shelf: Shelf): string {
  const { ink } = TRANSFERS[transfer];
  const { printerId } = job.sheet;
  const named = shelf.printers.find(({ id }) => id === printerId);
  if (ink === null || named?.ink === ink) return printerId;
  const will = ownFirst(shelf.printers, BUILT_IN_SHELF.printers).find((each) => each.ink === ink);
  return will?.id ?? printerId;
}

/** The job by another transfer; machine, printer, paper and figures follow where they no longer fit. */
export function withTransfer(job: Job, transfer: TransferKind, shelf: Shelf): Job {
  const { machine, missing } = toolsFor(job, shelf);
  const keeps =
    worksOn(machine, job.blank, transfer) && !missing.some(({ what }) => what === 'machine');
  return {
    ...job,
    transfer,
    sheet: {
      ...job.sheet,
      paperId: paperFor(transfer, job, shelf),
      printerId: printerFor(transfer, job, shelf),
    },
    heat: {
      ...job.heat,
      machineId: keeps ? job.heat.machineId : machineFor(job.blank, transfer, shelf),
      own: { temperatureC: null, dwellS: null, pressure: null },
      figureSchool: 'A',
    },
  };
}
