import { leavesBox } from '../art';
import {
  NOTHING_OWN,
  onPass,
  type Blank,
  type FurtherPass,
  type Job,
  type Machine,
  type Paper,
  type Shelf,
  type TransferKind,
} from '../model';
import { recipeFor, worksOn } from '../press';
import { isCloth } from '../traits';
import { TRANSFERS, USUAL_MARGIN_MM } from '../transfer';
import { BUILT_IN_SHELF } from './builtIn';
import { comesOn, isFor, toolsFor } from './tools';

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

/** Whether a machine gives the pressure that its recipe for such a blank asks for. */
const pressesSo = (machine: Machine, blank: Blank, transfer: TransferKind): boolean => {
  const { pressure } = recipeFor({
    ...{ machine, blank, transfer, school: 'A', areaMm2: 0, figures: [], product: null },
  });
  return (
    pressure === null || machine.pressures.length === 0 || machine.pressures.includes(pressure)
  );
};

/** The machine to press such a blank so: of the shelf, else one of ours that it does not hold. */
export const machineFor = (blank: Blank, transfer: TransferKind, shelf: Shelf): string => {
  const will = machinesFor(blank, transfer, shelf);
  const [machine] = [
    ...will.filter((each) => pressesSo(each, blank, transfer)),
    ...will,
    ...machinesFor(blank, transfer, BUILT_IN_SHELF),
    ...shelf.machines,
    ...BUILT_IN_SHELF.machines,
  ];
  return machine?.id ?? '';
};

/** The sheet for a transfer: one made for it, the one named before others; else the one named, else any of its kind. */
export function sheetFor(transfer: TransferKind, job: Job, shelf: Shelf): string {
  const does = (paper: Paper) => paper.is === comesOn(transfer) && isFor(paper, transfer);
  const named = shelf.papers.find(({ id }) => id === job.sheet.paperId);
  const will = [...shelf.papers, ...BUILT_IN_SHELF.papers].filter(
    (paper) => does(paper) && !paper.used && !paper.offcut,
  );
  const first = named && does(named) ? [named, ...will] : will;
  const made = first.find(({ product }) => product?.transfer === transfer) ?? first[0];
  return made?.id ?? job.sheet.paperId;
}

function printerFor(transfer: TransferKind, job: Job, shelf: Shelf): string {
  const { ink } = TRANSFERS[transfer];
  const { printerId } = job.sheet;
  const named = shelf.printers.find(({ id }) => id === printerId);
  if (ink === null || named?.ink === ink) return printerId;
  const will = ownFirst(shelf.printers, BUILT_IN_SHELF.printers).find((each) => each.ink === ink);
  return will?.id ?? printerId;
}

/** Where a kind asks for its own room between art and cut, it is taken; else what was chosen stays. */
function marginFor(transfer: TransferKind, { cut, transfer: before }: Job): number {
  const [wanted, was] = [TRANSFERS[transfer].cutMarginMm, TRANSFERS[before].cutMarginMm];
  // what the kind before asked for goes with it
  return wanted ?? (was === cut.marginMm ? USUAL_MARGIN_MM : cut.marginMm);
}

/**
 * Dye on a hard blank shows the edge of its paper: it is not cut along the art. What stays white where nothing
 * is printed is, on cloth. Else what was chosen stays.
 */
function lineFor(transfer: TransferKind, { blank, cut, arts }: Job): Job['cut']['line'] {
  const { dye, carrierShows } = TRANSFERS[transfer];
  const cloth = isCloth(blank.substrate);
  if (dye && !cloth) return 'edge';
  return carrierShows && cloth && arts.some(leavesBox) ? 'contour' : cut.line;
}

/** The job by another transfer; machine, printer, paper and figures follow where they no longer fit. */
export function withTransfer(job: Job, transfer: TransferKind, shelf: Shelf): Job {
  const { machine, missing } = toolsFor(job, shelf);
  const keeps =
    worksOn(machine, job.blank, transfer) &&
    pressesSo(machine, job.blank, transfer) &&
    !missing.some(({ what }) => what === 'machine');
  return {
    ...job,
    transfer,
    cut: { ...job.cut, line: lineFor(transfer, job), marginMm: marginFor(transfer, job) },
    sheet: {
      ...job.sheet,
      paperId: sheetFor(transfer, job, shelf),
      printerId: printerFor(transfer, job, shelf),
    },
    heat: {
      ...job.heat,
      machineId: keeps ? job.heat.machineId : machineFor(job.blank, transfer, shelf),
      own: NOTHING_OWN,
      figureSchool: 'A',
      // paper that caught another transfer's colour is no cover for this one
      cover: 'fresh',
    },
  };
}

/**
 * Puts one more transfer on the item, with its usual paper, machine and cut and no picture yet.
 * @param id of the new pass.
 */
export function withPass(job: Job, id: string, transfer: TransferKind, shelf: Shelf): Job {
  const { bleedMm, sheet, heat } = job;
  // a motif of one colour is cut along its outline; what is printed, at its edge
  const line = TRANSFERS[transfer].made === 'cut from one colour' ? 'contour' : 'edge';
  const cut: Job['cut'] = { ...job.cut, line, apart: false };
  const pass: FurtherPass = {
    ...{ id, transfer: job.transfer, placements: [], bleedMm, cut },
    sheet: { ...sheet, seams: [], keepWhole: [] },
    heat: { ...heat, own: NOTHING_OWN, overDye: false },
  };
  const more = { ...job, further: [...job.further, pass] };
  return onPass(more, id, (seen) => withTransfer(seen, transfer, shelf));
}
