import {
  centreOf,
  isUprightRect,
  rectRing,
  regionBox,
  right,
  type Box,
  type Point,
} from '../geometry';
import { isCup, type BlankForm } from '../form';
import type { Piece } from '../layout';
import { fittedMap, frontal, projected, undone } from './camera';
import type { LookFinding } from './findings';

const { abs, atan2, hypot, max, min, PI, sqrt, tan } = Math;

/** A trimmed print and the face of a flat blank as they must lie over each other, mm of the piece. */
export interface LevelPlan {
  readonly pieceId: string;
  readonly print: Box;
  readonly face: Box;
}

/** A figure with how far points that were not quite hit may have moved it. */
export interface Measured {
  readonly value: number;
  readonly within: number;
}

/** How a print lies on its blank. */
export interface Level {
  /** Turned clockwise against the blank, degrees. */
  readonly tiltDeg: Measured;
  /** Too far to the right, mm; to the left below 0. */
  readonly asideMm: Measured;
  /** How long the line across the blank is by the print's own size, and how long it must be, mm. */
  readonly acrossMm: number;
  readonly wantedMm: number;
}

/** A finger puts a point so far beside what it means, mm (own choice). */
const TAP_MM = 1;
/** A telephone's lens puts what is at the photo's corner farther out, or less far, by so much, as a share (from memory). */
const LENS = 0.015;
/** Less than this is as level as hands lay (own choice), degrees and mm. */
const TILT_DEG = 1;
const ASIDE_MM = 4;
/** Turned or put aside is told only when it is so many times what the points leave open (own choice). */
const TIMES_WITHIN = 2;
/** Where so much is left open, it is told that nothing can be, degrees (own choice). */
const MOST_WITHIN_DEG = 1.5;
/** A line that is so much longer or shorter than the blank is wide is another one, as a share (own choice). */
const OTHER_LINE = 0.12;
/** So much of a blank must be free on both sides of its print for its sides to be pointed at, mm (own choice). */
const LEAST_FREE_MM = 10;

/** How a piece must lie on its blank, where both are flat and its own sides stay in sight beside a print cut square; else null. */
export function levelPlan(piece: Piece, form: BlankForm): LevelPlan | null {
  const { id, bend, slots, cut, called } = piece;
  const [slot, ...others] = slots;
  if (isCup(form) || bend || called.kind !== 'face' || !isUprightRect(cut)) return null;
  if (!slot || others.length > 0) return null;
  const [a, b, c, d] = slot.toStrip;
  if (abs(a - 1) + abs(b) + abs(c) + abs(d - 1) > 1e-6) return null;
  const [print, { face }] = [regionBox(cut), slot];
  const free = min(print.x - face.x, right(face) - right(print));
  return free < LEAST_FREE_MM ? null : { pieceId: id, print, face };
}

/** Level and aside by points that are hit exactly; null where the corners are none of a print seen from above. */
function exactly({ print, face }: LevelPlan, points: readonly Point[]) {
  const corners = rectRing(print);
  const map = fittedMap(corners.map((from, i) => ({ from, to: points[i] ?? from, weight: 1 })));
  if (!map || !corners.every(({ x, y }) => frontal(map, x, y))) return null;
  const back = undone(map);
  const [from, to] = [points[4], points[5]].map((at) => projected(back, at?.x ?? 0, at?.y ?? 0));
  if (!from || !to) return null;
  // the blank's line as the print sees it: the print lies turned the other way
  const [along, down] = [to.x - from.x, to.y - from.y];
  const acrossMm = hypot(along, down);
  const { x, y } = centreOf(print);
  const [dx, dy] = [x - (from.x + to.x) / 2, y - (from.y + to.y) / 2];
  return {
    tiltDeg: (-atan2(down, along) * 180) / PI,
    asideMm: (dx * along + dy * down) / acrossMm - (x - centreOf(face).x),
    acrossMm,
  };
}

/** The same points through a lens that bends the other way. */
function bent(points: readonly Point[], { widthPx, heightPx }: PhotoSize): Point[] {
  const [cx, cy] = [widthPx / 2, heightPx / 2];
  return points.map(({ x, y }) => {
    const out = 1 + (LENS * ((x - cx) ** 2 + (y - cy) ** 2)) / (cx * cx + cy * cy);
    return { x: cx + (x - cx) * out, y: cy + (y - cy) * out };
  });
}

/** A photo's size, pixels. */
interface PhotoSize {
  readonly widthPx: number;
  readonly heightPx: number;
}

/**
 * How a trimmed print lies on a flat blank, by six points in a photo: its corners clockwise from the upper left, and the
 * left and right end of a line across the blank that must be level, as wide as its face. Both lie in one plane.
 * @param points pixels. @returns null where the corners are none of a print seen from above.
 */
export function levelOf(plan: LevelPlan, points: readonly Point[], photo: PhotoSize): Level | null {
  const found = exactly(plan, points);
  if (!found) return null;
  const [one = { x: 0, y: 0 }, two = one] = points;
  const tap = (TAP_MM * hypot(two.x - one.x, two.y - one.y)) / plan.print.width;
  const others = points.flatMap((_, nth) =>
    (['x', 'y'] as const).map((way) =>
      points.map((each, i) => (i === nth ? { ...each, [way]: each[way] + tap } : each)),
    ),
  );
  let tilt2 = 0;
  let aside2 = 0;
  for (const other of [...others, bent(points, photo)]) {
    const moved = exactly(plan, other);
    if (!moved) return null;
    tilt2 += (moved.tiltDeg - found.tiltDeg) ** 2;
    aside2 += (moved.asideMm - found.asideMm) ** 2;
  }
  return {
    tiltDeg: { value: found.tiltDeg, within: sqrt(tilt2) },
    asideMm: { value: found.asideMm, within: sqrt(aside2) },
    acrossMm: found.acrossMm,
    wantedMm: plan.face.width,
  };
}

/** Why nothing is told of how a print lies. */
export type LevelDoubt =
  /** The line is not as long as the blank is wide: it was put elsewhere, or the print is another. */
  | 'other-line'
  /** The points leave too much open. */
  | 'too-small';

/** What stands against telling anything. */
export function levelDoubt({ tiltDeg, acrossMm, wantedMm }: Level): LevelDoubt | null {
  if (abs(acrossMm / wantedMm - 1) > OTHER_LINE) return 'other-line';
  return tiltDeg.within > MOST_WITHIN_DEG ? 'too-small' : null;
}

/** What is found: turned, or too far to a side, by more than hands leave and the points leave open. */
export function levelFindings(level: Level, { print }: LevelPlan): LookFinding[] {
  if (levelDoubt(level)) return [];
  const { tiltDeg, asideMm } = level;
  const beyond = ({ value, within }: Measured, least: number) =>
    abs(value) > max(least, TIMES_WITHIN * within);
  return [
    ...(beyond(tiltDeg, TILT_DEG)
      ? [
          {
            code: 'crooked',
            deg: tiltDeg.value,
            mm: print.width * tan((tiltDeg.value * PI) / 180),
          } as const,
        ]
      : []),
    ...(beyond(asideMm, ASIDE_MM) ? [{ code: 'aside', mm: asideMm.value } as const] : []),
  ];
}
