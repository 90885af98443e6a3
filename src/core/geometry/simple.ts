import { FillRule, ramerDouglasPeuckerD, unionD } from 'clipper2-ts';
import { DECIMALS } from './clip';
import type { Point } from './affine';
import { doubleArea, regionBox, type Region, type Ring } from './region';

/** An edge with the span it takes along the axis that edges are sorted by. */
interface Edge {
  readonly a: Point;
  readonly b: Point;
  readonly from: number;
  readonly to: number;
  readonly low: number;
  readonly high: number;
}

function edgesOf(rings: readonly Ring[], along: 'x' | 'y'): Edge[] {
  const over = along === 'x' ? 'y' : 'x';
  return rings.flatMap((ring) =>
    ring.map((a, i): Edge => {
      const b = ring[(i + 1) % ring.length] ?? a;
      return {
        ...{ a, b },
        ...{ from: Math.min(a[along], b[along]), to: Math.max(a[along], b[along]) },
        ...{ low: Math.min(a[over], b[over]), high: Math.max(a[over], b[over]) },
      };
    }),
  );
}

const side = (a: Point, b: Point, p: Point): number =>
  Math.sign((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x));

/** Whether two edges cross at a point inside both. */
const cross = (one: Edge, other: Edge): boolean =>
  side(one.a, one.b, other.a) * side(one.a, one.b, other.b) < 0 &&
  side(other.a, other.b, one.a) * side(other.a, other.b, one.b) < 0;

/**
 * How often the edges of some rings cross each other, counted no further than `limit`; corners that
 * touch do not count. What the polygon engine has to do grows with this number, so it is asked first.
 * @returns `limit` when there are as many or more.
 */
export function crossingsOf(rings: readonly Ring[], limit: number): number {
  const { width, height } = regionBox(rings);
  const edges = edgesOf(rings, width > height ? 'x' : 'y').sort((a, b) => a.from - b.from);
  let found = 0;
  for (let i = 0; i < edges.length; i++) {
    const one = edges[i] as Edge;
    for (let j = i + 1; j < edges.length; j++) {
      const other = edges[j] as Edge;
      if (other.from > one.to) break;
      if (other.low > one.high || other.high < one.low || !cross(one, other)) continue;
      if (++found >= limit) return limit;
    }
  }
  return found;
}

/**
 * An outline as something can be cut along it: crossings resolved (even–odd), points left out that
 * lie within `toleranceMm` of the line without them, slivers that enclose nothing dropped.
 * @example simpleRegion([bowTie], 0.05) // two triangles
 */
export function simpleRegion(region: Region, toleranceMm: number): Region {
  const rings = unionD(
    region.map((ring) => [...ring]),
    [],
    FillRule.EvenOdd,
    DECIMALS,
  );
  return rings
    .map((ring) => ramerDouglasPeuckerD(ring, toleranceMm))
    .filter((ring) => ring.length >= 3 && Math.abs(doubleArea(ring)) > toleranceMm ** 2);
}
