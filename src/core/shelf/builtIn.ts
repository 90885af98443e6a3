import type { Cutter, Job, Paper, Printer, Shelf } from '../model';
import { TRANSFERS } from '../transfer';
import { inches } from '../units';
import { BLANKS } from './blanks';
import { MACHINES } from './machines';

const paper = (id: string, name: string, widthMm: number, heightMm: number): Paper => ({
  id,
  name,
  widthMm,
  heightMm,
  is: 'paper',
  product: null,
  offcut: false,
  used: false,
  gone: [],
  origin: 'standard',
});

/** ISO 216 (A sizes) and ASME Y14.1 (letter, tabloid); legal is customary. */
const PAPERS: readonly Paper[] = [
  paper('letter', 'US letter', inches(8.5), inches(11)),
  paper('legal', 'US legal', inches(8.5), inches(14)),
  paper('tabloid', 'US tabloid', inches(11), inches(17)),
  paper('a4', 'A4', 210, 297),
  paper('a3', 'A3', 297, 420),
  {
    ...paper('printed-12', 'Ready-made sheet, dye or vinyl', inches(12), inches(12)),
    is: 'ready-made',
    origin: 'common practice',
  },
  // films are sold in the size of the paper that is printed for them
  {
    ...paper('film-letter', 'Film, US letter', inches(8.5), inches(11)),
    is: 'film',
    origin: 'from memory',
  },
];

const even = (mm: number) => ({ top: mm, right: mm, bottom: mm, left: mm });
const BLANK_SIDE =
  'Print on the blank side; logo, grid or coloured lines mark the back. Try one sheet.';

/** What a new printer is taken to do until its prints are measured. */
const UNMEASURED = {
  barMm: { across: 100, along: 100 },
  settings: { media: '', quality: '', colour: '' },
};

/** Margins and reach of ordinary home printers: from memory. */
const PRINTERS: readonly Printer[] = [
  {
    id: 'sublimation-inkjet',
    name: 'Sublimation inkjet',
    ink: 'sublimation',
    marginsMm: even(inches(1 / 8)),
    maxPaperWidthMm: inches(8.5),
    feedSide: BLANK_SIDE,
    driverCanMirror: true,
    mirrorsOnItsOwn: false,
    ...UNMEASURED,
    origin: 'from memory',
  },
  {
    id: 'ordinary-inkjet',
    name: 'Ordinary inkjet',
    ink: 'ordinary inkjet',
    marginsMm: even(inches(1 / 8)),
    maxPaperWidthMm: inches(8.5),
    feedSide: BLANK_SIDE,
    driverCanMirror: true,
    mirrorsOnItsOwn: false,
    ...UNMEASURED,
    origin: 'from memory',
  },
  {
    id: 'laser',
    name: 'Laser printer',
    ink: 'laser toner',
    marginsMm: even(inches(1 / 4)),
    maxPaperWidthMm: inches(8.5),
    feedSide: BLANK_SIDE,
    driverCanMirror: false,
    mirrorsOnItsOwn: false,
    ...UNMEASURED,
    origin: 'from memory',
  },
];

/** 9.25 in is the print-and-cut width of one common kind: common practice. */
const CUTTERS: readonly Cutter[] = [
  {
    id: 'small-cutter',
    name: 'Small cutting machine',
    printAndCutWidthMm: inches(9.25),
    cutOffMm: { x: 0, y: 0 },
    material: '',
    sideToMat: '',
    origin: 'common practice',
  },
];

/** What stands on the shelf before the user adds anything. All of it can be edited. */
export const BUILT_IN_SHELF: Shelf = {
  blanks: [...BLANKS],
  papers: [...PAPERS],
  printers: [...PRINTERS],
  machines: [...MACHINES],
  cutters: [...CUTTERS],
  figures: [],
  colours: [],
};

function overlay<T extends { id: string }>(under: readonly T[], over: readonly T[]): T[] {
  const ids = new Set(over.map(({ id }) => id));
  return [...under.filter(({ id }) => !ids.has(id)), ...over];
}

/** One shelf out of two: what `over` holds replaces what has the same id in `under`. */
export const mergeShelves = (under: Shelf, over: Shelf): Shelf => ({
  blanks: overlay(under.blanks, over.blanks),
  papers: overlay(under.papers, over.papers),
  printers: overlay(under.printers, over.printers),
  machines: overlay(under.machines, over.machines),
  cutters: overlay(under.cutters, over.cutters),
  figures: overlay(under.figures, over.figures),
  colours: overlay(under.colours, over.colours),
});

/** A shelf with nothing on it. */
export const EMPTY_SHELF: Shelf = {
  blanks: [],
  papers: [],
  printers: [],
  machines: [],
  cutters: [],
  figures: [],
  colours: [],
};

/** The film a pass names, where its transfer takes one. */
const filmOf = (transfer: Job['transfer'], { filmId }: Job['sheet']): string | null =>
  TRANSFERS[transfer].filmBeyondMm === null ? null : filmId;

/** The part of a shelf that a job needs to be planned elsewhere. */
export function shelfFor(job: Job, shelf: Shelf): Shelf {
  const passes = [job, ...job.further];
  const named = <T extends { readonly id: string }>(
    things: readonly T[],
    nameOf: (pass: (typeof passes)[number]) => string | null,
  ): T[] => things.filter(({ id }) => passes.some((pass) => nameOf(pass) === id));
  return {
    blanks: [],
    papers: [
      ...named(shelf.papers, ({ sheet }) => sheet.paperId),
      ...named(shelf.papers, ({ sheet, transfer }) => filmOf(transfer, sheet)),
    ],
    printers: named(shelf.printers, ({ sheet }) => sheet.printerId),
    machines: named(shelf.machines, ({ heat }) => heat.machineId),
    cutters: named(shelf.cutters, ({ sheet }) => sheet.cutterId),
    figures: shelf.figures.filter(
      ({ blankId, transfer, machineId }) =>
        blankId === job.blank.id &&
        passes.some((pass) => machineId === pass.heat.machineId && transfer === pass.transfer),
    ),
    // another's paper and press come out otherwise
    colours: [],
  };
}
