import type { Box, Point } from '../geometry';
import type { Side } from '../sheet';
import { alongLines, pxPerMmAt, seenAt, type View } from './camera';
import { sampledAlong, type Plane } from './plane';

const { abs, max, min, ceil, floor } = Math;
const { isNaN } = Number;

/** An edge of the paper as the photo shows it. */
export interface PaperEdge {
  readonly side: Side;
  /** Places along it, pixels of the photo. */
  readonly points: readonly Point[];
}

const LOOKS = 64;
/** Corners are left out. */
const FROM_CORNER = 0.05;
/** How far from its place an edge is looked for: a share of the sheet, at least so many mm. */
const REACH_SHARE = 0.055;
const REACH_MM = 7;
/** Paper is lighter than the table by this much, 0–255, or its edge is not seen. */
const LEAST_CONTRAST = 22;
/** Edges run at most so steeply to where they must, mm a mm. */
const MOST_SLOPE = 0.06;
/** Looks so near a line belong to it, mm. */
const ON_LINE_MM = 0.35;
/** A line that fewer of the looks bear is none. */
const LEAST_SHARE = 0.5;

/** Where light falls most from paper to table along a way outwards, mm of the way; null where it hardly falls. */
function fallAlong(values: ArrayLike<number>, stepMm: number, fromMm: number): number | null {
  const gap = max(1, ceil(0.3 / stepMm));
  let best = 0;
  let where = -1;
  for (let i = gap; i + gap < values.length; i++) {
    const fall = (values[i - gap] ?? NaN) - (values[i + gap] ?? NaN);
    if (fall > best) [best, where] = [fall, i];
  }
  if (best < LEAST_CONTRAST) return null;
  // the middle of the fall, weighted
  let sum = 0;
  let weight = 0;
  for (let i = where - 2 * gap; i <= where + 2 * gap; i++) {
    const fall = max(0, (values[i - 1] ?? NaN) - (values[i + 1] ?? NaN));
    if (isNaN(fall)) continue;
    sum += fall * i;
    weight += fall;
  }
  return fromMm + (sum / weight) * stepMm;
}

/** Those of some looks `[along, off]` that most lie on one line with. */
function onOneLine(
  looks: readonly (readonly [number, number])[],
): readonly (readonly [number, number])[] {
  let best: (readonly [number, number])[] = [];
  for (let i = 0; i < looks.length; i++)
    for (let j = i + 4; j < looks.length; j += 3) {
      const [a, b] = [looks[i], looks[j]];
      if (!a || !b || abs(b[0] - a[0]) < 1) continue;
      const slope = (b[1] - a[1]) / (b[0] - a[0]);
      if (abs(slope) > MOST_SLOPE) continue;
      const on = looks.filter(
        ([along, off]) => abs(off - a[1] - slope * (along - a[0])) < ON_LINE_MM,
      );
      if (on.length > best.length) best = on;
    }
  return best;
}

/**
 * Where the edges of a box of paper are in a photo. Paper must be lighter than what it lies on.
 * @param light how light the photo is, all of its pixels.
 * @returns the sides whose edge is seen.
 */
export function paperEdges(light: Plane, view: View, paper: Box): PaperEdge[] {
  const sides: readonly Side[] = ['left', 'right', 'top', 'bottom'];
  const lines = alongLines(view);
  return sides.flatMap((side) => {
    const upright = side === 'left' || side === 'right';
    const [length, across] = upright ? [paper.height, paper.width] : [paper.width, paper.height];
    const reach = max(REACH_MM, REACH_SHARE * across);
    const base = {
      left: paper.x,
      right: paper.x + paper.width,
      top: paper.y,
      bottom: paper.y + paper.height,
    }[side];
    const outwards = side === 'left' || side === 'top' ? -1 : 1;
    const start = upright ? paper.y : paper.x;
    const looks: (readonly [number, number])[] = [];
    for (let nth = 0; nth < LOOKS; nth++) {
      const along = start + length * (FROM_CORNER + ((1 - 2 * FROM_CORNER) * (nth + 0.5)) / LOOKS);
      const px = upright ? pxPerMmAt(view, base, along) : pxPerMmAt(view, along, base);
      const stepMm = max(0.1, min(0.5, 0.7 / px));
      const from = base - outwards * reach;
      const count = floor((2 * reach) / stepMm) + 1;
      const [us, vs] = [new Float64Array(count), new Float64Array(count)];
      lines(
        upright ? { x: from, y: along } : { x: along, y: from },
        upright ? { x: outwards * stepMm, y: 0 } : { x: 0, y: outwards * stepMm },
        count,
        us,
        vs,
      );
      const found = fallAlong(sampledAlong(light, 1, us, vs), stepMm, -reach);
      if (found !== null) looks.push([along, found]);
    }
    const line = onOneLine(looks);
    if (line.length < LEAST_SHARE * LOOKS) return [];
    const points = line.map(([along, off]) => {
      const at = base + outwards * off;
      return upright ? seenAt(view, at, along) : seenAt(view, along, at);
    });
    return [{ side, points }];
  });
}
