import type { Point, Region } from '../geometry';

/** What a line is for: cut through, drawn with a pen, folded, or only to be seen. */
export type Stroke = 'cut' | 'draw' | 'fold' | 'mark';

export interface DrawingLine {
  readonly stroke: Stroke;
  readonly points: readonly Point[];
  readonly closed: boolean;
}

export interface DrawingText {
  readonly x: number;
  readonly y: number;
  readonly text: string;
  /** Letter height, mm. */
  readonly sizeMm: number;
}

/** A line drawing in true size: mm from its top-left corner, y down. */
export interface Drawing {
  readonly id: string;
  readonly name: string;
  /** What it is for and how it is used, in a sentence. */
  readonly use: string;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly lines: readonly DrawingLine[];
  readonly texts: readonly DrawingText[];
  /** Whether it runs on over several pages, as text does, where one is too short. */
  readonly flows?: boolean;
}

export const ringLines = (stroke: Stroke, region: Region): DrawingLine[] =>
  region.map((points) => ({ stroke, points, closed: true }));

export const line = (stroke: Stroke, ...points: readonly Point[]): DrawingLine => ({
  stroke,
  points,
  closed: false,
});
