import type { Point } from '../geometry';
import { fittedMap, frontal, type Projective } from './camera';
import { seenFromAbove } from './blocks';
import type { Ready } from './ready';
import { evened, flipped, shrunk, type Plane } from './plane';

const { max, round, sqrt } = Math;

/** Coarsely enough that a finger's breadth does not matter: longest side, pixels. */
const LOOK_PX = 220;
const EVEN_REACH = 7;
/** The best reading must be this alike, and so much more alike than the next. */
const LEAST_ALIKE = 0.3;
const CLEARLY = 0.07;

/** How alike two planes are where both are seen: their correlation. */
function correlation(one: Plane, other: Plane): number {
  let [n, a, b, aa, bb, ab] = [0, 0, 0, 0, 0, 0];
  for (let i = 0; i < one.data.length; i++) {
    const [x, y] = [one.data[i] ?? NaN, other.data[i] ?? NaN];
    if (Number.isNaN(x) || Number.isNaN(y)) continue;
    n++;
    a += x;
    b += y;
    aa += x * x;
    bb += y * y;
    ab += x * y;
  }
  const spread = sqrt((aa - (a * a) / n) * (bb - (b * b) / n));
  return n < one.data.length / 2 || !(spread > 0) ? 0 : (ab - (a * b) / n) / spread;
}

/** Four corners of a thing clockwise as it must lie. */
const cornersOf = (widthMm: number, heightMm: number): Point[] => [
  { x: 0, y: 0 },
  { x: widthMm, y: 0 },
  { x: widthMm, y: heightMm },
  { x: 0, y: heightMm },
];

/**
 * Which of several things lies between four corners of a photo, which way round and whether flipped, by how alike they are.
 * @returns null where no reading is clearly the best.
 */
export function placesByCorners(
  light: Plane,
  things: readonly Ready[],
  corners: readonly Point[],
): { which: number; mirrored: boolean; map: Projective } | null {
  const readings = things.flatMap(({ expected: { picture }, light: own }, which) => {
    const [widthMm, heightMm] = [picture.width / picture.pxPerMm, picture.height / picture.pxPerMm];
    const small = shrunk(own, max(1, round((own.width * LOOK_PX) / max(own.width, own.height))));
    const scale = small.width / widthMm;
    const plain = evened(small, EVEN_REACH);
    return [0, 1, 2, 3].flatMap((turn) => {
      const pixels = corners.map((_, i) => corners[(i + turn) % 4] ?? { x: 0, y: 0 });
      const map = fittedMap(
        cornersOf(widthMm, heightMm).map((from, i) => ({ from, to: pixels[i] ?? from, weight: 1 })),
      );
      if (!map || !frontal(map, widthMm / 2, heightMm / 2)) return [];
      const view = { map, lens: 0, widthPx: light.width, heightPx: light.height };
      const seen = seenFromAbove(light, light.width, view, widthMm, heightMm, scale);
      const filled = { ...seen, data: seen.data.map((v) => (Number.isNaN(v) ? 128 : v)) };
      const level = evened(
        {
          ...filled,
          width: plain.width,
          height: plain.height,
          data: filled.data.slice(0, plain.data.length),
        },
        EVEN_REACH,
      );
      return [false, true].map((mirrored) => ({
        ...{ which, mirrored, map },
        alike: correlation(mirrored ? flipped(plain) : plain, level),
      }));
    });
  });
  readings.sort((a, b) => b.alike - a.alike);
  const [best, next] = readings;
  if (!best || best.alike < LEAST_ALIKE || best.alike - (next?.alike ?? 0) < CLEARLY) return null;
  return { which: best.which, mirrored: best.mirrored, map: best.map };
}
