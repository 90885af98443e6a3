import { applyAffine, type Affine, type Point } from './affine';
import { bottom, right, type Box } from './box';

/** A closed line: its last point joins its first. mm. */
export type Ring = readonly Point[];
/** A part of the plane bounded by rings, holes among them; what lies in an odd number of rings is in. */
export type Region = readonly Ring[];

/** How many corners some lines have together. */
export const cornersOf = (rings: readonly { readonly length: number }[]): number =>
  rings.reduce((sum, { length }) => sum + length, 0);

/** Twice the signed area of a ring; its sign tells the way round. */
export function doubleArea(ring: Ring): number {
  return ring.reduce((sum, { x, y }, i) => {
    const next = ring[(i + 1) % ring.length] ?? { x, y };
    return sum + x * next.y - next.x * y;
  }, 0);
}

/** Length of all edges, mm. */
export const edgeLength = (region: Region): number =>
  region.reduce(
    (total, ring) =>
      total +
      ring.reduce((sum, point, i) => {
        const next = ring[(i + 1) % ring.length] ?? point;
        return sum + Math.hypot(next.x - point.x, next.y - point.y);
      }, 0),
    0,
  );

/** Where an edge crosses a level line at `y`: its x; null where it does not. */
const crossingOf = (from: Point, to: Point, y: number): number | null =>
  from.y > y === to.y > y ? null : from.x + ((y - from.y) / (to.y - from.y)) * (to.x - from.x);

/** Where a level line at `y` crosses a region's edges: x, ascending. */
function crossingsAt(region: Region, y: number): number[] {
  const found: number[] = [];
  for (const ring of region) {
    let before = ring.at(-1);
    for (const point of ring) {
      const x = before ? crossingOf(before, point, y) : null;
      if (x !== null) found.push(x);
      before = point;
    }
  }
  return found.sort((a, b) => a - b);
}

/**
 * Where level lines cross a region's edges, each edge looked at once.
 * @param firstY of the first line. @param stepY from a line to the next, of either sign.
 * @returns x, ascending, of each line.
 */
export function crossingsAlong(
  region: Region,
  firstY: number,
  stepY: number,
  lines: number,
): number[][] {
  const found: number[][] = Array.from({ length: lines }, () => []);
  const lineOf = (y: number) => Math.min(lines, Math.max(-1, (y - firstY) / stepY));
  for (const ring of region) {
    let before = ring.at(-1);
    for (const point of ring) {
      if (!before) continue;
      const one = lineOf(before.y);
      const other = lineOf(point.y);
      const last = Math.min(lines - 1, Math.ceil(Math.max(one, other)));
      for (let line = Math.max(0, Math.floor(Math.min(one, other))); line <= last; line++) {
        const x = crossingOf(before, point, firstY + line * stepY);
        if (x !== null) found[line]?.push(x);
      }
      before = point;
    }
  }
  return found.map((crossings) => crossings.sort((a, b) => a - b));
}

/** Whether a place on a line lies in the region whose crossings these are (even–odd rule). */
function isBetween(crossings: readonly number[], x: number): boolean {
  let inside = false;
  for (const at of crossings) {
    if (at > x) break;
    inside = !inside;
  }
  return inside;
}

/** Whether a point lies in a region (even–odd rule). */
export const holds = (region: Region, { x, y }: Point): boolean =>
  isBetween(crossingsAt(region, y), x);

/** Whether no edge of a region comes into a box, as far as the boxes round the edges tell. */
const edgesMiss = (region: Region, box: Box): boolean =>
  region.every((ring) =>
    ring.every((to, i) => {
      const from = ring[i === 0 ? ring.length - 1 : i - 1] ?? to;
      return (
        (from.x <= box.x && to.x <= box.x) ||
        (from.x >= right(box) && to.x >= right(box)) ||
        (from.y <= box.y && to.y <= box.y) ||
        (from.y >= bottom(box) && to.y >= bottom(box))
      );
    }),
  );

/** Whether a box lies in a region whole (true) or not at all (false); null where an edge may cut it, or it has no size. */
export function boxWithin(region: Region, box: Box): boolean | null {
  if (!(box.width > 0 && box.height > 0) || !edgesMiss(region, box)) return null;
  return holds(region, { x: box.x + box.width / 2, y: box.y + box.height / 2 });
}

/** Takes every corner of a region through a map. */
export const mapRegion = (map: Affine, region: Region): Region =>
  region.map((ring) => ring.map((point) => applyAffine(map, point)));

/** Beyond everything. */
const FAR = Infinity;

/** The upright box round a region; of zero size for an empty one. */
export function regionBox(region: Region): Box {
  let left = FAR;
  let top = FAR;
  let right = -FAR;
  let bottom = -FAR;
  for (const ring of region) {
    for (const { x, y } of ring) {
      if (x < left) left = x;
      if (y < top) top = y;
      if (x > right) right = x;
      if (y > bottom) bottom = y;
    }
  }
  if (left > right) return { x: 0, y: 0, width: 0, height: 0 };
  return { x: left, y: top, width: right - left, height: bottom - top };
}

/** Whether a region is one upright rectangle, so that four straight cuts make it. */
export function isUprightRect(region: Region): boolean {
  const [ring, ...others] = region;
  if (!ring || others.length > 0 || ring.length !== 4) return false;
  return ring.every((point, i) => {
    const next = ring[(i + 1) % 4] ?? point;
    return Math.abs(next.x - point.x) < 1e-3 || Math.abs(next.y - point.y) < 1e-3;
  });
}

/** Adds points so that no edge is longer than `stepMm`, to be bent afterwards. */
export const refine = (region: Region, stepMm: number): Region =>
  region.map((ring) =>
    ring.flatMap((point, i) => {
      const next = ring[(i + 1) % ring.length] ?? point;
      const parts = Math.max(1, Math.ceil(Math.hypot(next.x - point.x, next.y - point.y) / stepMm));
      return Array.from({ length: parts }, (_, k) => ({
        x: point.x + ((next.x - point.x) * k) / parts,
        y: point.y + ((next.y - point.y) * k) / parts,
      }));
    }),
  );

/** A region as SVG path data. */
export const pathData = (region: Region): string =>
  region
    .map((ring) => `M${ring.map(({ x, y }) => `${+x.toFixed(3)} ${+y.toFixed(3)}`).join('L')}Z`)
    .join('');
