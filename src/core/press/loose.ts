import { regionBox, type Box, type Region } from '../geometry';
import type { EffectivePlate } from './machine';

/** How far a shape reaches left and right between two heights; null where it is not there. */
export type Reach = (a: number, b: number) => { left: number; right: number } | null;

/** Rows a shape is looked at in, by how many placements are tried: each one more costs far more. */
const ROWS: Readonly<Record<number, number>> = { 2: 48, 3: 24 };
const HAIR = 1e-6;

/** A strip of the shape that is to be held whole. */
interface Row {
  readonly y: number;
  readonly height: number;
  readonly left: number;
  readonly right: number;
}

function rowsOf(region: Region, reach: Reach, count: number): Row[] {
  const { y: top, height: whole } = regionBox(region);
  const height = whole / count;
  return Array.from({ length: count }, (_, i) => top + i * height).flatMap((y) => {
    const across = reach(y, y + height);
    return across ? [{ y, height, ...across }] : [];
  });
}

const within = (y: number, height: number, row: Row): boolean =>
  row.y >= y - HAIR && row.y + row.height <= y + height + HAIR;

/** What is still open of the rows: where most to the left, and how much, mm². */
function leftOver(rows: readonly Row[], open: Float64Array) {
  let first = -1;
  let areaMm2 = 0;
  for (let i = 0; i < rows.length; i++) {
    const { right, height } = rows[i] as Row;
    const from = open[i] as number;
    if (from > right - HAIR) continue;
    areaMm2 += (right - from) * height;
    if (first < 0 || from < (open[first] as number)) first = i;
  }
  return { first, areaMm2 };
}

/**
 * Places of at most `count` plates that hold every row from where it is open to its right end. The
 * leftmost open end needs a plate, which may be slid until its left edge is there and its upper edge
 * at some row's: no other place need be tried. What lies under it opens at its right edge then.
 */
function holding(
  rows: readonly Row[],
  open: Float64Array,
  plates: readonly EffectivePlate[],
  count: number,
): readonly Box[] | null {
  const { first, areaMm2 } = leftOver(rows, open);
  const start = rows[first];
  if (!start) return [];
  const x = open[first] as number;
  for (const { widthMm: width, heightMm: height } of plates) {
    if (areaMm2 > count * width * height + HAIR) continue;
    for (const { y } of rows) {
      if (!within(y, height, start)) continue;
      const next = open.slice();
      for (let i = 0; i < rows.length; i++)
        if (within(y, height, rows[i] as Row)) next[i] = Math.max(open[i] as number, x + width);
      const rest = holding(rows, next, plates, count - 1);
      if (rest) return [{ x, y, width, height }, ...rest];
    }
  }
  return null;
}

const ends = ({ x, width }: Box): readonly [number, number] => [x, x + width];

/** The rows cut where any plate ends. */
const partsOf = (rows: readonly Row[], boxes: readonly Box[]): Box[] =>
  rows.flatMap(({ y, height, left, right }) => {
    const cuts = boxes.flatMap(ends).filter((x) => x > left && x < right);
    const stops = [left, ...cuts.sort((a, b) => a - b), right];
    return stops.slice(1).map((to, i) => {
      const x = stops[i] ?? left;
      return { x, y, width: to - x, height };
    });
  });

const holds = (outer: Box, inner: Box): boolean =>
  inner.x >= outer.x - HAIR &&
  inner.y >= outer.y - HAIR &&
  inner.x + inner.width <= outer.x + outer.width + HAIR &&
  inner.y + inner.height <= outer.y + outer.height + HAIR;

/** Moves each plate over the middle of what it alone holds, so that it hangs over alike. */
function settled(boxes: readonly Box[], rows: readonly Row[]): Box[] {
  const moved = [...boxes];
  for (const [i, box] of boxes.entries()) {
    const others = moved.filter((_, j) => j !== i);
    const alone = partsOf(rows, moved).filter((part) => !others.some((each) => holds(each, part)));
    if (alone.length === 0) continue;
    const left = Math.min(...alone.map(({ x }) => x));
    const right = Math.max(...alone.map(({ x, width }) => x + width));
    const top = Math.min(...alone.map(({ y }) => y));
    const bottom = Math.max(...alone.map(({ y, height }) => y + height));
    const [x, y] = [(left + right - box.width) / 2, (top + bottom - box.height) / 2];
    moved[i] = { ...box, x, y };
  }
  return moved;
}

/**
 * Placements of a plate that lie in no bands, two or three of them: a disc a little larger than the
 * plate is held by two placed cornerwise, where bands across it need three.
 * @param fewerThan how many placements are known to do.
 * @returns places that together hold all of the shape, or null where so few do not.
 */
export function looselyPlaced(
  region: Region,
  reach: Reach,
  plates: readonly EffectivePlate[],
  fewerThan: number,
): readonly Box[] | null {
  for (let count = 2; count < fewerThan; count++) {
    const many = ROWS[count];
    if (!many) return null;
    const rows = rowsOf(region, reach, many);
    const open = Float64Array.from(rows, ({ left }) => left);
    const found = holding(rows, open, plates, count);
    if (found) return settled(found, rows);
  }
  return null;
}
