import type { Box, Point } from '../geometry';
import { bottom, right } from '../geometry';
import { alongLines, seenAt, type Pair, type View } from './camera';
import { alikeRound, varianceAt } from './alike';
import { leastSquares } from './leastSquares';
import { medianOf } from '../median';
import { sampledAlong, type Plane } from './plane';

const { floor, min, max, sqrt, hypot, round } = Math;

/** Where a small square of what must lie there is really seen. */
export interface Block {
  /** Its middle, mm. */
  readonly x: number;
  readonly y: number;
  /** How far from there it is seen, mm as the view has them. */
  readonly dx: number;
  readonly dy: number;
  /** How alike the two are, 0–1. */
  readonly alike: number;
  /** Which part it belongs to, by its place in the list. */
  readonly part: number;
}

/** How blocks of a part are moved, as a plane each way: `dx = a + b·x + c·y`, mm. */
export interface Drift {
  readonly x: readonly [number, number, number];
  readonly y: readonly [number, number, number];
}

/** Everything lies where it must. */
export const NO_DRIFT: Drift = { x: [0, 0, 0], y: [0, 0, 0] };

/** How far something is moved at a place, mm. */
export const driftAt = ({ x: [a, b, c], y: [d, e, f] }: Drift, x: number, y: number): Point => ({
  x: a + b * x + c * y,
  y: d + e * x + f * y,
});

/** The photo as seen from straight above in the thing's own frame, so many pixels a millimetre; NaN beyond the photo. */
export function seenFromAbove(
  photo: Plane,
  photoWidthPx: number,
  view: View,
  widthMm: number,
  heightMm: number,
  pxPerMm: number,
): Plane {
  const [width, height] = [round(widthMm * pxPerMm), round(heightMm * pxPerMm)];
  const data = new Float32Array(width * height);
  const by = photo.width / photoWidthPx;
  const along = alongLines(view);
  const [us, vs] = [new Float64Array(width), new Float64Array(width)];
  for (let y = 0; y < height; y++) {
    along({ x: 0.5 / pxPerMm, y: (y + 0.5) / pxPerMm }, { x: 1 / pxPerMm, y: 0 }, width, us, vs);
    data.set(sampledAlong(photo, by, us, vs), y * width);
  }
  return { width, height, data };
}

/** How blocks are looked for. */
export interface Search {
  /** Side of a block and distance from one to the next, pixels. */
  readonly side: number;
  readonly step: number;
  /** How far round the expected place, pixels. */
  readonly reach: number;
  /** Art is soft: a few pixels aside it must be less alike, not one. */
  readonly soft?: boolean;
}

/** Blocks that hold less contrast than this say nothing, 0–255. */
const LEAST_SPREAD = 4;
/** Nor do places of the photo whose variance is no more than this, 0–255 squared. */
const LEAST_SEEN = 1;
const LEAST_ALIKE = 0.6;
/** A pixel aside, or some where art is soft, it must be less alike by this, either way, or it may lie anywhere along a line. */
const LEAST_FALL = 0.015;
const SOFT_PX = 3;

/** The top of a curve through three figures, −0.5 to 0.5 about the middle one. */
const peakOf = (before: number, middle: number, after: number): number => {
  const bend = before - 2 * middle + after;
  return bend < 0 ? max(-0.5, min(0.5, (0.5 * (before - after)) / bend)) : 0;
};

function searched(
  wanted: Plane,
  seen: Plane,
  x0: number,
  y0: number,
  shift: { x: number; y: number },
  { side, reach, soft = false }: Search,
): { dx: number; dy: number; alike: number } | 'flat' | 'lost' {
  if (!(varianceAt(wanted, x0, y0, side) > LEAST_SPREAD ** 2)) return 'flat';
  const [atX, atY] = [x0 + shift.x, y0 + shift.y];
  const { size, scores, variances } = alikeRound(wanted, seen, {
    ...{ x: x0, y: y0, atX, atY, side, reach },
  });
  let best = -1;
  let where = -1;
  for (let i = 0; i < scores.length; i++) {
    const score = scores[i] ?? -1;
    if (!(score > best && (variances[i] ?? -1) > LEAST_SEEN)) continue;
    best = score;
    where = i;
  }
  if (best < LEAST_ALIKE) return 'lost';
  const [u, v] = [where % size, floor(where / size)];
  // at the rim the best may lie beyond
  if (u === 0 || v === 0 || u === size - 1 || v === size - 1) return 'lost';
  // along an edge without a corner a block slides: the other way round it must be clearly worse
  const fall = (i: number) => best - max(scores[i] ?? -1, -1);
  const aside = soft ? SOFT_PX : 1;
  const worse = (before: number, after: number, step: number) =>
    max(fall(where - min(aside, before) * step), fall(where + min(aside, after) * step));
  const dull = worse(u, size - 1 - u, 1) < LEAST_FALL || worse(v, size - 1 - v, size) < LEAST_FALL;
  if (dull) return 'flat';
  return {
    dx: shift.x + u - reach + peakOf(scores[where - 1] ?? 0, best, scores[where + 1] ?? 0),
    dy: shift.y + v - reach + peakOf(scores[where - size] ?? 0, best, scores[where + size] ?? 0),
    alike: best,
  };
}

/**
 * Looks for every block of what must lie there in the photo as seen from above.
 * @param parts boxes the blocks belong to, mm; blocks lie wholly in one.
 * @param drifts where each part's blocks are expected, beside their place.
 * @returns the blocks found, and how many of each part could have been.
 */
export function blocksOf(
  wanted: Plane,
  seen: Plane,
  pxPerMm: number,
  parts: readonly Box[],
  drifts: readonly Drift[],
  search: Search,
): { found: Block[]; tried: Int32Array } {
  const { side, step } = search;
  const found: Block[] = [];
  const tried = new Int32Array(parts.length);
  parts.forEach((box, part) => {
    const drift = drifts[part] ?? NO_DRIFT;
    const left = max(0, Math.ceil(box.x * pxPerMm));
    const top = max(0, Math.ceil(box.y * pxPerMm));
    const [to, low] = [
      min(wanted.width, floor(right(box) * pxPerMm)),
      min(wanted.height, floor(bottom(box) * pxPerMm)),
    ];
    for (let y0 = top; y0 + side <= low; y0 += step)
      for (let x0 = left; x0 + side <= to; x0 += step) {
        const x = (x0 + side / 2) / pxPerMm;
        const y = (y0 + side / 2) / pxPerMm;
        const off = driftAt(drift, x, y);
        const shift = { x: round(off.x * pxPerMm), y: round(off.y * pxPerMm) };
        const own = searched(wanted, seen, x0, y0, shift, search);
        if (own === 'flat') continue;
        tried[part] = (tried[part] ?? 0) + 1;
        if (own === 'lost') continue;
        found.push({ x, y, dx: own.dx / pxPerMm, dy: own.dy / pxPerMm, alike: own.alike, part });
      }
  });
  return { found, tried };
}

/** Blocks as places and the pixels they are seen at. */
export const pairsOf = (blocks: readonly Block[], view: View): Pair[] =>
  blocks.map(({ x, y, dx, dy, alike: weight }) => ({
    from: { x, y },
    to: seenAt(view, x + dx, y + dy),
    weight: weight ** 2,
  }));

/** What is needed to tell how a part drifts as a plane; fewer tell a shift alone. */
const LEAST_FOR_PLANE = 12;
const ROUNDS = 4;
/** Planes are level unless blocks say otherwise: as much as one block a tenth of a metre off says. */
const LEVEL = 0.15;

/** How some blocks are moved together. */
export interface Drifted {
  readonly drift: Drift;
  readonly spreadMm: number;
  readonly count: number;
  /** Within how much it is known at a place, mm (one standard error, scatter and lie of the blocks considered). */
  readonly errorAt: (x: number, y: number) => number;
}

/** A block's scatter is never taken for less, mm; what lies near each other is off together, so each counts for a part. */
const LEAST_SCATTER_MM = 0.04;
const COUNTS = 0.35;

/** How some blocks are moved together, what stands out counting little; null where there are none. */
export function driftOf(blocks: readonly Block[]): Drifted | null {
  if (blocks.length < 3) return null;
  const shift = {
    x: medianOf(blocks.map(({ dx }) => dx)),
    y: medianOf(blocks.map(({ dy }) => dy)),
  };
  let drift: Drift = { x: [shift.x, 0, 0], y: [shift.y, 0, 0] };
  const off = ({ x, y, dx, dy }: Block): number => {
    const at = driftAt(drift, x, y);
    return hypot(dx - at.x, dy - at.y);
  };
  const [cx, cy] = [medianOf(blocks.map(({ x }) => x)), medianOf(blocks.map(({ y }) => y))];
  const rows = blocks.map(({ x, y }) => [1, (x - cx) / 100, (y - cy) / 100]);
  const level = [
    [0, 1, 0],
    [0, 0, 1],
  ];
  const plane = blocks.length >= LEAST_FOR_PLANE;
  for (let turn = 0; turn < ROUNDS && plane; turn++) {
    const usual = 1.5 * medianOf(blocks.map(off)) + 0.02;
    const weights = blocks.map((block) =>
      off(block) < 4 * usual ? min(1, usual / max(1e-6, off(block))) * block.alike : 0,
    );
    const fit = (of: (block: Block) => number): readonly [number, number, number] | null => {
      const found = leastSquares(
        [...rows, ...level],
        [...blocks.map(of), 0, 0],
        [...weights, LEVEL, LEVEL],
      );
      if (!found) return null;
      const [a = 0, b = 0, c = 0] = found;
      return [a - (b * cx) / 100 - (c * cy) / 100, b / 100, c / 100];
    };
    const x = fit(({ dx }) => dx);
    const y = fit(({ dy }) => dy);
    if (!x || !y) break;
    drift = { x, y };
  }
  const spreadMm = medianOf(blocks.map(off));
  const scatter = max(LEAST_SCATTER_MM, 1.1 * spreadMm) / sqrt(COUNTS * blocks.length);
  const wide = (of: (block: Block) => number, about: number): number =>
    max(5, sqrt(blocks.reduce((sum, block) => sum + (of(block) - about) ** 2, 0) / blocks.length));
  const [wx, wy] = [wide(({ x }) => x, cx), wide(({ y }) => y, cy)];
  const errorAt = (x: number, y: number): number =>
    scatter * (plane ? hypot(1, (x - cx) / wx, (y - cy) / wy) : 1 + hypot(x - cx, y - cy) / 100);
  return { drift, spreadMm, count: blocks.length, errorAt };
}
