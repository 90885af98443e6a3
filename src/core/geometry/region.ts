import {
  areaPathsD,
  differenceD,
  EndType,
  FillRule,
  inflatePathsD,
  intersectD,
  JoinType,
  unionD,
} from 'clipper2-ts';
import { applyAffine, type Affine, type Point } from './affine';
import type { Box } from './box';

/** A closed line: its last point joins its first. mm. */
export type Ring = readonly Point[];
/** A part of the plane bounded by rings, holes among them; what lies in an odd number of rings is in. */
export type Region = readonly Ring[];

/** Decimals of a millimetre kept by the polygon engine: a tenth of a micrometre. */
const DECIMALS = 4;
/** How far a chord may stand off its arc, mm: far below what scissors can follow. */
const CHORD_ERROR_MM = 0.01;
/** Sharp corners stay sharp up to this many times the growth. */
const MITRE_LIMIT = 4;

const mutable = (region: Region): Point[][] => region.map((ring) => [...ring]);

/** Twice the signed area of a ring; its sign tells the way round. */
const doubleArea = (ring: Ring): number =>
  ring.reduce((sum, { x, y }, i) => {
    const next = ring[(i + 1) % ring.length] ?? { x, y };
    return sum + x * next.y - next.x * y;
  }, 0);

/** The same region with outer edges and holes wound opposite ways, overlaps resolved. */
function oriented(region: Region): Point[][] {
  const [ring, ...others] = region;
  // a single line has no holes: the right way round is all it needs
  if (ring && others.length === 0) return [doubleArea(ring) < 0 ? [...ring].reverse() : [...ring]];
  return unionD(mutable(region), [], FillRule.EvenOdd, DECIMALS);
}

export const unite = (...regions: readonly Region[]): Region =>
  regions.reduce(
    (whole, next) => unionD(mutable(whole), mutable(next), FillRule.EvenOdd, DECIMALS),
    [],
  );

export const subtract = (from: Region, what: Region): Region =>
  what.length === 0 ? from : differenceD(mutable(from), mutable(what), FillRule.EvenOdd, DECIMALS);

export const overlapOf = (one: Region, other: Region): Region =>
  intersectD(mutable(one), mutable(other), FillRule.EvenOdd, DECIMALS);

/** Sharpest corner, as the cosine of half its turn, that growing keeps sharp. */
const LEAST_COS = 1 / MITRE_LIMIT;

/** Whether every edge of a line still runs the way it did. */
const keepsEdges = (ring: Ring, moved: Ring): boolean =>
  ring.every((at, i) => {
    const next = (i + 1) % ring.length;
    const [a, b, to] = [moved[i], moved[next], ring[next]];
    if (!a || !b || !to) return false;
    return (b.x - a.x) * (to.x - at.x) + (b.y - a.y) * (to.y - at.y) > 0;
  });

/**
 * Moves the edges of a convex line outwards or inwards: each corner goes along its bisector.
 * @returns null when it is not convex, has a corner too sharp to keep, or loses an edge on the way in.
 */
function growConvex(ring: Ring, byMm: number): Ring | null {
  const way = Math.sign(doubleArea(ring));
  const grown: Point[] = [];
  for (let i = 0; i < ring.length; i++) {
    const at = ring[i];
    const before = ring[(i + ring.length - 1) % ring.length];
    const next = ring[(i + 1) % ring.length];
    if (!at || !before || !next) return null;
    const inLength = Math.hypot(at.x - before.x, at.y - before.y);
    const outLength = Math.hypot(next.x - at.x, next.y - at.y);
    if (inLength === 0 || outLength === 0) return null;
    const [ax, ay] = [(at.x - before.x) / inLength, (at.y - before.y) / inLength];
    const [bx, by] = [(next.x - at.x) / outLength, (next.y - at.y) / outLength];
    if (way * (ax * by - ay * bx) < -1e-9) return null;
    // the outward normals of both edges, way round as the ring is
    const [nx, ny] = [way * (ay + by), way * -(ax + bx)];
    const cosHalf = Math.hypot(nx, ny) / 2;
    if (cosHalf < LEAST_COS) return null;
    const reach = byMm / (2 * cosHalf * cosHalf);
    grown.push({ x: at.x + nx * reach, y: at.y + ny * reach });
  }
  return byMm > 0 || keepsEdges(ring, grown) ? grown : null;
}

/**
 * Moves the edge outwards by `byMm` (inwards when negative); holes get smaller. Corners are kept
 * sharp or rounded.
 */
export function growRegion(
  region: Region,
  byMm: number,
  corners: 'sharp' | 'round' = 'sharp',
): Region {
  if (byMm === 0 || region.length === 0) return region;
  const [ring, ...others] = region;
  const convex = ring && others.length === 0 && corners === 'sharp' ? growConvex(ring, byMm) : null;
  if (convex) return [convex];
  const join = corners === 'sharp' ? JoinType.Miter : JoinType.Round;
  return inflatePathsD(
    oriented(region),
    byMm,
    join,
    EndType.Polygon,
    MITRE_LIMIT,
    DECIMALS,
    CHORD_ERROR_MM,
  );
}

/** Area in mm², holes taken off. */
export const regionArea = (region: Region): number =>
  Math.abs(areaPathsD(unionD(mutable(region), [], FillRule.EvenOdd, DECIMALS)));

/** Area that two regions share, mm². */
export const sharedArea = (one: Region, other: Region): number =>
  Math.abs(areaPathsD(intersectD(mutable(one), mutable(other), FillRule.EvenOdd, DECIMALS)));

/** The outer edges alone: holes filled. */
export const withoutHoles = (region: Region): Region =>
  region.length < 2
    ? region
    : unionD(
        oriented(region).filter((ring) => doubleArea(ring) > 0),
        [],
        FillRule.NonZero,
        DECIMALS,
      );

/** The separate pieces a region falls into once cut, each with its own holes; largest first. */
export function islandsOf(region: Region): Region[] {
  const rings = oriented(region);
  const outer = rings.filter((ring) => doubleArea(ring) > 0);
  if (outer.length < 2) return rings.length === 0 ? [] : [rings];
  return outer
    .map((ring) => overlapOf(rings, [ring]))
    .sort((a, b) => regionArea(b) - regionArea(a));
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

/** Where a level line at `y` crosses a region's edges: x, ascending. */
export function crossingsAt(region: Region, y: number): number[] {
  const found: number[] = [];
  for (const ring of region) {
    let before = ring.at(-1);
    for (const point of ring) {
      if (before && before.y > y !== point.y > y) {
        found.push(before.x + ((y - before.y) / (point.y - before.y)) * (point.x - before.x));
      }
      before = point;
    }
  }
  return found.sort((a, b) => a - b);
}

/** Whether a place on a line lies in the region whose crossings these are (even–odd rule). */
export function isBetween(crossings: readonly number[], x: number): boolean {
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

export const mapRegion = (map: Affine, region: Region): Region =>
  region.map((ring) => ring.map((point) => applyAffine(map, point)));

/** The upright box round a region; of zero size for an empty one. */
export function regionBox(region: Region): Box {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const ring of region) {
    for (const { x, y } of ring) {
      left = Math.min(left, x);
      top = Math.min(top, y);
      right = Math.max(right, x);
      bottom = Math.max(bottom, y);
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
