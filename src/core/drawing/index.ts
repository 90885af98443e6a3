import type { Affine, Box, Point } from '../geometry';

/** Lines drawn alike: mm, y down. */
export interface Stroke {
  readonly lines: readonly (readonly Point[])[];
  readonly closed: boolean;
  readonly widthMm: number;
  /** 0 black to 1 white. */
  readonly grey: number;
  /** Dash and gap, mm; empty for a line without gaps. */
  readonly dashMm: readonly number[];
  /** What of it is drawn; null draws all. */
  readonly within: Box | null;
}

/** A line of text: where its baseline begins (or ends, aligned right), mm before `Drawing.textFlip`. */
export interface DrawnText extends Point {
  readonly text: string;
  /** Letter size, mm. */
  readonly sizeMm: number;
  readonly align: 'left' | 'right';
  /** Written smaller where it would be wider than this, mm. */
  readonly widestMm: number;
}

/** What is inked besides pictures: the one list that PDF, PNG and screen paint. */
export interface Drawing {
  readonly strokes: readonly Stroke[];
  readonly texts: readonly DrawnText[];
  /** Where the words are flipped in the file, since the page is flipped after it. */
  readonly textFlip: Affine;
}

/** Half a point: the thinnest line home printers hold, mm (own choice). */
export const HAIRLINE_MM = 0.5 * (25.4 / 72);

/** A black hairline, open and whole. */
export const THIN: Omit<Stroke, 'lines'> = {
  ...{ closed: false, widthMm: HAIRLINE_MM, grey: 0, dashMm: [], within: null },
};
