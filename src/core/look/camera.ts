import type { Point } from '../geometry';
import { leastSquares } from './leastSquares';

const { hypot, abs, max } = Math;

/** A projective map of the plane, its nine figures row by row. */
export type Projective = readonly [
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
  number,
];

/** Where a projective map takes a place. */
export function projected([a, b, c, d, e, f, g, h, i]: Projective, x: number, y: number): Point {
  const w = g * x + h * y + i;
  return { x: (a * x + b * y + c) / w, y: (d * x + e * y + f) / w };
}

/** The map that undoes another. */
export function undone([a, b, c, d, e, f, g, h, i]: Projective): Projective {
  return [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ];
}

/** How a photo sees the flat thing in it: places of the thing, mm, to pixels, through a lens with one term. */
export interface View {
  readonly map: Projective;
  /** How much farther out the lens puts what is at the photo's corner, as a share. */
  readonly lens: number;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** Where a place of the thing is in the photo, pixels (the middle of the first is at 0.5). */
export function seenAt({ map, lens, widthPx, heightPx }: View, x: number, y: number): Point {
  const flat = projected(map, x, y);
  const [cx, cy] = [widthPx / 2, heightPx / 2];
  const half2 = cx * cx + cy * cy;
  const [dx, dy] = [flat.x - cx, flat.y - cy];
  const out = 1 + (lens * (dx * dx + dy * dy)) / half2;
  return { x: cx + dx * out, y: cy + dy * out };
}

/**
 * As `seenAt`, for millions of places: `count` of them along a line from (x, y), each (dx, dy) from the one before, into
 * `u` and `v`.
 */
export function alongLines({ map, lens, widthPx, heightPx }: View) {
  const [a, b, c, d, e, f, g, h, i] = map;
  const [cx, cy] = [widthPx / 2, heightPx / 2];
  const bend = lens / (cx * cx + cy * cy);
  return (
    from: Readonly<Point>,
    step: Readonly<Point>,
    count: number,
    u: Float64Array,
    v: Float64Array,
  ): void => {
    const { x: x0, y: y0 } = from;
    const { x: stepX, y: stepY } = step;
    for (let n = 0; n < count; n++) {
      const x = x0 + n * stepX;
      const y = y0 + n * stepY;
      const w = 1 / (g * x + h * y + i);
      const dx = (a * x + b * y + c) * w - cx;
      const dy = (d * x + e * y + f) * w - cy;
      const far = 1 + bend * (dx * dx + dy * dy);
      u[n] = cx + dx * far;
      v[n] = cy + dy * far;
    }
  };
}

/** The place of the thing that a pixel of the photo shows, mm. */
export function placeAt(view: View, x: number, y: number): Point {
  const { map, lens, widthPx, heightPx } = view;
  const [cx, cy] = [widthPx / 2, heightPx / 2];
  const half2 = cx * cx + cy * cy;
  const [dx, dy] = [x - cx, y - cy];
  const r2 = (dx * dx + dy * dy) / half2;
  let r0 = r2;
  for (let i = 0; i < 8; i++) r0 = r2 / (1 + lens * r0) ** 2;
  const back = 1 / (1 + lens * r0);
  return projected(undone(map), cx + dx * back, cy + dy * back);
}

/** Places of one plane and of another that belong together, with how much each counts. */
export interface Pair {
  readonly from: Point;
  readonly to: Point;
  readonly weight: number;
}

/** Moves and scales places so that they lie about the origin at a distance of one. */
function levelled(points: readonly Point[]) {
  const n = points.length;
  const cx = points.reduce((sum, { x }) => sum + x, 0) / n;
  const cy = points.reduce((sum, { y }) => sum + y, 0) / n;
  const far = points.reduce((sum, { x, y }) => sum + hypot(x - cx, y - cy), 0) / n || 1;
  return { cx, cy, by: 1 / far };
}

/** The projective map that takes places nearest to where they belong (Hartley and Zisserman 2004, §4.1, with h33 = 1); null where they lie on a line. */
export function fittedMap(pairs: readonly Pair[]): Projective | null {
  if (pairs.length < 4) return null;
  const [f, t] = [levelled(pairs.map(({ from }) => from)), levelled(pairs.map(({ to }) => to))];
  const rows: number[][] = [];
  const wanted: number[] = [];
  const weights: number[] = [];
  for (const { from, to, weight } of pairs) {
    const x = (from.x - f.cx) * f.by;
    const y = (from.y - f.cy) * f.by;
    const u = (to.x - t.cx) * t.by;
    const v = (to.y - t.cy) * t.by;
    rows.push([x, y, 1, 0, 0, 0, -u * x, -u * y], [0, 0, 0, x, y, 1, -v * x, -v * y]);
    wanted.push(u, v);
    weights.push(weight, weight);
  }
  const found = leastSquares(rows, wanted, weights);
  if (!found) return null;
  const [a = 0, b = 0, c = 0, d = 0, e = 0, g = 0, h = 0, k = 0] = found;
  return rescaled([a, b, c, d, e, g, h, k, 1], f, t);
}

type Levelled = ReturnType<typeof levelled>;

/** Undoes the levelling on both sides of a map. */
function rescaled(m: Projective, f: Levelled, t: Levelled): Projective {
  const [a, b, c, d, e, g, h, k, i] = m;
  // m · F, with F = [by 0 −cx·by; 0 by −cy·by; 0 0 1]
  const right: Projective = [
    a * f.by, b * f.by, c - f.by * (a * f.cx + b * f.cy),
    d * f.by, e * f.by, g - f.by * (d * f.cx + e * f.cy),
    h * f.by, k * f.by, i - f.by * (h * f.cx + k * f.cy),
  ]; // prettier-ignore
  const s = 1 / t.by;
  const [A, B, C, D, E, G, H, K, I] = right;
  const whole = [
    A * s + t.cx * H,
    B * s + t.cx * K,
    C * s + t.cx * I,
    D * s + t.cy * H,
    E * s + t.cy * K,
    G * s + t.cy * I,
    H,
    K,
    I,
  ] as const;
  const norm = abs(whole[8]) > 1e-12 ? whole[8] : 1;
  return whole.map((v) => v / norm) as unknown as Projective;
}

/** Whether a map shows the thing from the front at a place: a reflected one would show it from behind. */
export function frontal([a, b, c, d, e, f, g, h, i]: Projective, x: number, y: number): boolean {
  const w = g * x + h * y + i;
  const det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  return w > 0 && det > 0;
}

/** How many pixels of the photo a millimetre of the thing takes at a place. */
export function pxPerMmAt(view: View, x: number, y: number): number {
  const at = seenAt(view, x, y);
  const [right, down] = [seenAt(view, x + 1, y), seenAt(view, x, y + 1)];
  return max(
    1e-6,
    (hypot(right.x - at.x, right.y - at.y) + hypot(down.x - at.x, down.y - at.y)) / 2,
  );
}

const LENS_ROUNDS = 6;

/**
 * The view that explains best where places of the thing are seen: projective map and lens together, by Gauss and Newton's
 * method, what lies far off counting less (Huber 1964).
 * @param pairs places of the thing, mm, and pixels of the photo.
 * @param usualPx misfits up to this count in full.
 */
export function refinedView(view: View, pairs: readonly Pair[], usualPx: number): View {
  if (pairs.length < 12) return view;
  const f = levelled(pairs.map(({ from }) => from));
  const [cx, cy] = [view.widthPx / 2, view.heightPx / 2];
  const half = hypot(cx, cy);
  // figures of the map in levelled places and in shares of the photo's half diagonal about its middle
  const toUnits: Levelled = { cx, cy, by: 1 / half };
  let m = inUnits(view.map, f, toUnits);
  let lens = view.lens;
  for (let round = 0; round < LENS_ROUNDS; round++) {
    const rows: number[][] = [];
    const off: number[] = [];
    const weights: number[] = [];
    for (const { from, to, weight } of pairs) {
      const x = (from.x - f.cx) * f.by;
      const y = (from.y - f.cy) * f.by;
      const u = (to.x - cx) / half;
      const v = (to.y - cy) / half;
      const w = m[6] * x + m[7] * y + 1;
      const px = (m[0] * x + m[1] * y + m[2]) / w;
      const py = (m[3] * x + m[4] * y + m[5]) / w;
      const r2 = px * px + py * py;
      const out = 1 + lens * r2;
      const ex = u - px * out;
      const ey = v - py * out;
      const far = hypot(ex, ey) * half;
      const counts = weight * (far <= usualPx ? 1 : usualPx / far) * (far > 6 * usualPx ? 0.02 : 1);
      const [dxx, dxy, dyy] = [
        out + 2 * lens * px * px,
        2 * lens * px * py,
        out + 2 * lens * py * py,
      ];
      const row = (p: number, q: number, l: number) => [
        (p * x) / w,
        (p * y) / w,
        p / w,
        (q * x) / w,
        (q * y) / w,
        q / w,
        (-(p * px + q * py) * x) / w,
        (-(p * px + q * py) * y) / w,
        l,
      ];
      rows.push(row(dxx, dxy, px * r2), row(dxy, dyy, py * r2));
      off.push(ex, ey);
      weights.push(counts, counts);
    }
    const step = leastSquares(rows, off, weights);
    if (!step) break;
    m = m.map((v, i) => (i < 8 ? v + (step[i] ?? 0) : v)) as unknown as Projective;
    lens = Math.max(-0.25, Math.min(0.25, lens + (step[8] ?? 0)));
  }
  return { ...view, map: rescaled(m, f, toUnits), lens };
}

/** A map of mm to pixels as one of levelled places to units of the photo. */
function inUnits(map: Projective, f: Levelled, t: Levelled): Projective {
  const [a, b, c, d, e, g, h, k, i] = map;
  const s = 1 / f.by;
  const placed = [
    a * s,
    b * s,
    c + a * f.cx + b * f.cy,
    d * s,
    e * s,
    g + d * f.cx + e * f.cy,
    h * s,
    k * s,
    i + h * f.cx + k * f.cy,
  ] as const;
  const [A, B, C, D, E, G, H, K, I] = placed;
  const whole = [
    (A - t.cx * H) * t.by,
    (B - t.cx * K) * t.by,
    (C - t.cx * I) * t.by,
    (D - t.cy * H) * t.by,
    (E - t.cy * K) * t.by,
    (G - t.cy * I) * t.by,
    H,
    K,
    I,
  ] as const;
  return whole.map((v) => v / I) as unknown as Projective;
}
