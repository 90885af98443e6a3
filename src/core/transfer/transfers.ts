import { recordsOf } from '../keys';
import type { CareCode } from '../traits';

/** What printers are filled with. */
export const INKS = ['sublimation', 'ordinary inkjet', 'laser toner'] as const;
type Ink = (typeof INKS)[number];

/** What hard blanks are coated with. */
export const COATINGS = ['dye-receptive', 'none', 'unknown'] as const;
type Coating = (typeof COATINGS)[number];

/** What a kind of transfer demands. Figures and rules: common practice. */
export interface Transfer {
  /** Whether the print must be the mirror image of the finished thing. */
  readonly mirrored: boolean;
  /** Which way the image lies when pressed. */
  readonly imageSide: 'face to the blank' | 'face up';
  /** What the printer is filled with; null where nothing is printed. */
  readonly ink: Ink | null;
  /** How the picture gets onto its sheet. */
  readonly made: 'printed' | 'drawn with pens' | 'printed by its maker' | 'cut from one colour';
  /** Whether it comes on ready-made sheets that are only cut. */
  readonly preprinted: boolean;
  /** Room between art and cut that the kind asks for, mm; null leaves it to the person. */
  readonly cutMarginMm: number | null;
  /** The coating a hard blank needs; null where the transfer sticks by itself. */
  readonly coating: Coating | null;
  /** Whether it is dye that turns to gas: it fumes, and a second heat brings it out again. */
  readonly dye: boolean;
  /** Whether cloth must be polyester, since dye bonds to nothing else. */
  readonly needsPolyester: boolean;
  /** Dyes are transparent: the blank's colour multiplies every colour. */
  readonly transparent: boolean;
  /** Whether its paper or film stays on the blank and shows, white, wherever it was cut. */
  readonly carrierShows: boolean;
  /** How much larger than its print the film below it is cut, mm; null where no film lies below. */
  readonly filmBeyondMm: number | null;
  /** How cloth it is on is looked after. */
  readonly care: readonly CareCode[];
  /** When what carried it comes off, where the kind itself demands it. */
  readonly peel: 'hot' | 'warm' | 'cold' | null;
  /** Rough cost of a sheet beside the others. */
  readonly cost: 'low' | 'middle' | 'high';
}

/** Room between art and cut where nothing else is asked for, mm (own choice). */
export const USUAL_MARGIN_MM = 3;

/** A clear film is cut a little larger than its print (common practice), so much: own choice, mm. */
const CLEAR_FILM_BEYOND_MM = 3;

/** A film on the cloth must not be heated or rubbed. */
const FILM_CARE = ['film-wait-a-day', 'film-wash-inside-out', 'film-dry-hanging'] as const;

const DYE = {
  care: ['dyed-wash-warm', 'dyed-dry-low'],
  cutMarginMm: null,
  dye: true,
  mirrored: true,
  imageSide: 'face to the blank',
  coating: 'dye-receptive',
  needsPolyester: true,
  transparent: true,
  carrierShows: false,
  filmBeyondMm: null,
  peel: null,
} as const;

const NO_PRINTER = { ink: null, preprinted: true } as const;
const INKJET = {
  made: 'printed',
  preprinted: false,
  ink: 'ordinary inkjet',
} as const;
const STICKS = {
  care: FILM_CARE,
  // cut close: what is left round the picture shows as film or rim
  cutMarginMm: 0,
  dye: false,
  coating: null,
  needsPolyester: false,
  transparent: false,
  carrierShows: false,
  filmBeyondMm: null,
} as const;
const SUBLIMATION_INK = {
  made: 'printed',
  preprinted: false,
  ink: 'sublimation',
} as const;

/** Every kind of transfer the app knows, as data. */
export const TRANSFERS = recordsOf<Transfer>()({
  sublimation: {
    ...DYE,
    ...SUBLIMATION_INK,
    cost: 'low',
  },
  'dye-sheet': {
    ...DYE,
    ...NO_PRINTER,
    made: 'printed by its maker',
    cost: 'high',
  },
  'dye-pens': {
    ...DYE,
    ...NO_PRINTER,
    made: 'drawn with pens',
    // pens draw on one's own copy paper
    preprinted: false,
    cost: 'low',
  },
  'light-paper': {
    ...INKJET,
    ...STICKS,
    mirrored: true,
    imageSide: 'face to the blank',
    transparent: true,
    peel: null,
    cost: 'middle',
  },
  'dark-paper': {
    ...INKJET,
    ...STICKS,
    carrierShows: true,
    mirrored: false,
    imageSide: 'face up',
    peel: 'cold',
    cost: 'high',
  },
  vinyl: {
    ...NO_PRINTER,
    ...STICKS,
    made: 'cut from one colour',
    mirrored: true,
    // carrier up: the side that was cut goes to the blank
    imageSide: 'face to the blank',
    peel: 'warm',
    cost: 'middle',
  },
  'film-clear': {
    ...DYE,
    ...SUBLIMATION_INK,
    care: FILM_CARE,
    // print beyond the film is lost, and the rim of a clear one hardly shows
    filmBeyondMm: CLEAR_FILM_BEYOND_MM,
    coating: null,
    needsPolyester: false,
    peel: 'cold',
    cost: 'high',
  },
  'film-white': {
    ...DYE,
    ...SUBLIMATION_INK,
    care: FILM_CARE,
    // what the print leaves bare of a white film shows as a rim
    filmBeyondMm: 0,
    cutMarginMm: 0,
    coating: null,
    needsPolyester: false,
    transparent: false,
    carrierShows: true,
    peel: null,
    cost: 'high',
  },
});
type TransferKind = keyof typeof TRANSFERS;

/** The kind that does as well on a pale blank at half the cost, where there is one (common practice). */
export const PALE_INSTEAD: Readonly<Partial<Record<TransferKind, TransferKind>>> = {
  'dark-paper': 'light-paper',
};

/** What goes on cotton where dye alone does not, the nearest to dye first (common practice). */
export const ON_COTTON: Readonly<Record<'pale' | 'dark', readonly TransferKind[]>> = {
  pale: ['film-clear', 'light-paper', 'vinyl'],
  dark: ['film-white', 'dark-paper', 'vinyl'],
};
