import { FillRule, ramerDouglasPeuckerD, unionD } from 'clipper2-ts';
import type { Point } from './affine';
import { doubleArea, type Region } from './region';

/** Decimals of a millimetre kept by the polygon engine: a tenth of a micrometre. */
export const DECIMALS = 4;

/** Rings without the points that lie within `toleranceMm` of the line without them. */
export const thinned = (region: Region, toleranceMm: number): Point[][] =>
  region.map((ring) => ramerDouglasPeuckerD([...ring], toleranceMm));

/**
 * An outline as something can be cut along it: crossings resolved (even–odd), thinned, slivers that
 * enclose nothing dropped.
 * @example simpleRegion([bowTie], 0.05) // two triangles
 */
export function simpleRegion(region: Region, toleranceMm: number): Region {
  const rings = unionD(
    region.map((ring) => [...ring]),
    [],
    FillRule.EvenOdd,
    DECIMALS,
  );
  return thinned(rings, toleranceMm).filter(
    (ring) => ring.length >= 3 && Math.abs(doubleArea(ring)) > toleranceMm ** 2,
  );
}
