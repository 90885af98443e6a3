import type { Point } from './affine';
import { area, bottom, contains, intersection, right, type Box } from './box';
import { oriented } from './clip';
import { boxWithin, cornersOf, doubleArea, regionBox, type Region, type Ring } from './region';
import { spend } from '../work';

/** Corners cut off for a unit of work. */
const CORNERS_A_UNIT = 2;

/** Area in mm², holes taken off. */
export const regionArea = (region: Region): number =>
  Math.abs(oriented(region).reduce((sum, ring) => sum + doubleArea(ring), 0)) / 2;

/** The part of a ring where `side` is not negative; `side` falls off evenly along any line. */
function clippedTo(ring: Ring, side: (point: Point) => number): Point[] {
  const kept: Point[] = [];
  let before = ring.at(-1);
  for (const point of ring) {
    const from = before ? side(before) : 0;
    const to = side(point);
    if (before && from < 0 !== to < 0) {
      const t = from / (from - to);
      kept.push({ x: before.x + (point.x - before.x) * t, y: before.y + (point.y - before.y) * t });
    }
    if (to >= 0) kept.push(point);
    before = point;
  }
  return kept;
}

/**
 * How much of a region lies in an upright box, mm², for asking about many boxes: the rings are
 * clipped at the box's four sides in turn (Sutherland and Hodgman 1974), which keeps signed areas.
 */
export function areaWithin(region: Region): (box: Box) => number {
  const rings = oriented(region).map((ring) => ({ ring, box: regionBox([ring]) }));
  return (box) => {
    const within = boxWithin(region, box);
    if (within !== null) return within ? area(box) : 0;
    const sides: ((point: Point) => number)[] = [
      ({ x }) => x - box.x,
      ({ x }) => right(box) - x,
      ({ y }) => y - box.y,
      ({ y }) => bottom(box) - y,
    ];
    const parts = rings.map((each) => {
      if (area(intersection(each.box, box)) === 0) return 0;
      return doubleArea(contains(box, each.box) ? each.ring : sides.reduce(clippedTo, each.ring));
    });
    return Math.abs(parts.reduce((sum, part) => sum + part, 0)) / 2;
  };
}

/** A region's rings between two lines square to an axis, each still going its own way round. */
const strip = (rings: readonly Ring[], axis: 'x' | 'y', from: number, to: number): Ring[] => {
  spend(cornersOf(rings) / CORNERS_A_UNIT, 'outline-corners');
  return rings
    .map((ring) =>
      clippedTo(
        clippedTo(ring, (point) => point[axis] - from),
        (point) => to - point[axis],
      ),
    )
    .filter(({ length }) => length > 2);
};

/**
 * How much of a region lies in each cell of a grid, mm²: its rows by `ys`, in each the columns by
 * `xs`. Rows are cut out whole before their cells, so that a cell does not look at every corner.
 */
export function areasBetween(
  region: Region,
  xs: readonly number[],
  ys: readonly number[],
): number[][] {
  const rings = oriented(region);
  return ys.slice(1).map((to, row) => {
    const inRow = strip(rings, 'y', ys[row] ?? to, to);
    return xs.slice(1).map((end, column) => {
      const cell = strip(inRow, 'x', xs[column] ?? end, end);
      return Math.abs(cell.reduce((sum, ring) => sum + doubleArea(ring), 0)) / 2;
    });
  });
}
