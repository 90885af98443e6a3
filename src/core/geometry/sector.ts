import type { Point } from './affine';
import type { Box } from './box';

/** Taken out of `Math` once: these run for every dot of a bent print. */
const { atan2, cos, hypot, sin } = Math;

/**
 * An annular sector: the development of a frustum's wall (any sheet-metal handbook). It opens
 * symmetrically about the upright axis; lengths mm, angle radians.
 */
export interface Sector {
  /** Radius of the rim's arc and of the base's arc. The larger one belongs to the wider end. */
  readonly rimRadiusMm: number;
  readonly baseRadiusMm: number;
  readonly sweepRad: number;
}

/** What a cup's wall measures. */
export interface Frustum {
  readonly rimCircumferenceMm: number;
  readonly baseCircumferenceMm: number;
  /** Along the wall, not straight down. */
  readonly slantMm: number;
}

/** Ends this close in girth make a straight wall; its arcs would be flat to a tenth of a mm. */
const STRAIGHT_WITHIN_MM = 0.05;

/** Whether a frustum is a cylinder for every purpose of paper. */
export const isStraight = (f: Frustum): boolean =>
  Math.abs(f.rimCircumferenceMm - f.baseCircumferenceMm) < STRAIGHT_WITHIN_MM;

/** Whether such a wall can be: no slant is shorter than the step from the narrow to the wide radius. */
export const canExist = (f: Frustum): boolean =>
  f.slantMm > Math.abs(f.rimCircumferenceMm - f.baseCircumferenceMm) / (2 * Math.PI);

/**
 * Development of a frustum: ρ_wide = s · C_wide / (C_wide − C_narrow), ρ_narrow = ρ_wide − s,
 * sweep = C_wide / ρ_wide, at most one turn. Not for straight walls (the radii would be infinite).
 * @throws RangeError for a wall that cannot be (`canExist`).
 */
export function developFrustum(f: Frustum): Sector {
  const { rimCircumferenceMm: rim, baseCircumferenceMm: base, slantMm } = f;
  if (!canExist(f)) throw new RangeError('No cup has a slant shorter than its taper.');
  const difference = rim - base;
  const rimRadiusMm = (slantMm * rim) / Math.abs(difference);
  const baseRadiusMm = (slantMm * base) / Math.abs(difference);
  return { rimRadiusMm, baseRadiusMm, sweepRad: Math.abs(difference) / slantMm };
}

/** Slant height from the height straight up and the two girths. */
export function slantOf(
  heightMm: number,
  rimCircumferenceMm: number,
  baseCircumferenceMm: number,
): number {
  return hypot(heightMm, (rimCircumferenceMm - baseCircumferenceMm) / (2 * Math.PI));
}

/** A wall as a flat strip: `widthMm` along its middle height, `heightMm` along the slant. */
interface Strip {
  readonly widthMm: number;
  readonly heightMm: number;
}

/**
 * Bends a flat strip onto a sector: what is level on the strip lies on an arc, what is upright on a
 * ray. `axis` is where the sector's axis and centre of arcs are on the paper.
 */
export function bend(point: Point, strip: Strip, sector: Sector, centre: Point): Point {
  const angle = (point.x / strip.widthMm - 0.5) * sector.sweepRad;
  const along = point.y / strip.heightMm;
  const radius = sector.rimRadiusMm + (sector.baseRadiusMm - sector.rimRadiusMm) * along;
  const up = sector.rimRadiusMm >= sector.baseRadiusMm ? -1 : 1;
  return { x: centre.x + radius * sin(angle), y: centre.y + up * radius * cos(angle) };
}

/** The way back: from the paper to the flat strip. */
export function unbend(point: Point, strip: Strip, sector: Sector, centre: Point): Point {
  const up = sector.rimRadiusMm >= sector.baseRadiusMm ? -1 : 1;
  const dx = point.x - centre.x;
  const dy = up * (point.y - centre.y);
  const radius = hypot(dx, dy);
  const angle = atan2(dx, dy);
  return {
    x: (angle / sector.sweepRad + 0.5) * strip.widthMm,
    y:
      ((radius - sector.rimRadiusMm) / (sector.baseRadiusMm - sector.rimRadiusMm)) * strip.heightMm,
  };
}

/** A sector made wider by `byMm` at rim and base, with a sweep of its own. */
export function growSector(sector: Sector, byMm: number, sweepRad: number): Sector {
  const outwards = sector.rimRadiusMm >= sector.baseRadiusMm ? byMm : -byMm;
  return {
    rimRadiusMm: sector.rimRadiusMm + outwards,
    baseRadiusMm: sector.baseRadiusMm - outwards,
    sweepRad,
  };
}

/** How far a chord may stand off its arc in an outline, mm: far below what scissors can follow. */
const CHORD_ERROR_MM = 0.01;

/** The strip's border bent onto the sector, as a polygon; rim arc first, clockwise as seen. */
export function bentOutline(strip: Strip, sector: Sector, centre: Point): Point[] {
  const radius = Math.max(sector.rimRadiusMm, sector.baseRadiusMm);
  const step = 2 * Math.acos(Math.max(-1, 1 - CHORD_ERROR_MM / radius));
  const pieces = Math.max(8, Math.ceil(sector.sweepRad / step));
  const across = (y: number, from: number, to: number) =>
    Array.from({ length: pieces + 1 }, (_, i) =>
      bend({ x: (from + ((to - from) * i) / pieces) * strip.widthMm, y }, strip, sector, centre),
    );
  return [...across(0, 0, 1), ...across(strip.heightMm, 1, 0)];
}

/** The upright box round some points. */
export function boxOf(points: readonly Point[]): Box {
  const xs = points.map((p) => p.x);
  const ys = points.map((p) => p.y);
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

/** How far the middle of the rim's arc stands above its ends: what a straight strip would be off by. */
export const sagitta = ({ rimRadiusMm, sweepRad }: Sector): number =>
  rimRadiusMm * (1 - cos(Math.min(sweepRad, 2 * Math.PI) / 2));
