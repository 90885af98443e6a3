import type { Point } from './affine';
import type { Ring } from './region';

const { max, min, sign } = Math;

type Axis = 'x' | 'y';

/** How finely the corners along an axis are counted. */
const BUCKETS = 256;

/**
 * How much a sweep line has to look at when it goes along an axis: for every edge the corners in its span,
 * counted to a 256th of the whole, since all edges it stands on are looked at again at each corner.
 */
function sweepCost(rings: readonly Ring[], along: Axis): number {
  let least = Infinity;
  let most = -Infinity;
  for (const ring of rings)
    for (const { [along]: at } of ring) {
      if (at < least) least = at;
      if (at > most) most = at;
    }
  if (!(most > least)) return 0;
  const scale = (BUCKETS - 1) / (most - least);
  // how many corners lie in the buckets before each
  const before = new Uint32Array(BUCKETS + 1);
  for (const ring of rings)
    for (const { [along]: at } of ring) {
      const next = Math.floor((at - least) * scale) + 1;
      before[next] = (before[next] as number) + 1;
    }
  for (let i = 1; i <= BUCKETS; i++) before[i] = (before[i] as number) + (before[i - 1] as number);
  let sum = 0;
  for (const ring of rings) {
    let last = Math.floor(((ring.at(-1)?.[along] ?? least) - least) * scale);
    for (const { [along]: at } of ring) {
      const here = Math.floor((at - least) * scale);
      sum += (before[max(here, last) + 1] as number) - (before[min(here, last)] as number);
      last = here;
    }
  }
  return sum;
}

/** So few corners are swept sooner than counted (own choice), looking at so many edges for each, as of round shapes. */
const FEW_CORNERS = 48;
const LOOKS_A_CORNER = 4;

/** The axis along which a sweep line has least to look at, and how much that is (about, of few corners). */
export function easierAxis(rings: readonly Ring[]): { axis: Axis; looks: number } {
  const corners = rings.reduce((sum, ring) => sum + ring.length, 0);
  if (corners <= FEW_CORNERS) return { axis: 'y', looks: LOOKS_A_CORNER * corners };
  const [x, y] = [sweepCost(rings, 'x'), sweepCost(rings, 'y')];
  return x < y ? { axis: 'x', looks: x } : { axis: 'y', looks: y };
}

/** Edges as columns of numbers, by where they begin along an axis: both ends, and the span across it. */
function edgesBy(rings: readonly Ring[], along: Axis, reachMm: number) {
  const over = along === 'x' ? 'y' : 'x';
  const edges = rings.flatMap((ring) =>
    ring.map((a, i) => {
      const b = ring[(i + 1) % ring.length] ?? a;
      return a[along] < b[along] ? [a, b] : [b, a];
    }),
  ) as [Point, Point][];
  edges.sort(([a], [b]) => a[along] - b[along]);
  const column = (of: (a: Point, b: Point) => number) =>
    Float64Array.from(edges, ([a, b]) => of(a, b));
  return {
    count: edges.length,
    from: column((a) => a[along]),
    to: column((_a, b) => b[along] + reachMm),
    low: column((a, b) => min(a[over], b[over]) - reachMm),
    high: column((a, b) => max(a[over], b[over])),
    cross: (i: number, j: number) => cross(edges[i] as [Point, Point], edges[j] as [Point, Point]),
  };
}

const side = (a: Point, b: Point, p: Point): number =>
  sign((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x));

/** Whether two edges cross at a point inside both. */
const cross = ([a, b]: [Point, Point], [c, d]: [Point, Point]): boolean =>
  side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;

/** Pairs looked at before they are taken to be too many. */
const MOST_LOOKS = 4_000_000;

/** Counts pairs of edges whose boxes come within a reach of each other, no further than `limit`. */
function pairsOf(
  rings: readonly Ring[],
  limit: number,
  reachMm: number,
  crossing: boolean,
): number {
  const { axis } = easierAxis(rings);
  const { count, from, to, low, high, cross: meets } = edgesBy(rings, axis, reachMm);
  let found = 0;
  let looks = 0;
  for (let i = 0; i < count; i++) {
    const end = to[i] as number;
    const least = low[i] as number;
    const most = high[i] as number;
    for (let j = i + 1; j < count && (from[j] as number) <= end; j++) {
      if (++looks > MOST_LOOKS) return limit;
      if ((low[j] as number) > most || (high[j] as number) < least) continue;
      if (crossing && !meets(i, j)) continue;
      if (++found >= limit) return limit;
    }
  }
  return found;
}

/**
 * How often the edges of some rings cross each other, counted no further than `limit`; corners that
 * touch do not count. What the polygon engine has to do grows with this number, so it is asked first.
 * @returns `limit` when there are as many or more.
 */
export const crossingsOf = (rings: readonly Ring[], limit: number): number =>
  pairsOf(rings, limit, 0, true);

/** How many pairs of edges come within `reachMm` of each other, counted no further than `limit`. */
export const nearPairsOf = (rings: readonly Ring[], reachMm: number, limit: number): number =>
  pairsOf(rings, limit, reachMm, false);
