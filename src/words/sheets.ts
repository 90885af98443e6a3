import type { Flipper } from '@/core/mirror';
import type { Cutter, Lying } from '@/core/model';
import type { LayStep, Sheet, SheetLabel, SheetName, SheetTexts, Side } from '@/core/sheet';
import type { UnitStyle } from './units';
import { sayIn } from './say';
import { farWords, pieceWords } from './places';

const BESIDE: Readonly<Record<Side, string>> = {
  left: 'left',
  right: 'right',
  top: 'above',
  bottom: 'below',
};

const TRUE_SIZE = 'print at 100 %, no fit to page';

/** What a sheet is called on the paper and the screen. */
export function sheetWords(called: SheetName): string {
  switch (called.kind) {
    case 'piece':
      return pieceWords(called.piece);
    case 'tile':
      return `${pieceWords(called.piece)}, ${called.tile}`;
    case 'pieces':
      return `${called.count} pieces`;
  }
}

/** What is to be set about mirroring in the print dialog. */
export const driverSetting = (flips: boolean): string => (flips ? 'mirror ON' : 'mirror OFF');

/** Two distances say where a paper lies: one across, one along, where all four are known. */
const inShort = ({ faceId, from }: Lying): Lying => ({
  faceId,
  from: from.filter((_, i) => from.length < 4 || i % 2 === 0),
});

/** What is written under the pieces of a sheet: as many lines as the sheet keeps room for. */
export function labelLines(label: SheetLabel, units: UnitStyle): readonly string[] {
  const { size } = sayIn(units);
  const held =
    'Proof on plain paper: cut it out and hold it to the blank, picture outwards. Never press it.';
  const driver = label.proof
    ? held
    : `Print dialog: ${driverSetting(label.driverFlips)}. If this line reads normally on the paper, the mirroring is right.`;
  // pieces of several jobs each name their own
  const of = label.job === '' ? '' : `${label.job} · `;
  if (label.kind === 'tile') {
    const near = label.near.map(({ side, tile }) => `${BESIDE[side]} ${tile}`);
    return [
      `${of}${pieceWords(label.piece)} · sheet ${label.tile} of ${label.rows} × ${label.columns} · ${TRUE_SIZE}`,
      near.length > 0
        ? `Printed side up on the table its neighbours are ${near.join(', ')}. Laid A1 first, row by row, each on top.`
        : 'No printed sheet lies beside it.',
      driver,
    ];
  }
  const { pieces, alike } = label;
  const [first] = pieces;
  const copies = pieces.length > 1 ? `${pieces.length} × ` : '';
  const what =
    first && alike
      ? `${copies}${pieceWords(first)} · cut to ${size(first)}`
      : pieces.map(pieceWords).join(', ');
  const say = sayIn(units);
  const lies =
    label.lies.length === 1
      ? label.lies.map((each) => ` · lies ${farWords(inShort(each), say)}`)
      : [];
  return [`${of}${what}${lies.join('')} · ${TRUE_SIZE}`, driver];
}

/** What is written on a sheet: its label, and the figures of the check bar in the person's unit. */
export const sheetTexts = ({ marks }: Sheet, units: UnitStyle): SheetTexts => ({
  label: marks.foot ? labelLines(marks.foot.label, units) : [],
  stop: ({ figure, unit }) => {
    if (figure === 0) return '0';
    return unit === units.length || units.length === 'in' ? `${figure} ${unit}` : null;
  },
});

/** What the edges of something lying there are called. */
export const SIDE_WORDS: Readonly<Record<Side, string>> = {
  left: 'left',
  right: 'right',
  top: 'upper',
  bottom: 'lower',
};

const listed = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;

/** How one sheet of many is trimmed and laid on those before it. */
export function layStepWords({ trim, over }: LayStep): string {
  const say = (sides: readonly Side[], words: (edges: string) => string): string[] =>
    sides.length === 0
      ? []
      : [
          words(
            `${listed(sides.map((side) => SIDE_WORDS[side]))} ${sides.length > 1 ? 'edges' : 'edge'}`,
          ),
        ];
  const met = over.map(({ tile, side }) => `${tile} at its ${SIDE_WORDS[side]} edge`);
  return [
    ...say(trim.line, (edges) => `Cut its ${edges} on the line.`),
    ...say(trim.ink, (edges) => `Cut its ${edges} back to the ink, no white left.`),
    ...say(trim.flap, (edges) => `Leave the printed flap at its ${edges}.`),
    met.length === 0
      ? 'Lay it down first, printed side up; tape, sticky side up, under its outer corner holds it.'
      : `Lay it over ${listed(met)}, so that the picture runs on; tape it at the back or outside the print.`,
  ].join(' ');
}

/** What each one on the way from art to blank does about mirroring. */
export const flipperWords = ({ who, flips }: Flipper): string => {
  switch (who) {
    case 'file':
      return flips ? 'The PDF is already mirrored.' : 'The PDF is not mirrored.';
    case 'driver':
      return flips
        ? 'Switch mirror (or “iron-on”) ON in the print dialog.'
        : 'Leave mirror and “iron-on” OFF in the print dialog.';
    case 'printer':
      return flips
        ? 'This printer mirrors every page by itself.'
        : 'This printer does not mirror by itself.';
  }
};

/** Whether a cutting program's own bleed, that smears the edge colours, belongs on. */
export const edgeSmearWords = (cutter: Cutter | null): string =>
  cutter
    ? `Bleed that smears the edge colours: on, since ${cutter.name} cuts the pieces and may be a hair off.`
    : 'Bleed that smears the edge colours: off. Cut by hand, it is pressed as a fuzzy edge.';
