import { area, boxAround, centreOf, contains, intersection, type Box } from '../geometry';
import type { Repeat } from '../model';

/** More motifs than this make no pattern but a grey tone; keeps odd figures quick to plan. */
export const MAX_MOTIFS = 1500;

/** Between which counts of steps a motif may show along one axis, one more on either side. */
function counts(
  at: number,
  size: number,
  step: number,
  [from, to]: readonly [number, number],
  atEdge: Repeat['atEdge'],
): readonly [number, number] {
  // whole, its middle stays half a size inside; cut, it may lie half a size outside
  const room = atEdge === 'cut' ? size / 2 : -size / 2;
  return [Math.ceil((from - room - at) / step) - 1, Math.floor((to + room - at) / step) + 1];
}

const odd = (n: number): boolean => Math.abs(n % 2) === 1;

/**
 * Boxes of a motif repeated over a reach, the first one where it was placed: left to right, top to
 * bottom, every one that shows, up to `MAX_MOTIFS`. `whole only` keeps those that `reach` holds whole.
 */
export function repeatBoxes(motif: Box, repeat: Repeat, reach: Box): Box[] {
  const anchor = centreOf(motif);
  const { stepXMm: dx, stepYMm: dy, pattern, atEdge } = repeat;
  // a shifted row or column begins half a step on, and may reach half a step further back
  const [shiftX, shiftY] = [pattern === 'brick' ? dx / 2 : 0, pattern === 'half-drop' ? dy / 2 : 0];
  const columns = counts(
    anchor.x,
    motif.width,
    dx,
    [reach.x - shiftX, reach.x + reach.width],
    atEdge,
  );
  const rows = counts(
    anchor.y,
    motif.height,
    dy,
    [reach.y - shiftY, reach.y + reach.height],
    atEdge,
  );
  const boxes: Box[] = [];
  for (let row = rows[0]; row <= rows[1] && boxes.length < MAX_MOTIFS; row++) {
    for (let column = columns[0]; column <= columns[1] && boxes.length < MAX_MOTIFS; column++) {
      const x = anchor.x + column * dx + (odd(row) ? shiftX : 0);
      const y = anchor.y + row * dy + (odd(column) ? shiftY : 0);
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
