import type { Blank, Job, TransferKind } from '../model';
import { worksOn } from '../press';
import { TRANSFERS } from '../transfer';
import { BUILT_IN_SHELF } from './builtIn';

/** The first built-in machine that can press such a blank so. */
export const machineFor = (blank: Blank, transfer: TransferKind): string =>
  BUILT_IN_SHELF.machines.find((machine) => worksOn(machine, blank, transfer))?.id ?? 'hand-press';

/** What a transfer comes on: dye sheets and vinyl in ready-made sheets, all else on one's own paper. */
function paperFor(transfer: TransferKind, paperId: string): string {
  const bought = transfer === 'dye-sheet' || transfer === 'vinyl';
  const paper = BUILT_IN_SHELF.papers.find(({ id }) => id === paperId);
  if (bought) return paper?.preprinted ? paperId : 'printed-12';
  return paper?.preprinted ? 'letter' : paperId;
}

/** The job by another transfer; machine, printer, paper and figures follow where they no longer fit. */
export function withTransfer(job: Job, transfer: TransferKind): Job {
  const machine = BUILT_IN_SHELF.machines.find(({ id }) => id === job.heat.machineId);
  const keeps = !machine || worksOn(machine, job.blank, transfer);
  const { ink } = TRANSFERS[transfer];
  const holds = BUILT_IN_SHELF.printers.find(({ id }) => id === job.sheet.printerId)?.ink;
  const printer = BUILT_IN_SHELF.printers.find((each) => each.ink === ink);
  return {
    ...job,
    transfer,
    sheet: {
      ...job.sheet,
      paperId: paperFor(transfer, job.sheet.paperId),
      printerId: printer && holds && holds !== ink ? printer.id : job.sheet.printerId,
    },
    heat: {
      ...job.heat,
      machineId: keeps ? job.heat.machineId : machineFor(job.blank, transfer),
      own: { temperatureC: null, dwellS: null, pressure: null },
      figureSchool: 'A',
    },
  };
}
