import type { Blank, Machine, Paper, Printer, Shelf } from '../model';
import { fahrenheitToC, inches } from '../units';

const WHITE_CERAMIC = {
  material: 'ceramic',
  coating: 'dye-receptive',
  colour: '#ffffff',
  colourName: 'white',
} as const;

/** `heightIn` and gap give the wrap; keep-outs follow from how high art may go. */
function mug(
  id: string,
  name: string,
  origin: Blank['origin'],
  figuresIn: Record<'round' | 'height' | 'gap' | 'keepOut', number>,
): Blank {
  return {
    id,
    name,
    origin,
    substrate: WHITE_CERAMIC,
    form: {
      kind: 'straight-wrap',
      girthMeasuredAs: 'circumference',
      girthMm: inches(figuresIn.round),
      wallHeightMm: inches(figuresIn.height),
      handleGapMm: inches(figuresIn.gap),
      rimKeepOutMm: inches(figuresIn.keepOut),
      baseKeepOutMm: inches(figuresIn.keepOut),
    },
  };
}

/** A latte cup: girths and height from memory, as common ones measure. */
const LATTE_CUP: Blank = {
  id: 'latte-12oz',
  name: 'Latte cup, 12 oz, tapered',
  origin: 'from memory',
  substrate: WHITE_CERAMIC,
  form: {
    kind: 'tapered-wrap',
    girthMeasuredAs: 'circumference',
    rimGirthMm: inches(11.25),
    baseGirthMm: inches(7.75),
    heightMeasuredAs: 'slant',
    heightMm: inches(4.1),
    handleGapMm: inches(1.75),
    rimKeepOutMm: inches(0.15),
    baseKeepOutMm: inches(0.15),
  },
};

const BLANKS: readonly Blank[] = [
  // Wrap 8.75 × 3.79 in, art up to 3.6 in high: common practice. Girth and gap apart: from memory.
  mug('mug-12oz', 'Straight mug, 12 oz', 'common practice', {
    round: 10.25,
    height: 3.79,
    gap: 1.5,
    keepOut: 0.095,
  }),
  mug('mug-11oz', 'Straight mug, 11 oz', 'from memory', {
    round: 10.1,
    height: 3.75,
    gap: 1.6,
    keepOut: 0.1,
  }),
  mug('mug-15oz', 'Straight mug, 15 oz', 'from memory', {
    round: 10.7,
    height: 4.5,
    gap: 1.7,
    keepOut: 0.12,
  }),
  LATTE_CUP,
];

const paper = (id: string, name: string, widthMm: number, heightMm: number): Paper => ({
  id,
  name,
  widthMm,
  heightMm,
  origin: 'standard',
});

/** ISO 216 (A sizes) and ASME Y14.1 (letter, tabloid); legal is customary. */
const PAPERS: readonly Paper[] = [
  paper('letter', 'US letter', inches(8.5), inches(11)),
  paper('legal', 'US legal', inches(8.5), inches(14)),
  paper('tabloid', 'US tabloid', inches(11), inches(17)),
  paper('a4', 'A4', 210, 297),
  paper('a3', 'A3', 297, 420),
];

const even = (mm: number) => ({ top: mm, right: mm, bottom: mm, left: mm });
const BLANK_SIDE =
  'Print on the blank side; logo, grid or coloured lines mark the back. Try one sheet.';

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
    origin: 'from memory',
  },
];

const MACHINES: readonly Machine[] = [
  {
    id: 'mug-press',
    name: 'Automatic mug press',
    kind: 'mug-press',
    maxC: null,
    origin: 'common practice',
  },
  {
    id: 'oven',
    name: 'Convection oven',
    kind: 'oven',
    maxC: fahrenheitToC(450),
    origin: 'from memory',
  },
  {
    id: 'mug-attachment',
    name: 'Press with mug attachment',
    kind: 'mug-attachment',
    maxC: fahrenheitToC(430),
    origin: 'from memory',
  },
];

/** What stands on the shelf before the user adds anything. All of it can be edited. */
export const BUILT_IN_SHELF: Shelf = {
  blanks: [...BLANKS],
  papers: [...PAPERS],
  printers: [...PRINTERS],
  machines: [...MACHINES],
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
});

export const EMPTY_SHELF: Shelf = { blanks: [], papers: [], printers: [], machines: [] };

/** The part of a shelf that a job needs to be planned elsewhere. */
export function shelfFor(
  job: { sheet: { paperId: string; printerId: string }; heat: { machineId: string } },
  shelf: Shelf,
): Shelf {
  return {
    blanks: [],
    papers: shelf.papers.filter(({ id }) => id === job.sheet.paperId),
    printers: shelf.printers.filter(({ id }) => id === job.sheet.printerId),
    machines: shelf.machines.filter(({ id }) => id === job.heat.machineId),
  };
}
