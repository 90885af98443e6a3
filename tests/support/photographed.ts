import type { Raster } from '@/core/art';
import { randomOf } from '@/core/random';
import type { Point } from '@/core/geometry';
import {
  CHART_DRAWING,
  CHART_LIGHT,
  CHART_SIZE_MM,
  linearOf,
  toEncoded,
  type Lets,
  type Rgb,
} from '@/core/colour';

/** Looked up once: global names are slow inside the test runner’s sandbox. */
const { floor, sqrt, max, min, cos, sin, round, abs, PI } = Math;

/** How a chart comes out of a press that is not ours: darker middles, some of each colour in its neighbours. */
export const pressTruth: Lets = ([r, g, b]) => {
  const mix = (own: number, one: number, two: number) =>
    0.025 + 0.955 * (0.88 * own ** 1.18 + 0.07 * one + 0.05 * two);
  return [mix(r, g, b), mix(g, r, b), mix(b, g, r)];
};

/** The chart as pressed, by place on it in mm: linear light beside bare. */
function chartAt(lets: Lets): (x: number, y: number) => Rgb {
  const { width, height } = CHART_SIZE_MM;
  const bare: Rgb = [1, 1, 1];
  const colours = CHART_DRAWING.map(({ box, colour }) => ({ box, light: lets(linearOf(colour)) }));
  const white = colours.map(({ light }, i) =>
    CHART_DRAWING[i]?.colour === '#ffffff' ? bare : light,
  );
  // half a millimetre is finer than any of its edges
  const cells = new Map<number, Rgb>();
  const [w, h] = [2 * width, 2 * height];
  colours.forEach(({ box }, i) => {
    const own = white[i] ?? bare;
    for (let y = round(2 * box.y); y < round(2 * (box.y + box.height)); y++)
      for (let x = round(2 * box.x); x < round(2 * (box.x + box.width)); x++)
        cells.set(y * w + x, own);
  });
  return (x, y) => {
    const [cx, cy] = [floor(2 * x), floor(2 * y)];
    return cx >= 0 && cy >= 0 && cx < w && cy < h ? (cells.get(cy * w + cx) ?? bare) : bare;
  };
}

/** A photo of the pressed chart: tilted, cast, unevenly lit, noisy, of 8 bits. */
export function photographed(seed: number, lets: Lets, widthPx = 900, heightPx = 760): Raster {
  const random = randomOf(seed);
  const between = (from: number, to: number) => from + (to - from) * random();
  const { width, height } = CHART_SIZE_MM;
  const turn = between(-0.25, 0.25) + (floor(random() * 4) * PI) / 2;
  const upright = abs(cos(turn)) > 0.7;
  const scale =
    (0.78 * min(widthPx / (upright ? width : height), heightPx / (upright ? height : width))) /
    1.12;
  const corners = [
    [-width / 2, -height / 2],
    [width / 2, -height / 2],
    [width / 2, height / 2],
    [-width / 2, height / 2],
  ].map(([x = 0, y = 0]) => ({
    x: widthPx / 2 + scale * (x * cos(turn) - y * sin(turn)) + between(-0.04, 0.04) * widthPx,
    y: heightPx / 2 + scale * (x * sin(turn) + y * cos(turn)) + between(-0.04, 0.04) * heightPx,
  }));
  const [a, b, c, d] = corners;
  if (!a || !b || !c || !d) throw new Error('a chart has four corners');
  const inverse = placeOn([a, b, c, d]);
  const seen = chartAt(lets);
  const cast = [between(0.8, 1), between(0.85, 1), between(0.7, 1)];
  const lamp = { x: between(-0.3, 0.3), y: between(-0.3, 0.3), bend: between(-0.15, 0.05) };
  const exposure = between(0.55, 0.72);
  const noise = between(0.002, 0.012);
  const data = new Uint8ClampedArray(widthPx * heightPx * 4);
  for (let y = 0; y < heightPx; y++)
    for (let x = 0; x < widthPx; x++) {
      const at = inverse(x + 0.5, y + 0.5);
      const inside = at.u > -0.15 && at.v > -0.15 && at.u < 1.15 && at.v < 1.15;
      const light = inside ? seen(at.u * width, at.v * height) : ([0.35, 0.3, 0.25] as const);
      const [u, v] = [x / widthPx - 0.5, y / heightPx - 0.5];
      const lit = exposure * (1 + lamp.x * u + lamp.y * v + lamp.bend * (u * u + v * v));
      for (let k = 0; k < 3; k++) {
        const value = lit * (cast[k] ?? 1) * (light[k] ?? 0);
        const grain = noise * (random() + random() + random() - 1.5) * 2 * sqrt(value + 0.01);
        data[4 * (y * widthPx + x) + k] = 255 * toEncoded(max(0, value + grain));
      }
      data[4 * (y * widthPx + x) + 3] = 255;
    }
  return { width: widthPx, height: heightPx, data };
}

/** Where a pixel lies on a tilted sheet: the inverse of the projective map from the unit square to its corners. */
function placeOn([p0, p1, p2, p3]: readonly [Point, Point, Point, Point]) {
  const [sx, sy] = [p0.x - p1.x + p2.x - p3.x, p0.y - p1.y + p2.y - p3.y];
  const [x1, x2, y1, y2] = [p1.x - p2.x, p3.x - p2.x, p1.y - p2.y, p3.y - p2.y];
  const det = x1 * y2 - x2 * y1;
  const [g, h] = [(sx * y2 - x2 * sy) / det, (x1 * sy - sx * y1) / det];
  const [a, b, c] = [p1.x - p0.x + g * p1.x, p3.x - p0.x + h * p3.x, p0.x];
  const [d, e, f] = [p1.y - p0.y + g * p1.y, p3.y - p0.y + h * p3.y, p0.y];
  return (x: number, y: number) => {
    // adjugate of [a b c; d e f; g h 1]
    const u = (e - f * h) * x + (c * h - b) * y + (b * f - c * e);
    const v = (f * g - d) * x + (a - c * g) * y + (c * d - a * f);
    const w = (d * h - e * g) * x + (b * g - a * h) * y + (a * e - b * d);
    return { u: u / w, v: v / w };
  };
}

/** What the chart's patches really send back. */
export const truthOf = (lets: Lets): readonly Rgb[] => CHART_LIGHT.map(lets);
