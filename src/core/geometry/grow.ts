import { EndType, inflatePathsD, JoinType } from 'clipper2-ts';
import type { Point } from './affine';
import { spend, TooMuchWork } from '../work';
import { alongside, oriented } from './clip';
import { cornersOf, doubleArea, regionBox, type Region, type Ring } from './region';
import { nearPairsOf } from './crossings';
import { DECIMALS, thinned } from './simple';

/** How far a chord may stand off its arc, mm: far below what scissors can follow. */
const CHORD_ERROR_MM = 0.01;
/** Sharp corners stay sharp up to this many times the growth. */
const MITRE_LIMIT = 4;

/** Sharpest corner, as the cosine of half its turn, that growing keeps sharp. */
const LEAST_COS = 1 / MITRE_LIMIT;

/** Whether every edge of a line still runs the way it did. */
const keepsEdges = (ring: Ring, moved: Ring): boolean =>
  ring.every((at, i) => {
    const next = (i + 1) % ring.length;
    const a = moved[i];
    const b = moved[next];
    const to = ring[next];
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
    const ax = (at.x - before.x) / inLength;
    const ay = (at.y - before.y) / inLength;
    const bx = (next.x - at.x) / outLength;
    const by = (next.y - at.y) / outLength;
    if (way * (ax * by - ay * bx) < -1e-9) return null;
    // the outward normals of both edges, way round as the ring is
    const nx = way * (ay + by);
    const ny = way * -(ax + bx);
    const cosHalf = Math.hypot(nx, ny) / 2;
    if (cosHalf < LEAST_COS) return null;
    const reach = byMm / (2 * cosHalf * cosHalf);
    grown.push({ x: at.x + nx * reach, y: at.y + ny * reach });
  }
  return byMm > 0 || keepsEdges(ring, grown) ? grown : null;
}

/** Lines of fewer corners than this are moved unasked. */
const FEW_CORNERS = 200;
/** Pairs of edges that get into each other's way at most: what takes the engine about a second. */
const MOST_PAIRS = 150_000;

/** Takes the work of moving edges off what may be done: edges nearer than they move meet. */
function weigh(rings: readonly Ring[], byMm: number): void {
  const corners = cornersOf(rings);
  spend(3 * corners, 'outline-corners');
  const pairs = corners < FEW_CORNERS ? 0 : nearPairsOf(rings, 2 * byMm, MOST_PAIRS);
  if (pairs === MOST_PAIRS) throw new TooMuchWork('close-corners');
  spend(pairs / 4, 'close-corners');
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
  // what lies in a box is gone when the edge moves in by half of it
  const box = regionBox(region);
  if (-2 * byMm >= Math.min(box.width, box.height)) return [];
  const [ring, ...others] = region;
  const convex = ring && others.length === 0 && corners === 'sharp' ? growConvex(ring, byMm) : null;
  if (convex) return [convex];
  const join = corners === 'sharp' ? JoinType.Miter : JoinType.Round;
  const rings = thinned(oriented(region), CHORD_ERROR_MM / 2).filter(({ length }) => length > 2);
  weigh(rings, Math.abs(byMm));
  return alongside(rings, (turn) =>
    inflatePathsD(turn(rings), byMm, join, EndType.Polygon, MITRE_LIMIT, DECIMALS, CHORD_ERROR_MM),
  );
}
