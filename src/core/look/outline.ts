import { doubleArea, type Point } from '../geometry';
import { shrunk, smoothed, type Plane } from './plane';

const { abs, floor, hypot, max, min, round } = Math;

/** Paper is told from the table at this size, longest side, pixels. */
const LOOK_PX = 480;
/** Paper fills at least so much of the photo. */
const LEAST_SHARE = 0.1;
/** So much of its four-sided outline is paper, what is dark within it counted. */
const LEAST_FILLED = 0.95;
/** No corner is more pointed or more blunt than this, cosine. */
const MOST_COSINE = 0.6;
/** Paper is lighter than the table by so much at least, 0–255. */
const LEAST_CONTRAST = 25;

/** The lightness that parts light from dark best (Otsu 1979), and how far the two middles are from each other. */
function parting({ data }: Plane): { at: number; apart: number } {
  const counts = new Float64Array(256);
  for (const value of data) {
    const bin = min(255, max(0, floor(value)));
    counts[bin] = (counts[bin] ?? 0) + 1;
  }
  const all = counts.reduce((sum, count, value) => sum + count * value, 0);
  let below = 0;
  let sum = 0;
  let best = { at: 128, apart: 0, score: 0 };
  for (let value = 0; value < 255; value++) {
    below += counts[value] ?? 0;
    sum += value * (counts[value] ?? 0);
    const above = data.length - below;
    if (below === 0 || above === 0) continue;
    const apart = (all - sum) / above - sum / below;
    const score = below * above * apart ** 2;
    if (score > best.score) best = { at: value + 1, apart, score };
  }
  return best;
}

/** Pixels of the largest light thing, its outermost of each row. */
function largest({ width, height, data }: Plane, at: number): Point[] {
  const group = new Int32Array(data.length);
  let nth = 0;
  let most = 0;
  let which = 0;
  for (let start = 0; start < data.length; start++) {
    if (group[start] || (data[start] ?? 0) < at) continue;
    nth++;
    group[start] = nth;
    const found = [start];
    // what is found is looked round from in turn
    for (const i of found) {
      const x = i % width;
      for (const next of [i - width, i + width, x > 0 ? i - 1 : -1, x + 1 < width ? i + 1 : -1]) {
        if (next < 0 || next >= data.length || group[next] || (data[next] ?? 0) < at) continue;
        group[next] = nth;
        found.push(next);
      }
    }
    if (found.length > most) [most, which] = [found.length, nth];
  }
  const rim: Point[] = [];
  for (let y = 0; y < height; y++) {
    const row = group.subarray(y * width, (y + 1) * width);
    const [first, last] = [row.indexOf(which), row.lastIndexOf(which)];
    if (first >= 0)
      rim.push(
        { x: first, y },
        { x: last + 1, y },
        { x: first, y: y + 1 },
        { x: last + 1, y: y + 1 },
      );
  }
  return rim;
}

const cross = (o: Point, a: Point, b: Point): number =>
  (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);

/** The convex outline of places, clockwise as y runs down (Andrew 1979). */
function hullOf(points: readonly Point[]): Point[] {
  const sorted = [...points].sort((a, b) => a.x - b.x || a.y - b.y);
  const half = (of: readonly Point[]): Point[] => {
    const chain: Point[] = [];
    for (const point of of) {
      for (let n = chain.length; n >= 2; n = chain.length) {
        const [a, b] = [chain[n - 2], chain[n - 1]];
        if (!a || !b || cross(a, b, point) > 0) break;
        chain.pop();
      }
      chain.push(point);
    }
    return chain.slice(0, -1);
  };
  return [...half(sorted), ...half(sorted.reverse())];
}

const areaOf = (polygon: readonly Point[]): number => abs(doubleArea([...polygon])) / 2;

/** Where the lines through two pairs of places meet; null where they hardly do. */
function meeting(a: Point, b: Point, c: Point, d: Point): Point | null {
  const [ux, uy, vx, vy] = [b.x - a.x, b.y - a.y, d.x - c.x, d.y - c.y];
  const det = ux * vy - uy * vx;
  if (abs(det) < 1e-3 * hypot(ux, uy) * hypot(vx, vy)) return null;
  const t = ((c.x - a.x) * vy - (c.y - a.y) * vx) / det;
  return { x: a.x + t * ux, y: a.y + t * uy };
}

/** A convex outline with sides left out, those first that add least by it, until four are left. */
function fourSided(hull: readonly Point[]): Point[] | null {
  let polygon = [...hull];
  while (polygon.length > 4) {
    let best: { nth: number; corner: Point; adds: number } | null = null;
    const n = polygon.length;
    for (let nth = 0; nth < n; nth++) {
      const [before, from, to, after] = [nth + n - 1, nth, nth + 1, nth + 2].map(
        (i) => polygon[i % n],
      ) as [Point, Point, Point, Point];
      // its neighbours made longer until they meet beyond it
      const corner = meeting(before, from, to, after);
      if (!corner || cross(from, to, corner) > 0) continue;
      const adds = areaOf([from, corner, to]);
      if (!best || adds < best.adds) best = { nth, corner, adds };
    }
    if (!best) return null;
    const { nth, corner } = best;
    polygon = polygon.flatMap((point, i) =>
      i === nth ? [corner] : i === (nth + 1) % n ? [] : [point],
    );
  }
  return polygon.length === 4 ? polygon : null;
}

/** Whether a four-sided outline may be a sheet of paper seen at a slant. */
function likely(corners: readonly Point[], { width, height }: Plane): boolean {
  const beyond = ({ x, y }: Point): boolean => x < 1 || y < 1 || x > width - 1 || y > height - 1;
  return !corners.some((corner, i) => {
    const [before, after] = [corners[(i + 3) % 4] ?? corner, corners[(i + 1) % 4] ?? corner];
    const [ux, uy, vx, vy] = [
      before.x - corner.x,
      before.y - corner.y,
      after.x - corner.x,
      after.y - corner.y,
    ];
    return beyond(corner) || abs(ux * vx + uy * vy) > MOST_COSINE * hypot(ux, uy) * hypot(vx, vy);
  });
}

/**
 * The four corners of a sheet of paper that lies whole in a photo, on something darker.
 * @param light how light the photo is.
 * @returns corners clockwise, pixels of the plane; null where no such outline is clear.
 */
export function paperOutline(light: Plane): Point[] | null {
  const longest = max(light.width, light.height);
  const small = smoothed(
    shrunk(light, min(light.width, round((light.width * LOOK_PX) / longest))),
    1,
  );
  const { at, apart } = parting(small);
  if (apart < LEAST_CONTRAST) return null;
  const hull = hullOf(largest(small, at));
  const area = areaOf(hull);
  if (area < LEAST_SHARE * small.width * small.height) return null;
  const corners = fourSided(hull);
  if (!corners || area < LEAST_FILLED * areaOf(corners) || !likely(corners, small)) return null;
  const by = light.width / small.width;
  return corners.map(({ x, y }) => ({ x: x * by, y: y * by }));
}
