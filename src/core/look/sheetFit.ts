import { Matrix, solve } from 'ml-matrix';
import type { Box, Point } from '../geometry';
import type { Block } from './blocks';
import { placeAt, pxPerMmAt, seenAt, type Projective, type View } from './camera';
import type { PaperEdge } from './paperEdges';

const { abs, max, min, sqrt, hypot } = Math;

/** A print on its sheet, told by the sheet's own edges. */
export interface SheetFit {
  /** How the photo sees the print, its edges holding the view where nothing is printed. */
  readonly view: View;
  /** The print's size beside what it must be, and within how much that is known (three times its standard error); null where the edges do not tell. */
  readonly across: number | null;
  readonly along: number | null;
  readonly known: number;
}

/** Looks along one edge are not independent, the paper is not straight: all of them together count as so many. */
const EDGE_COUNTS = 10;
/** So far from where they must be, blocks and edges usually are, mm: what scatters more counts less. */
const USUAL_MM = 0.12;
const ROUNDS = 5;
/** A size known no better than this is not known, as a share. */
const BEST_KNOWN = 0.006;

/** The eight figures of the paper's view, the lens, and how the print lies on the paper: size across and along, turn, two shifts. */
type Figures = readonly number[];

const viewOf = (figures: Figures, like: View): View => ({
  ...like,
  map: [...figures.slice(0, 8), 1] as unknown as Projective,
  lens: figures[8] ?? 0,
});

/** Where a place of the print lies on the paper. */
const onPaper = (figures: Figures, middle: Point, x: number, y: number): Point => {
  const [sx = 1, sy = 1, turn = 0, dx = 0, dy = 0] = figures.slice(9);
  const [u, v] = [x - middle.x, y - middle.y];
  return { x: middle.x + sx * u - turn * v + dx, y: middle.y + sy * v + turn * u + dy };
};

interface Seen {
  readonly blocks: readonly { from: Point; to: Point; pxPerMm: number }[];
  readonly edges: readonly { side: PaperEdge['side']; at: Point; base: number; weight: number }[];
}

function misfits(figures: Figures, like: View, middle: Point, { blocks, edges }: Seen): number[] {
  const view = viewOf(figures, like);
  const off: number[] = [];
  for (const { from, to, pxPerMm } of blocks) {
    const paper = onPaper(figures, middle, from.x, from.y);
    const at = seenAt(view, paper.x, paper.y);
    off.push((at.x - to.x) / pxPerMm, (at.y - to.y) / pxPerMm);
  }
  for (const { side, at, base } of edges) {
    const place = placeAt(view, at.x, at.y);
    off.push(side === 'left' || side === 'right' ? place.x - base : place.y - base);
  }
  return off;
}

/**
 * Fits view, lens and the print's own size together to the blocks of the print and the edges of its paper, whose size is
 * known (Gauss and Newton's method).
 * @param first how the photo sees the print, by its blocks alone.
 */
export function sheetFit(
  first: View,
  blocks: readonly Block[],
  found: readonly PaperEdge[],
  paper: Box,
): SheetFit {
  const none: SheetFit = { view: first, across: null, along: null, known: Infinity };
  if (found.length < 3 || blocks.length < 8) return none;
  const middle = { x: paper.x + paper.width / 2, y: paper.y + paper.height / 2 };
  const base = {
    left: paper.x,
    right: paper.x + paper.width,
    top: paper.y,
    bottom: paper.y + paper.height,
  };
  const seen: Seen = {
    blocks: blocks.map(({ x, y, dx, dy }) => ({
      from: { x, y },
      to: seenAt(first, x + dx, y + dy),
      pxPerMm: pxPerMmAt(first, x, y),
    })),
    edges: found.flatMap(({ side, points }) =>
      points.map((at) => ({ side, at, base: base[side], weight: EDGE_COUNTS / points.length })),
    ),
  };
  const own = first.map.map((v) => v / (first.map[8] || 1));
  let figures: number[] = [...own.slice(0, 8), first.lens, 1, 1, 0, 0, 0];
  let errors: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    const step = stepOf(figures, first, middle, seen);
    if (!step) return none;
    figures = figures.map((v, i) => v + (step.by[i] ?? 0));
    figures[8] = max(-0.25, min(0.25, figures[8] ?? 0));
    errors = step.errors;
  }
  const sides = new Set(found.map(({ side }) => side));
  const known = 3 * max(errors[9] ?? Infinity, errors[10] ?? Infinity);
  const told = (one: PaperEdge['side'], other: PaperEdge['side'], nth: number) =>
    sides.has(one) && sides.has(other) && 3 * (errors[nth] ?? Infinity) < BEST_KNOWN
      ? (figures[nth] ?? null)
      : null;
  const view = viewOf(figures, first);
  return {
    view: { ...view, map: composed(view.map, figures, middle) },
    across: told('left', 'right', 9),
    along: told('top', 'bottom', 10),
    known,
  };
}

/** The view of the paper after the way of the print onto it. */
function composed(
  [a, b, c, d, e, f, g, h, i]: Projective,
  figures: Figures,
  middle: Point,
): Projective {
  const o = onPaper(figures, middle, 0, 0);
  const [x, y] = [onPaper(figures, middle, 1, 0), onPaper(figures, middle, 0, 1)];
  const [p, q, r, s] = [x.x - o.x, y.x - o.x, x.y - o.y, y.y - o.y];
  return [
    a * p + b * r,
    a * q + b * s,
    a * o.x + b * o.y + c,
    d * p + e * r,
    d * q + e * s,
    d * o.x + e * o.y + f,
    g * p + h * r,
    g * q + h * s,
    g * o.x + h * o.y + i,
  ];
}

/** How large a change of each figure is tried, so that places move by some hundredths of a millimetre. */
const trials = (figures: Figures, { x, y }: Point): number[] => {
  const far = 2 * hypot(x, y);
  return figures.map(
    (v, i) =>
      (i === 2 || i === 5
        ? 0.05
        : i < 6
          ? 0.05 / far
          : i < 8
            ? 1e-5 / far
            : i === 8
              ? 1e-5
              : i < 12
                ? 1e-5
                : 0.01) * (v === 0 ? 1 : 1),
  );
};

function stepOf(
  figures: Figures,
  like: View,
  middle: Point,
  seen: Seen,
): { by: number[]; errors: number[] } | null {
  const off = misfits(figures, like, middle, seen);
  const by = trials(figures, middle);
  const slopes = by.map((trial, i) => {
    const moved = misfits(
      figures.map((v, j) => (i === j ? v + trial : v)),
      like,
      middle,
      seen,
    );
    return moved.map((v, n) => v - (off[n] ?? 0));
  });
  const blocks = 2 * seen.blocks.length;
  const weights = off.map(
    (v, n) =>
      (n < blocks ? 1 : (seen.edges[n - blocks]?.weight ?? 0)) *
      (abs(v) > USUAL_MM ? USUAL_MM / abs(v) : 1) *
      (abs(v) > 1.5 ? 0.05 : 1),
  );
  const count = by.length;
  const normal = Matrix.zeros(count, count);
  const right = Matrix.zeros(count, 1);
  for (let i = 0; i < count; i++) {
    const one = slopes[i] ?? [];
    for (let n = 0; n < off.length; n++)
      right.set(i, 0, right.get(i, 0) - (weights[n] ?? 0) * (one[n] ?? 0) * (off[n] ?? 0));
    for (let j = 0; j <= i; j++) {
      const other = slopes[j] ?? [];
      let sum = 0;
      for (let n = 0; n < off.length; n++)
        sum += (weights[n] ?? 0) * (one[n] ?? 0) * (other[n] ?? 0);
      normal.set(i, j, sum);
      normal.set(j, i, sum);
    }
    normal.set(i, i, normal.get(i, i) * (1 + 1e-9) + 1e-18);
  }
  try {
    const both = solve(normal, Matrix.eye(count)) as Matrix;
    const step = both.mmul(right).to1DArray();
    const spread =
      off.reduce((sum, v, n) => sum + (weights[n] ?? 0) * v * v, 0) /
      max(
        1,
        weights.reduce((sum, v) => sum + v, 0),
      );
    if (!step.every(Number.isFinite)) return null;
    return {
      by: step.map((v, i) => v * (by[i] ?? 0)),
      errors: by.map((trial, i) => trial * sqrt(max(0, both.get(i, i)) * max(spread, 0.03 ** 2))),
    };
  } catch {
    return null;
  }
}
