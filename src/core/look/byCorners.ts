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

/** Prints come out so large at times, “fit to page” or not. */
const SIZES = [1, 0.99, 1.01, 0.98, 1.02, 0.97, 1.03] as const;

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

/** Four corners of a thing clockwise as it must lie, where its print came out larger or smaller about its middle. */
const cornersOf = (widthMm: number, heightMm: number, size: number): Point[] => {
  const [x, y] = [widthMm / 2, heightMm / 2];
  const at = (u: number, v: number): Point => ({ x: x + (u * x) / size, y: y + (v * y) / size });
  return [at(-1, -1), at(1, -1), at(1, 1), at(-1, 1)];
};

/** A thing lying between four corners in one of the ways it can. */
interface Reading {
  /** Which thing, turned and flipped how. */
  readonly way: string;
  readonly which: number;
  readonly mirrored: boolean;
  readonly map: Projective;
  readonly alike: number;
}

/** Every way a thing can lie between four corners, with how alike what is seen there is. */
function readingsOf(
  light: Plane,
  { expected: { picture, paper }, light: own }: Ready,
  which: number,
  corners: readonly Point[],
): Reading[] {
  const [widthMm, heightMm] = [picture.width / picture.pxPerMm, picture.height / picture.pxPerMm];
  const small = shrunk(own, max(1, round((own.width * LOOK_PX) / max(own.width, own.height))));
  const scale = small.width / widthMm;
  const plain = evened(small, EVEN_REACH);
  const { width, height } = plain;
  const wanted = [plain, flipped(plain)] as const;
  // only paper says nothing of how large its print is
  return (paper ? SIZES : [1]).flatMap((size) =>
    [0, 1, 2, 3].flatMap((turn) => {
      const pairs = cornersOf(widthMm, heightMm, size).map((from, i) => ({
        ...{ from, to: corners[(i + turn) % 4] ?? from, weight: 1 },
      }));
      const map = fittedMap(pairs);
      if (!map || !frontal(map, widthMm / 2, heightMm / 2)) return [];
      const view = { map, lens: 0, widthPx: light.width, heightPx: light.height };
      const seen = seenFromAbove(light, light.width, view, widthMm, heightMm, scale);
      const data = seen.data.map((v) => (Number.isNaN(v) ? 128 : v)).slice(0, width * height);
      const level = evened({ width, height, data }, EVEN_REACH);
      return wanted.map((one, flip) => ({
        ...{ way: `${which} ${turn} ${flip}`, which, mirrored: flip === 1, map },
        alike: correlation(one, level),
      }));
    }),
  );
}

/**
 * Which of several things lies between four corners of a photo, which way round and whether flipped, by how alike they are.
 * @returns null where no reading is clearly the best.
 */
export function placesByCorners(
  light: Plane,
  things: readonly Ready[],
  corners: readonly Point[],
): Pick<Reading, 'which' | 'mirrored' | 'map'> | null {
  const readings = things.flatMap((thing, which) => readingsOf(light, thing, which, corners));
  readings.sort((a, b) => b.alike - a.alike);
  const [best] = readings;
  const next = readings.find(({ way }) => way !== best?.way);
  if (!best || best.alike < LEAST_ALIKE || best.alike - (next?.alike ?? 0) < CLEARLY) return null;
  return best;
}
