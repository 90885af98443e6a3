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

/** The same region with outer edges and holes wound opposite ways, overlaps resolved. */
const oriented = (region: Region): Point[][] =>
  unionD(mutable(region), [], FillRule.EvenOdd, DECIMALS);

export const unite = (...regions: readonly Region[]): Region =>
  regions.reduce(
    (whole, next) => unionD(mutable(whole), mutable(next), FillRule.EvenOdd, DECIMALS),
    [],
  );

export const subtract = (from: Region, what: Region): Region =>
  what.length === 0 ? from : differenceD(mutable(from), mutable(what), FillRule.EvenOdd, DECIMALS);

export const overlapOf = (one: Region, other: Region): Region =>
  intersectD(mutable(one), mutable(other), FillRule.EvenOdd, DECIMALS);

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
export const regionArea = (region: Region): number => Math.abs(areaPathsD(oriented(region)));

/** Twice the signed area of a ring; its sign tells the way round. */
const doubleArea = (ring: Ring): number =>
  ring.reduce((sum, { x, y }, i) => {
    const next = ring[(i + 1) % ring.length] ?? { x, y };
    return sum + x * next.y - next.x * y;
  }, 0);

/** The outer edges alone: holes filled. */
export const withoutHoles = (region: Region): Region =>
  unionD(
    oriented(region).filter((ring) => doubleArea(ring) > 0),
    [],
    FillRule.NonZero,
    DECIMALS,
  );

/** How many separate pieces a region falls into once cut, holes not counted. */
export const islandsOf = (region: Region): number =>
  oriented(region).filter((ring) => doubleArea(ring) > 0).length;

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

/** Whether a point lies in a region (even–odd rule). */
export function holds(region: Region, { x, y }: Point): boolean {
  let inside = false;
  for (const ring of region) {
    let before = ring.at(-1);
    for (const point of ring) {
      if (before && before.y > y !== point.y > y) {
        const cross = before.x + ((y - before.y) / (point.y - before.y)) * (point.x - before.x);
        if (x < cross) inside = !inside;
      }
      before = point;
    }
  }
  return inside;
}

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

export const rectRing = ({ x, y, width, height }: Box): Ring => [
  { x, y },
  { x: x + width, y },
  { x: x + width, y: y + height },
  { x, y: y + height },
];

/** Points of a quarter turn and more, chords within the error of the arc. */
function arc(centre: Point, rx: number, ry: number, fromRad: number, toRad: number): Point[] {
  const radius = Math.max(rx, ry, CHORD_ERROR_MM);
  const step = 2 * Math.acos(Math.max(0, 1 - CHORD_ERROR_MM / radius));
  // whole quarters, so that the outermost points of a circle are exact
  const pieces = 4 * Math.max(2, Math.ceil(Math.abs(toRad - fromRad) / step / 4));
  return Array.from({ length: pieces + 1 }, (_, i) => {
    const angle = fromRad + ((toRad - fromRad) * i) / pieces;
    return { x: centre.x + rx * Math.cos(angle), y: centre.y + ry * Math.sin(angle) };
  });
}

/** The ellipse that fills a box. */
export const ellipseRing = ({ x, y, width, height }: Box): Ring =>
  arc({ x: x + width / 2, y: y + height / 2 }, width / 2, height / 2, 0, 2 * Math.PI).slice(0, -1);

/** A box with rounded corners; the radius is cut to half the shorter side. */
export function roundedRing(box: Box, radiusMm: number): Ring {
  const r = Math.min(radiusMm, box.width / 2, box.height / 2);
  if (r <= 0) return rectRing(box);
  const [right, bottom] = [box.x + box.width, box.y + box.height];
  const corner = (x: number, y: number, quarter: number) =>
    arc({ x, y }, r, r, (quarter * Math.PI) / 2, ((quarter + 1) * Math.PI) / 2);
  return [
    ...corner(box.x + r, box.y + r, 2),
    ...corner(right - r, box.y + r, 3),
    ...corner(right - r, bottom - r, 0),
    ...corner(box.x + r, bottom - r, 1),
  ];
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
