import { THIN, type Stroke } from '../drawing';
import type { Point, Region } from '../geometry';
import type { Sheet } from '../sheet';

/** What a line is for: cut through, drawn with a pen, folded, or only to be seen. */
export type Purpose = 'cut' | 'draw' | 'fold' | 'mark';

/** A line of a sketch, mm, with what it is for. */
export interface SketchLine {
  readonly purpose: Purpose;
  readonly points: readonly Point[];
  readonly closed: boolean;
}

/** What is written on a sketch. Lengths mm. */
export type MarkSays =
  | { readonly say: 'figure'; readonly value: number }
  | { readonly say: 'neckline' | 'up' | 'front' | 'rim' | 'base' | 'snip' }
  | { readonly say: 'full-wrap'; readonly widthMm: number }
  | { readonly say: 'hole'; readonly belowTopMm: number };

/** Something written on a sketch, mm. */
export interface SketchMark extends Point {
  readonly says: MarkSays;
  /** Letter height, mm. */
  readonly sizeMm: number;
}

/** What a sketch is: a jig, or a file for a machine; its name and use in words: `words/drawings`. */
export type SketchKind =
  | 'collar-ruler'
  | 'corner-stops'
  | 'cover-paper'
  | 'fold-jig'
  | 'sleeve-pattern'
  | 'position-template'
  | 'lay-on-guide'
  | 'cut-line'
  | 'pen-work'
  | 'motif'
  | 'ground'
  | 'sheet-cut'
  | 'film-outline'
  | 'film-sheet-cut';

/** A line drawing in true size: mm from its top-left corner, y down. */
export interface Sketch {
  readonly kind: SketchKind;
  /** The piece or sheet it is of, where a job has several of its kind. */
  readonly of?: Pick<Sheet, 'id' | 'called'>;
  /** Whether it is larger than one pre-printed sheet, or a cutter's offset is taken off. */
  readonly split?: boolean;
  readonly offsetTaken?: boolean;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly lines: readonly SketchLine[];
  readonly marks: readonly SketchMark[];
}

/** Closed lines round a region. */
export const ringLines = (purpose: Purpose, region: Region): SketchLine[] =>
  region.map((points) => ({ purpose, points, closed: true }));

/** An open line through points. */
export const line = (purpose: Purpose, ...points: readonly Point[]): SketchLine => ({
  purpose,
  points,
  closed: false,
});

const LINE_MM = 0.7 * (25.4 / 72);

/** How each kind of line looks in print. */
const LOOKS: Readonly<Record<Purpose, Omit<Stroke, 'lines'>>> = {
  cut: { ...THIN, widthMm: LINE_MM },
  draw: { ...THIN, widthMm: LINE_MM, grey: 0.3 },
  fold: { ...THIN, widthMm: LINE_MM, grey: 0.2, dashMm: [2.8, 1.8] },
  mark: { ...THIN, widthMm: LINE_MM, grey: 0.5 },
};

/** A line as it is inked. */
export const inked = ({ purpose, points, closed }: SketchLine): Stroke => ({
  ...LOOKS[purpose],
  lines: [points],
  closed,
});
