import { area, bottom, intersection, outset, right, type Box } from '../geometry';

/** Pictures nearer than this are pressed as one: an iron's sole covers the gap, mm (own choice). */
const APART_MM = 15;

/** One separate picture on a face, ironed by itself. */
export interface Motif {
  /** Its box, face mm. */
  readonly box: Box;
  readonly areaMm2: number;
}

const around = (a: Box, b: Box): Box => {
  const [x, y] = [Math.min(a.x, b.x), Math.min(a.y, b.y)];
  return {
    x,
    y,
    width: Math.max(right(a), right(b)) - x,
    height: Math.max(bottom(a), bottom(b)) - y,
  };
};

const near = (a: Box, b: Box): boolean => area(intersection(outset(a, APART_MM), b)) > 0;

/** Boxes that lie near each other made one, until none does. */
function joined(boxes: readonly Box[]): Box[] {
  const apart: Box[] = [];
  for (const box of boxes) {
    let whole = box;
    let at = apart.findIndex((each) => near(each, whole));
    while (at >= 0) {
      const [met] = apart.splice(at, 1);
      whole = met ? around(met, whole) : whole;
      at = apart.findIndex((each) => near(each, whole));
    }
    apart.push(whole);
  }
  return apart;
}

/** Row by row, from left to right in each: a picture whose middle lies beside another is of its row. */
function byRows(boxes: readonly Box[]): Box[] {
  const rows: Box[][] = [];
  for (const box of [...boxes].sort((a, b) => a.y - b.y)) {
    const row = rows.find(([first]) => first && box.y + box.height / 2 <= bottom(first));
    if (row) row.push(box);
    else rows.push([box]);
  }
  return rows.flatMap((row) => row.sort((a, b) => a.x - b.x));
}

/**
 * The separate pictures on a face in the order they are ironed: row by row, so that the last row cools while
 * the next is pressed (common practice). Pictures beside each other count as one.
 * @param boxes of all pictures on the face, face mm.
 */
export const motifsOf = (boxes: readonly Box[]): readonly Motif[] =>
  byRows(joined(boxes)).map((box) => ({ box, areaMm2: area(box) }));
