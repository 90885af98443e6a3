import type { Printer, Substrate, TransferKind } from '../model';

/** What a kind of transfer demands. Figures and rules: common practice. */
export interface Transfer {
  readonly kind: TransferKind;
  readonly label: string;
  /** Whether the print must be the mirror image of the finished thing. */
  readonly mirrored: boolean;
  /** Which way the image lies when pressed. */
  readonly imageSide: 'face to the blank' | 'face up';
  /** What the printer is filled with; null where nothing is printed. */
  readonly ink: Printer['ink'] | null;
  readonly inkReason: string;
  /** How the picture gets onto its sheet. */
  readonly made: 'printed' | 'drawn with pens' | 'printed by its maker' | 'cut from one colour';
  /** Whether it comes on ready-made sheets that are only cut. */
  readonly preprinted: boolean;
  /** Room between art and cut that the kind asks for, mm; null leaves it to the person. */
  readonly cutMarginMm: number | null;
  /** The coating a hard blank needs; null where the transfer sticks by itself. */
  readonly coating: Substrate['coating'] | null;
  /** Whether it is dye that turns to gas: it fumes, and a second heat brings it out again. */
  readonly dye: boolean;
  /** Whether cloth must be polyester, since dye bonds to nothing else. */
  readonly needsPolyester: boolean;
  /** Dyes are transparent: the blank's colour multiplies every colour. */
  readonly transparent: boolean;
  /** Whether its paper or film stays on the blank and shows, white, wherever it was cut. */
  readonly carrierShows: boolean;
  /** How cloth it is on is looked after: as cloth that was dyed, or as a film on it. */
  readonly wearsAs: 'dyed cloth' | 'film';
  /** The kind that does as well on a pale blank at half the cost, where there is one. */
  readonly paleInstead: TransferKind | null;
  /** What white in the art becomes. */
  readonly white: string;
  /** When what carried it comes off, where the kind itself demands it. */
  readonly peel: 'hot' | 'warm' | 'cold' | null;
  /** What a second heat does to it. */
  readonly reheat: string;
  readonly cutting: string;
  readonly rightSide: string;
  /** Rough cost of a sheet beside the others. */
  readonly cost: 'low' | 'middle' | 'high';
  readonly feel: string;
  readonly durability: string;
  readonly cautions: readonly string[];
}

/** Room between art and cut where nothing else is asked for, mm (own choice). */
export const USUAL_MARGIN_MM = 3;

const DYE = {
  wearsAs: 'dyed cloth',
  paleInstead: null,
  cutMarginMm: null,
  dye: true,
  mirrored: true,
  imageSide: 'face to the blank',
  coating: 'dye-receptive',
  needsPolyester: true,
  transparent: true,
  carrierShows: false,
  white: 'The blank shows.',
  peel: null,
  reheat: 'The dye turns to gas again and fades, worst under tape.',
  feel: 'none: the dye is in the cloth',
  durability: 'as long as the blank; sun pales it',
  cautions: ['Air the room: dye fumes.'],
} as const;

const NO_PRINTER = { ink: null, inkReason: 'nothing is printed', preprinted: true } as const;
const INKJET = {
  made: 'printed',
  preprinted: false,
  ink: 'ordinary inkjet',
  inkReason: 'the sheet is made for water-based ink; a laser’s heat melts it inside the printer',
} as const;
const STICKS = {
  wearsAs: 'film',
  paleInstead: null,
  // cut close: what is left round the picture shows as film or rim
  cutMarginMm: 0,
  dye: false,
  coating: null,
  needsPolyester: false,
  transparent: false,
  carrierShows: false,
} as const;
const SUBLIMATION_INK = {
  made: 'printed',
  preprinted: false,
  ink: 'sublimation',
  inkReason:
    'only sublimation ink turns to gas and goes into the coating; other ink washes off or burns',
} as const;

/** Every kind of transfer the app knows, as data. */
export const TRANSFERS: Record<TransferKind, Transfer> = {
  sublimation: {
    ...DYE,
    ...SUBLIMATION_INK,
    kind: 'sublimation',
    label: 'Sublimation print',
    cutting: 'Cut round the picture; bare paper beside it does no harm.',
    rightSide: 'Print on the blank side; logo, grid or coloured lines mark the back.',
    cost: 'low',
  },
  'dye-sheet': {
    ...DYE,
    ...NO_PRINTER,
    kind: 'dye-sheet',
    made: 'printed by its maker',
    label: 'Infusible-ink sheet',
    cutting:
      'Cut through the dye, not the carrier; roll the sheet to crack the cuts open. Leave the carrier wider: its ends are tape tabs.',
    rightSide: 'The coloured side goes to the blank; it looks dull before heat.',
    cost: 'high',
  },
  'dye-pens': {
    ...DYE,
    ...NO_PRINTER,
    kind: 'dye-pens',
    made: 'drawn with pens',
    // pens draw on one's own copy paper
    preprinted: false,
    label: 'Infusible-ink pens',
    cutting: 'Draw and cut in one go on plain copy paper. Recap the pens at once.',
    rightSide: 'The drawn side goes to the blank.',
    cost: 'low',
  },
  'light-paper': {
    ...INKJET,
    ...STICKS,
    kind: 'light-paper',
    label: 'Transfer paper for light fabric',
    mirrored: true,
    imageSide: 'face to the blank',
    transparent: true,
    white: 'It comes out clear: the cloth shows.',
    peel: null,
    reheat: 'A second pass under its paper fixes what lifts.',
    cutting: 'Cut close: unprinted paper left round the picture leaves a film.',
    rightSide: 'Print on the coated side; lines or a logo mark the back.',
    cost: 'middle',
    feel: 'a thin film',
    durability: 'fades and cracks over some dozens of washes',
    cautions: [],
  },
  'dark-paper': {
    ...INKJET,
    ...STICKS,
    kind: 'dark-paper',
    paleInstead: 'light-paper',
    carrierShows: true,
    label: 'Transfer paper for dark fabric',
    mirrored: false,
    imageSide: 'face up',
    white: 'It prints white.',
    peel: 'cold',
    reheat: 'A second pass under a release sheet fixes it.',
    cutting: 'Cut to the outline; every edge of the sheet shows.',
    rightSide: 'Peel the backing off and lay it picture up, cover sheet on top.',
    cost: 'high',
    feel: 'a thick film',
    durability: 'stiff; cracks in the end',
    cautions: ['Never touch the bare picture with the plate: a release sheet goes between.'],
  },
  vinyl: {
    ...NO_PRINTER,
    ...STICKS,
    kind: 'vinyl',
    made: 'cut from one colour',
    label: 'Heat-transfer vinyl',
    mirrored: true,
    // carrier up: the side that was cut goes to the blank
    imageSide: 'face to the blank',
    white: 'White is a colour of vinyl like any other.',
    peel: 'warm',
    reheat: 'Pressing it again under a cover sheet does it no harm.',
    cutting: 'Cut from the back, mirrored, through the vinyl but not its carrier; then weed.',
    rightSide: 'Shiny carrier side to the mat for cutting, carrier up for pressing.',
    cost: 'middle',
    feel: 'a smooth layer',
    durability: 'many washes; small parts lift first',
    cautions: [],
  },
  'film-clear': {
    ...DYE,
    ...SUBLIMATION_INK,
    kind: 'film-clear',
    wearsAs: 'film',
    label: 'Clear dye-receptive film and print',
    coating: null,
    needsPolyester: false,
    peel: 'cold',
    cutting: 'Film slightly larger than the print: print beyond the film is lost. It curls.',
    rightSide: 'Film to the cloth first, carrier off; then the print, ink to the film.',
    cost: 'high',
    feel: 'a thin film',
    durability: 'bright; lasts as the film does',
  },
  'film-white': {
    ...DYE,
    ...SUBLIMATION_INK,
    kind: 'film-white',
    wearsAs: 'film',
    // film and print are cut as one: what the print leaves bare shows as a rim
    cutMarginMm: 0,
    label: 'White dye-receptive film and print',
    coating: null,
    needsPolyester: false,
    transparent: false,
    carrierShows: true,
    white: 'The white film shows.',
    peel: null,
    cutting: 'Film cut exactly as large as the print: a rim of it shows.',
    rightSide: 'Film to the cloth first, carrier off; then the print, ink to the film.',
    cost: 'high',
    feel: 'a film; gloss looks more vivid than matt',
    durability: 'bright; lasts as the film does',
  },
};

/** What goes on cotton where dye alone does not, the nearest to dye first (common practice). */
export const ON_COTTON: Readonly<Record<'pale' | 'dark', readonly TransferKind[]>> = {
  pale: ['film-clear', 'light-paper', 'vinyl'],
  dark: ['film-white', 'dark-paper', 'vinyl'],
};
