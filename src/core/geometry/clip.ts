import { differenceD, FillRule, intersectD, unionD } from 'clipper2-ts';
import { bottom, contains, intersection, right, type Box } from './box';
import { rectRing } from './shapes';
import type { Point } from './affine';
import { onceFor, spend, TooMuchWork } from '../work';
import {
  cornersOf,
  doubleArea,
  boxWithin,
  holds,
  isUprightRect,
  regionBox,
  type Region,
  type Ring,
} from './region';
import { crossingsOf, easierAxis } from './crossings';
import { DECIMALS } from './simple';

const GRID = 10 ** DECIMALS;
const onGrid = (value: number): number => Math.round(value * GRID) / GRID;

/** A ring on the engine's grid, without points that fall on their neighbour. */
function snapped(ring: Ring): Point[] {
  const points = ring.map(({ x, y }) => ({ x: onGrid(x), y: onGrid(y) }));
  return points.filter(({ x, y }, i) => {
    const before = points[(i + points.length - 1) % points.length];
    return !before || before.x !== x || before.y !== y;
  });
}

/** Corners brought onto the engine's grid for a unit of work. */
const CORNERS_A_UNIT = 2;

/** What the polygon engine can take: rings that enclose something on its grid; the rest is nothing. */
const mutable = (region: Region): Point[][] => {
  spend(cornersOf(region) / CORNERS_A_UNIT, 'outline-corners');
  return region
    .map(snapped)
    .filter((ring) => ring.length > 2 && Math.abs(doubleArea(ring)) > 1 / GRID);
};

type Clip = (one: Point[][], other: Point[][], rule: FillRule, decimals: number) => Point[][];

/** Points with their axes swapped, still going the same way round. */
const crosswise = (rings: readonly Ring[]): Point[][] =>
  rings.map((ring) => ring.map(({ x, y }) => ({ x: y, y: x })).reverse());

/** Edges a sweep looks at for a unit of work. */
const LOOKS_A_UNIT = 20;

/**
 * Does work of the polygon engine along the axis on which its sweep line has least to look at:
 * `turn` lays the rings so. Swept along its length, the torn edge of a long wrap is a few edges at
 * a time; swept across, it is thousands.
 */
export function alongside(
  rings: readonly Ring[],
  work: (turn: typeof crosswise) => Point[][],
): Point[][] {
  const { axis, looks } = easierAxis(rings);
  spend(looks / LOOKS_A_UNIT, 'outline-corners');
  // the engine sweeps down the page
  if (axis === 'x') return crosswise(work(crosswise));
  return work((same) => same.map((ring) => [...ring]));
}

/** Regions of fewer corners than this are combined unasked: they cannot cross often. */
const FEW_CORNERS = 200;
/** Crossings of one combination at most: what takes the engine about a second. */
const MOST_CROSSINGS = 10_000;
/** What a corner and a crossing cost. */
const CORNER_COST = 2;
const CROSSING_COST = 8;

/** Takes the work of a combination off what may be done, before it is begun. */
function weigh(rings: readonly Ring[]): void {
  const corners = cornersOf(rings);
  spend(CORNER_COST * corners, 'outline-corners');
  const crossings = corners < FEW_CORNERS ? 0 : crossingsOf(rings, MOST_CROSSINGS);
  if (crossings === MOST_CROSSINGS) throw new TooMuchWork('outline-crossings');
  spend(CROSSING_COST * crossings, 'outline-crossings');
}

const combine = (clip: Clip, one: Region, other: Region, rule = FillRule.EvenOdd): Point[][] => {
  const [first, second] = [mutable(one), mutable(other)];
  weigh([...first, ...second]);
  return alongside([...first, ...second], (turn) =>
    clip(turn(first), turn(second), rule, DECIMALS),
  );
};

/** Boxes compared for a unit of work. */
const BOXES_A_UNIT = 50;

/** Which of some boxes overlap no other. */
function standApart(boxes: readonly Box[]): boolean[] {
  const order = boxes.map((box, i) => ({ box, i })).sort((a, b) => a.box.x - b.box.x);
  const apart = boxes.map(() => true);
  order.forEach(({ box, i }, at) => {
    let next = at + 1;
    for (; next < order.length; next++) {
      const other = order[next] as (typeof order)[number];
      if (other.box.x > right(box)) break;
      if (other.box.y > bottom(box) || bottom(other.box) < box.y) continue;
      apart[i] = false;
      apart[other.i] = false;
    }
    spend((next - at) / BOXES_A_UNIT, 'overlapping-outlines');
  });
  return apart;
}

/** The same region with outer edges and holes wound opposite ways, overlaps resolved; found once for each. */
export const oriented = onceFor(orientedAnew, 'outline-corners');

function orientedAnew(region: Region): Region {
  const rings = mutable(region);
  const apart = standApart(rings.map((ring) => regionBox([ring])));
  // a line that meets no other has no holes: the right way round is all it needs
  const alone = rings.filter((_, i) => apart[i]);
  const meeting = rings.filter((_, i) => !apart[i]);
  return [
    ...alone.map((ring) => (doubleArea(ring) < 0 ? ring.reverse() : ring)),
    ...(meeting.length > 0 ? combine(unionD, meeting, []) : []),
  ];
}

/** All of them as one region; what touches nothing else is left as it is. */
export function unite(...regions: readonly Region[]): Region {
  const parts = regions.map(oriented);
  const apart = standApart(parts.map(regionBox));
  const alone = parts.filter((_, i) => apart[i]).flat();
  const meeting = parts.filter((_, i) => !apart[i]).flat();
  if (meeting.length === 0) return alone;
  return [...alone, ...combine(unionD, meeting, [], FillRule.NonZero)];
}

/** What of a region is left without another. Throws TooMuchWork for outlines too intricate. */
export const subtract = (from: Region, what: Region): Region =>
  what.length === 0 ? from : combine(differenceD, from, what);

/**
 * What two regions have in common. Cut by a rectangle, lines that lie within it stay as they are: what
 * lies in an odd number of lines does so after each line was cut by itself, rectangles by their sides.
 * A rectangle no edge comes into is there whole, or not at all.
 */
export function overlapOf(one: Region, other: Region): Region {
  for (const [rect, region] of [
    [other, one],
    [one, other],
  ] as const) {
    const within = isUprightRect(rect) ? boxWithin(region, regionBox(rect)) : null;
    if (within !== null) return within ? mutable(rect) : [];
  }
  const box = regionBox(one);
  const plain = (ring: Ring) => isUprightRect([ring]) || contains(box, regionBox([ring]));
  if (!isUprightRect(one) || !other.some(plain)) return combine(intersectD, one, other);
  const kept = other.filter(plain).map((ring) => {
    const whole = regionBox([ring]);
    return contains(box, whole) ? ring : rectRing(intersection(box, whole));
  });
  const crossing = other.filter((ring) => !plain(ring));
  const cut = crossing.length === 0 ? [] : combine(intersectD, one, crossing);
  return [...mutable(kept), ...cut];
}

/** The outer edges alone: holes filled. */
export function withoutHoles(region: Region): Region {
  if (region.length < 2) return region;
  const outer = oriented(region).filter((ring) => doubleArea(ring) > 0);
  return outer.length < 2 ? outer : combine(unionD, outer, [], FillRule.NonZero);
}

/** The separate pieces a region falls into once cut, each with its own holes; largest first. */
export function islandsOf(region: Region): Region[] {
  const rings = oriented(region).map((ring) => ({ ring, area: doubleArea(ring) }));
  const outer = rings.filter((each) => each.area > 0).sort((a, b) => a.area - b.area);
  const islands = outer.map(({ ring, area: size }) => ({ region: [ring], area: size }));
  for (const hole of rings.filter((each) => each.area < 0)) {
    // the smallest edge round a hole is the one it is in, and that may lie in another hole; they
    // may touch at a corner, so that most corners decide
    const home = islands.find(
      ({ region: [edge = []] }) =>
        2 * hole.ring.filter((corner) => holds([edge], corner)).length > hole.ring.length,
    );
    home?.region.push(hole.ring);
    if (home) home.area += hole.area;
  }
  return islands.sort((a, b) => b.area - a.area).map((island) => island.region);
}
