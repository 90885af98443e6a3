import { area, boxAround, centreOf, contains, intersection, type Box } from '../geometry';
import type { Repeat } from '../model';

/** More motifs than this make no pattern but a grey tone; keeps odd figures quick to plan. */
export const MAX_MOTIFS = 1500;

/**
 * Boxes of a motif repeated over a reach, the first one where it was placed: left to right, top to
 * bottom, every one that shows. `whole only` keeps those that `reach` holds whole.
 */
export function repeatBoxes(motif: Box, repeat: Repeat, reach: Box): Box[] {
  const anchor = centreOf(motif);
  const { stepXMm: dx, stepYMm: dy, pattern, atEdge } = repeat;
  const first = (from: number, at: number, size: number, step: number) =>
    Math.ceil((from - size / 2 - at) / step) - 1;
  const last = (to: number, at: number, size: number, step: number) =>
    Math.floor((to + size / 2 - at) / step) + 1;
  const columns = [
    first(reach.x, anchor.x, motif.width, dx),
    last(reach.x + reach.width, anchor.x, motif.width, dx),
  ] as const;
  const rows = [
    first(reach.y, anchor.y, motif.height, dy),
    last(reach.y + reach.height, anchor.y, motif.height, dy),
  ] as const;
  const odd = (n: number) => Math.abs(n % 2) === 1;
  const boxes: Box[] = [];
  for (let row = rows[0]; row <= rows[1]; row++) {
    for (let column = columns[0]; column <= columns[1] && boxes.length < MAX_MOTIFS; column++) {
      const x = anchor.x + column * dx + (pattern === 'brick' && odd(row) ? dx / 2 : 0);
      const y = anchor.y + row * dy + (pattern === 'half-drop' && odd(column) ? dy / 2 : 0);
      const box = boxAround({ x, y }, motif.width, motif.height);
      const shows = atEdge === 'cut' ? area(intersection(box, reach)) > 1e-6 : contains(reach, box);
      if (shows) boxes.push(box);
    }
  }
  return boxes;
}

/**
 * The step that puts so many motifs side by side in a length, each with the same room round it.
 * @example stepFor(5, 400) // 80: the middles are at 40, 120, … 360
 */
export const stepFor = (count: number, lengthMm: number): number => lengthMm / Math.max(1, count);
