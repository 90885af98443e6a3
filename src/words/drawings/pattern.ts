import type { DrawingTiles, MarkSays, Sketch, SketchKind, SketchLine } from '@/core/jig';
import type { UnitStyle } from '../units';
import { sayIn, type Say } from '../say';
import { sheetWords } from '../sheets';

/** A line of text on a pattern: where its baseline begins, mm. */
export interface PatternText {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  /** Letter size, mm. */
  readonly sizeMm: number;
}

/** A line drawing in true size with its words, ready to be printed or cut: mm, y down. */
export interface Pattern {
  readonly id: string;
  readonly name: string;
  /** What it is for and how it is used, in a sentence. */
  readonly use: string;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly lines: readonly SketchLine[];
  readonly texts: readonly PatternText[];
  /** Whether it runs on over several pages, as text does, where one is too short. */
  readonly flows?: boolean;
}

const AFTER =
  'The outer line is the carrier: its bare ends are tape tabs. Crack the cuts open by rolling the sheet.';

/** The name of each kind of sketch, and how it is used. */
const SKETCHES: Readonly<
  Record<SketchKind, { readonly name: string; readonly use: (sketch: Sketch) => string }>
> = {
  'collar-ruler': {
    name: 'Collar ruler',
    use: () =>
      'Lay the curve into the neckline and the middle line on the centre crease; read the drop to the art’s upper edge.',
  },
  'corner-stops': {
    name: 'Nest for the blank',
    use: () =>
      'Cut the inner line out of card and tape the frame down: every blank of the batch lies in the same place.',
  },
  'cover-paper': {
    name: 'Cover paper with window',
    use: () =>
      'Cut it from clean paper, tape the print into the window and wrap the cover round the cup: the print sits where it was planned.',
  },
  'fold-jig': {
    name: 'Fold jig',
    use: () =>
      'Fold plain paper on the dashed line over a light until both outlines lie on each other; the blank goes between.',
  },
  'sleeve-pattern': {
    name: 'Sleeve pattern',
    use: () =>
      'Lay the flat shrink sleeve on it: cut to length, snip at the fold where the handle is. Room for shrinking: from memory.',
  },
  'position-template': {
    name: 'Positioning template',
    use: () =>
      'Lay clear transfer sheet or a mask, sticky side up, on it and set every loose piece on its outline.',
  },
  'lay-on-guide': {
    name: 'Guide to lay the blank on',
    use: () =>
      'Plain paper: lay the blank on its outline, face down on the print taped to the box.',
  },
  'cut-line': {
    name: 'Cut line of the print',
    use: () => 'Real units; the machine cuts along it, or a pen shows it.',
  },
  'pen-work': {
    name: 'Pen work',
    use: () =>
      'Plot the draw layer with the infusible pen on copy paper, cap it at once, then cut the square: it covers the whole blank.',
  },
  motif: {
    name: 'Motif to cut out',
    use: ({ split }) =>
      `${split ? 'Larger than one pre-printed sheet: cut it from several. ' : ''}Weed everything but the motif. ${AFTER}`,
  },
  ground: {
    name: 'Ground it was cut from',
    use: () =>
      `As large as the face: press what is left on a second thing; the used carrier’s lines place it. ${AFTER}`,
  },
  'film-outline': {
    name: 'Film to cut',
    use: () =>
      'In true size, mirrored as film is cut: carrier side down on the mat, or laid under the film for scissors.',
  },
  'film-sheet-cut': {
    name: 'Cut file of film sheet',
    use: () => 'Real units, the film’s own size: carrier side down on the mat.',
  },
  'sheet-cut': {
    name: 'Cut file of sheet',
    use: ({ offsetTaken }) =>
      'Real units, the paper’s own size: load the print printed side up.' +
      (offsetTaken ? ' The cutter’s measured offset is taken off.' : ''),
  },
};

const PLAIN = {
  neckline: 'neckline',
  up: 'up: this side away from you',
  front: 'front',
  rim: 'rim',
  base: 'base',
  snip: 'snip for the handle',
} as const;

function markWords(says: MarkSays, { length }: Say): string {
  switch (says.say) {
    case 'figure':
      return String(says.value);
    case 'full-wrap':
      return `rim · full wrap ${length(says.widthMm)} and a little more`;
    case 'hole':
      return `hole ${length(says.belowTopMm)} below the top`;
    default:
      return PLAIN[says.say];
  }
}

/** A sketch with its words. */
export function patternOf(sketch: Sketch, units: UnitStyle): Pattern {
  const { kind, of, widthMm, heightMm, lines, marks } = sketch;
  const words = SKETCHES[kind];
  const say = sayIn(units);
  return {
    id: of ? `${kind}-${of.id}` : kind,
    name: of ? `${words.name} “${sheetWords(of.called)}”` : words.name,
    use: words.use(sketch),
    ...{ widthMm, heightMm, lines },
    texts: marks.map(({ x, y, sizeMm, says }) => ({ x, y, sizeMm, text: markWords(says, say) })),
  };
}

/** What stands at the foot of each page of a drawing that goes over several. */
export const tileWords = ({ rows, columns, tiles }: DrawingTiles, name: string): string[] =>
  tiles.map(
    (tile) =>
      `${name} · page ${tile.name} of ${rows} × ${columns} · print at 100 % · cut one of each pair on the dashed line and lay it on the other’s`,
  );
