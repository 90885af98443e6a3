import { contours } from 'd3-contour';
import { ramerDouglasPeuckerD } from 'clipper2-ts';
import type { Raster } from '@/core/art';
import { MAX_SILHOUETTE_POINTS, MAX_SILHOUETTE_RINGS, type ArtFacts } from '@/core/model';

/** Half covered: where an anti-aliased edge really runs. */
const EDGE_ALPHA = 127.5;
/** Specks smaller than this share of the picture are dust, not islands to weed. */
const DUST_SHARE = 0.00002;
/** First and largest slack of the simplified line, pixels. */
const FIRST_SLACK_PX = 0.3;
const MAX_SLACK_PX = 6;

type Ring = { x: number; y: number }[];

const areaOf = (ring: Ring): number =>
  Math.abs(
    ring.reduce((sum, { x, y }, i) => {
      const next = ring[(i + 1) % ring.length] ?? { x, y };
      return sum + x * next.y - next.x * y;
    }, 0) / 2,
  );

/** Every edge between clear and inked, in pixels of the raster, a clear border added all round. */
function edges({ width, height, data }: Raster): Ring[] {
  const [w, h] = [width + 2, height + 2];
  // a byte each; the package reads values by their place alone, which its types say of arrays only
  const alpha = new Uint8Array(w * h);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) alpha[(y + 1) * w + x + 1] = data[(y * width + x) * 4 + 3] ?? 0;
  const values = alpha as ArrayLike<number> as number[];
  const traced = contours().size([w, h]).smooth(true).thresholds([EDGE_ALPHA])(values);
  return traced.flatMap(({ coordinates }) =>
    coordinates.flatMap((polygon) =>
      polygon.map((ring) => ring.slice(0, -1).map(([x = 0, y = 0]) => ({ x: x - 1, y: y - 1 }))),
    ),
  );
}

/**
 * Traces the edge of what is not see-through (marching squares at half opacity) and keeps it small:
 * dust is left out, points that add nothing are dropped.
 * @returns rings in widths and heights of the picture; largest first.
 */
export function traceSilhouette(raster: Raster): ArtFacts['silhouette'] {
  const { width, height } = raster;
  const rings = edges(raster)
    .filter((ring) => areaOf(ring) > DUST_SHARE * width * height)
    .sort((a, b) => areaOf(b) - areaOf(a))
    .slice(0, MAX_SILHOUETTE_RINGS);
  let simple = rings;
  for (let slack = FIRST_SLACK_PX; slack <= MAX_SLACK_PX; slack *= 1.5) {
    simple = rings
      .map((ring) => ramerDouglasPeuckerD(ring, slack))
      .filter(({ length }) => length >= 3);
    if (simple.reduce((sum, { length }) => sum + length, 0) <= MAX_SILHOUETTE_POINTS) break;
  }
  const tidy = (value: number) => Math.round(value * 1e5) / 1e5;
  return simple.map((ring) =>
    ring.map(({ x, y }): [number, number] => [tidy(x / width), tidy(y / height)]),
  );
}
