import { bottom, boxAround, centreOf, right, type Box } from '../geometry';
import type { Repeat } from '../model';

/** More motifs than this make no pattern but a grey tone; keeps odd figures quick to plan. */
export const MAX_MOTIFS = 1500;

/** Overlaps smaller than this are rounding, mm. */
const HAIR_MM = 1e-6;

/** A repeat along one axis: where the motif was placed, and the reach it is repeated over, mm. */
interface Along {
  readonly at: number;
  readonly size: number;
  readonly step: number;
  /** How far every second row or column is shifted on. */
  readonly shift: number;
  readonly from: number;
  readonly to: number;
  readonly whole: boolean;
}

/** Middle of the nth motif along an axis, on a shifted row or column or not. */
const middleOfNth = ({ at, step, shift }: Along, n: number, shifted: boolean): number =>
  at + n * step + (shifted ? shift : 0);

/** Whether a motif with such a middle shows along its axis. */
function showsAt({ size, from, to, whole }: Along, middle: number): boolean {
  const [start, end] = [middle - size / 2, middle + size / 2];
  return whole
    ? start >= from - HAIR_MM && end <= to + HAIR_MM
    : Math.min(end, to) - Math.max(start, from) > HAIR_MM;
}

/** Between which counts of steps motifs may show, one more on either side for rounding. */
function countsOf({ at, size, step, shift, from, to, whole }: Along): [number, number] {
  // whole, its middle stays half a size inside; cut, it may lie half a size outside
  const room = whole ? -size / 2 : size / 2;
  return [
    Math.ceil((from - shift - room - at) / step) - 1,
    Math.floor((to + room - at) / step) + 1,
  ];
}

const odd = (n: number): boolean => Math.abs(n % 2) === 1;

/** Which counts of steps show along an axis, shifted or not, ascending; no more than can be laid. */
function shownAlong(along: Along, shifted: boolean): number[] {
  const shown: number[] = [];
  if (along.to - along.from <= HAIR_MM) return shown;
  const [first, last] = countsOf(along);
  // half-drop, every second one may lie off a row
  for (let n = first; n <= last && shown.length < 2 * MAX_MOTIFS; n++)
    if (showsAt(along, middleOfNth(along, n, shifted))) shown.push(n);
  return shown;
}

/**
 * Boxes of a motif repeated over a reach, the first one where it was placed: left to right, top to
 * bottom, every one that shows, up to `MAX_MOTIFS`. `whole only` keeps those that `reach` holds whole.
 * Rows and columns that show nothing are passed over at once: a motif may be any size, its steps a
 * millimetre.
 */
export function repeatBoxes(motif: Box, repeat: Repeat, reach: Box): Box[] {
  const anchor = centreOf(motif);
  const { stepXMm, stepYMm, pattern } = repeat;
  const whole = repeat.atEdge === 'whole only';
  const across: Along = {
    ...{ at: anchor.x, size: motif.width, step: stepXMm, whole },
    ...{ shift: pattern === 'brick' ? stepXMm / 2 : 0, from: reach.x, to: right(reach) },
  };
  const down: Along = {
    ...{ at: anchor.y, size: motif.height, step: stepYMm, whole },
    ...{ shift: pattern === 'half-drop' ? stepYMm / 2 : 0, from: reach.y, to: bottom(reach) },
  };
  const columns = [shownAlong(across, false), shownAlong(across, true)] as const;
  // no row shows anything then, and there may be millions
  const shows = columns[0].length + columns[1].length > 0 && down.to - down.from > HAIR_MM;
  if (!shows) return [];
  const [firstRow, lastRow] = countsOf(down);
  const boxes: Box[] = [];
  for (let row = firstRow; row <= lastRow && boxes.length < MAX_MOTIFS; row++) {
    const ys = [middleOfNth(down, row, false), middleOfNth(down, row, true)] as const;
    const seen = ys.map((y) => showsAt(down, y));
    if (!seen.includes(true)) continue;
    for (const column of columns[Number(odd(row)) as 0 | 1]) {
      const shifted = Number(odd(column));
      if (!seen[shifted]) continue;
      const middle = { x: middleOfNth(across, column, odd(row)), y: ys[shifted] as number };
      boxes.push(boxAround(middle, motif.width, motif.height));
      if (boxes.length === MAX_MOTIFS) break;
    }
  }
  return boxes;
}

/**
 * The step that puts so many motifs side by side in a length, each with the same room round it.
 * @example stepFor(5, 400) // 80: the middles are at 40, 120, … 360
 */
export const stepFor = (count: number, lengthMm: number): number => lengthMm / Math.max(1, count);
