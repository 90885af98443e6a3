import type { TransferKind } from '@/core/model';

/** What is said of a kind of transfer. Common practice. */
export interface TransferWords {
  readonly label: string;
  /** What white in the art becomes. */
  readonly white: string;
  readonly cutting: string;
  /** Which side goes where. */
  readonly rightSide: string;
  readonly feel: string;
  readonly durability: string;
}

const DYE = {
  white: 'The blank shows.',
  feel: 'none: the dye is in the cloth',
  durability: 'as long as the blank; sun pales it',
};
const ON_FILM = 'Film to the cloth first, carrier off; then the print, ink to the film.';

/** Every kind of transfer in words. */
export const TRANSFER_WORDS: Readonly<Record<TransferKind, TransferWords>> = {
  sublimation: {
    ...DYE,
    label: 'Sublimation print',
    cutting: 'Cut round the picture; bare paper beside it does no harm.',
    rightSide: 'Print on the blank side; logo, grid or coloured lines mark the back.',
  },
  'dye-sheet': {
    ...DYE,
    label: 'Infusible-ink sheet',
    cutting:
      'Cut through the dye, not the carrier; roll the sheet to crack the cuts open. Leave the carrier wider: its ends are tape tabs.',
    rightSide: 'The coloured side goes to the blank; it looks dull before heat.',
  },
  'dye-pens': {
    ...DYE,
    label: 'Infusible-ink pens',
    cutting: 'Draw and cut in one go on plain copy paper. Recap the pens at once.',
    rightSide: 'The drawn side goes to the blank.',
  },
  'light-paper': {
    label: 'Transfer paper for light fabric',
    white: 'It comes out clear: the cloth shows.',
    cutting: 'Cut close: unprinted paper left round the picture leaves a film.',
    rightSide: 'Print on the coated side; lines or a logo mark the back.',
    feel: 'a thin film',
    durability: 'fades and cracks over some dozens of washes',
  },
  'dark-paper': {
    label: 'Transfer paper for dark fabric',
    white: 'It prints white.',
    cutting: 'Cut to the outline; every edge of the sheet shows.',
    rightSide: 'Peel the backing off and lay it picture up, cover sheet on top.',
    feel: 'a thick film',
    durability: 'stiff; cracks in the end',
  },
  vinyl: {
    label: 'Heat-transfer vinyl',
    white: 'White is a colour of vinyl like any other.',
    cutting: 'Cut from the back, mirrored, through the vinyl but not its carrier; then weed.',
    rightSide: 'Shiny carrier side to the mat for cutting, carrier up for pressing.',
    feel: 'a smooth layer',
    durability: 'many washes; small parts lift first',
  },
  'film-clear': {
    ...DYE,
    label: 'Clear dye-receptive film and print',
    cutting: 'Film slightly larger than the print: print beyond the film is lost. It curls.',
    rightSide: ON_FILM,
    feel: 'a thin film',
    durability: 'bright; lasts as the film does',
  },
  'film-white': {
    label: 'White dye-receptive film and print',
    white: 'The white film shows.',
    cutting: 'Film cut exactly as large as the print: a rim of it shows.',
    rightSide: ON_FILM,
    feel: 'a film; gloss looks more vivid than matt',
    durability: 'bright; lasts as the film does',
  },
};

/** A transfer in the middle of a sentence. */
export const transferName = (kind: TransferKind): string =>
  TRANSFER_WORDS[kind].label.toLowerCase();

/** Why a printer must hold the ink that a transfer is made for. */
export const INK_REASONS = {
  sublimation:
    'only sublimation ink turns to gas and goes into the coating; other ink washes off or burns',
  'ordinary inkjet':
    'the sheet is made for water-based ink; a laser’s heat melts it inside the printer',
} as const;
