import type { Point } from '../geometry';
import { fittedMap, frontal, type Projective } from './camera';
import { seenFromAbove } from './blocks';
import type { Ready } from './ready';
import { evened, flipped, sampledAlong, shrunk, type Plane } from './plane';

const { max, round, sqrt } = Math;
const { isNaN } = Number;

/** Coarsely enough that a finger's breadth does not matter: longest side, pixels. */
const LOOK_PX = 220;
const EVEN_REACH = 7;
/** The best reading must be this alike; what is so much less alike is another thing or another way. */
const LEAST_ALIKE = 0.3;
const CLEARLY = 0.07;
/** Where more ways than this are nearly as alike, the picture tells none of them apart (own choice). */
const MOST_WAYS = 4;

/** A print on its paper: so large, about a place of it, shares each way. */
type Printed = readonly [size: number, across: number, along: number];

const AS_MEANT: Printed = [1, 0.5, 0.5];
/** Prints come out so large at times, about the middle of their paper, or from the corner a printer begins at, flipped or not. */
const AS_PRINTED: readonly Printed[] = [
  AS_MEANT,
  ...[0.99, 1.01, 0.98, 1.02, 0.97, 1.03].flatMap((size): Printed[] => [
    [size, 0.5, 0.5],
    [size, 0, 0],
    [size, 1, 0],
  ]),
];

/** How alike two planes are where both are seen: their correlation. */
function correlation({ data: ones }: Plane, { data: others }: Plane): number {
  let n = 0;
  let a = 0;
  let b = 0;
  let aa = 0;
  let bb = 0;
  let ab = 0;
  // by figures alone: it is asked of thousands of ways
  for (let i = 0; i < ones.length; i++) {
    const x = ones[i] as number;
    const y = others[i] as number;
    if (isNaN(x) || isNaN(y)) continue;
    n++;
    a += x;
    b += y;
    aa += x * x;
    bb += y * y;
    ab += x * y;
  }
  const spread = sqrt((aa - (a * a) / n) * (bb - (b * b) / n));
  return n < ones.length / 2 || !(spread > 0) ? 0 : (ab - (a * b) / n) / spread;
}

/** So large a paper. */
interface Paper {
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Paper lying between four corners of a photo, seen from above, its contrast evened. */
interface SeenPaper extends Paper {
  readonly pxPerMm: number;
  readonly map: Projective;
  readonly level: Plane;
  /** What was seen of it by the measure of prints, for the other sheets of that paper: by print, width and height. */
  readonly printed: Map<string, Plane>;
}

/** From places by the measure of a print that came out larger or smaller, mm, to those of its paper. */
const onPaper = ({ widthMm, heightMm }: Paper, [size, u, v]: Printed) => ({
  size,
  aside: (1 - size) * u * widthMm,
  down: (1 - size) * v * heightMm,
});

/** The same map from places by the measure of such a print. */
function fromPrint([a, b, c, d, e, f, g, h, i]: Projective, paper: Paper, printed: Printed) {
  const { size, aside, down } = onPaper(paper, printed);
  const map: Projective = [
    ...([a * size, b * size, a * aside + b * down + c] as const),
    ...([d * size, e * size, d * aside + e * down + f] as const),
    ...([g * size, h * size, g * aside + h * down + i] as const),
  ];
  return map;
}

/** What is seen of paper, by the measure of a print that came out larger or smaller; found once for all sheets of it. */
function asPrinted(seen: SeenPaper, printed: Printed, like: Plane): Plane {
  const key = [...printed, like.width, like.height].join(' ');
  const plane = seen.printed.get(key) ?? printedOn(seen, printed, like);
  seen.printed.set(key, plane);
  return plane;
}

/** The same looked at anew; NaN where it lies beside the paper. */
function printedOn(seen: SeenPaper, printed: Printed, { width, height }: Plane): Plane {
  const { size, aside, down } = onPaper(seen, printed);
  const data = new Float32Array(width * height);
  const us = Float64Array.from(
    { length: width },
    (_, x) => size * (x + 0.5) + aside * seen.pxPerMm,
  );
  for (let y = 0; y < height; y++) {
    const vs = new Float64Array(width).fill(size * (y + 0.5) + down * seen.pxPerMm);
    data.set(sampledAlong(seen.level, 1, us, vs), y * width);
  }
  return { width, height, data };
}

/** Where a thing lies in a photo, before anything bears it out. */
export interface Place {
  /** Which of several things, by its place in the list. */
  readonly which: number;
  readonly mirrored: boolean;
  /** From mm of the thing to pixels of the photo. */
  readonly map: Projective;
}

/** A thing lying between four corners in one of the ways it can. */
interface Reading extends Place {
  /** Which thing, turned and flipped how. */
  readonly way: string;
  readonly alike: number;
}

/** The corners of paper, clockwise, mm. */
const cornersOf = ({ widthMm, heightMm }: Paper): Point[] => [
  { x: 0, y: 0 },
  { x: widthMm, y: 0 },
  { x: widthMm, y: heightMm },
  { x: 0, y: heightMm },
];

/** Paper between four corners in each of the ways it can be turned; those of a size are found once. */
function papersSeen(light: Plane, corners: readonly Point[]) {
  const known = new Map<string, readonly SeenPaper[]>();
  return ({ widthMm, heightMm }: Paper, pxPerMm: number): readonly SeenPaper[] => {
    const key = [widthMm, heightMm, pxPerMm].join(' ');
    const before = known.get(key);
    if (before) return before;
    const own = cornersOf({ widthMm, heightMm });
    const seen = [0, 1, 2, 3].flatMap((turn): SeenPaper[] => {
      const map = fittedMap(
        own.map((from, i) => ({ from, to: corners[(i + turn) % 4] ?? from, weight: 1 })),
      );
      if (!map || !frontal(map, widthMm / 2, heightMm / 2)) return [];
      const view = { map, lens: 0, widthPx: light.width, heightPx: light.height };
      const above = seenFromAbove(light, light.width, view, widthMm, heightMm, pxPerMm);
      const level = evened(
        { ...above, data: above.data.map((v) => (isNaN(v) ? 128 : v)) },
        EVEN_REACH,
      );
      return [{ widthMm, heightMm, pxPerMm, map, level, printed: new Map() }];
    });
    known.set(key, seen);
    return seen;
  };
}

/** Every way a thing can lie between four corners, with how alike what is seen there is. */
function readingsOf(
  { expected: { picture, paper }, light: own }: Ready,
  which: number,
  seen: ReturnType<typeof papersSeen>,
): Reading[] {
  const size = {
    widthMm: picture.width / picture.pxPerMm,
    heightMm: picture.height / picture.pxPerMm,
  };
  const small = shrunk(own, max(1, round((own.width * LOOK_PX) / max(own.width, own.height))));
  const plain = evened(small, EVEN_REACH);
  const wanted = [plain, flipped(plain)] as const;
  // only paper says nothing of how large its print is
  return seen(size, small.width / size.widthMm).flatMap((between, turn) =>
    (paper ? AS_PRINTED : [AS_MEANT]).flatMap((printed) => {
      const level = asPrinted(between, printed, plain);
      return wanted.map((one, flip) => ({
        ...{ way: `${which} ${turn} ${flip}`, which, mirrored: flip === 1 },
        map: fromPrint(between.map, size, printed),
        alike: correlation(one, level),
      }));
    }),
  );
}

/**
 * The ways in which several things may lie between four corners of a photo, the most alike first: which of them, which
 * way round and whether flipped. Those after the first are nearly as alike.
 * @returns none where nothing there is alike, or so many that likeness tells nothing.
 */
export function placesByCorners(
  light: Plane,
  things: readonly Ready[],
  corners: readonly Point[],
): Place[] {
  const seen = papersSeen(light, corners);
  const readings = things.flatMap((thing, which) => readingsOf(thing, which, seen));
  readings.sort((a, b) => b.alike - a.alike);
  const most = readings[0]?.alike ?? 0;
  if (most < LEAST_ALIKE) return [];
  const near = readings.filter(
    ({ way, alike }, i) =>
      most - alike < CLEARLY && readings.findIndex((each) => each.way === way) === i,
  );
  return near.length > MOST_WAYS ? [] : near;
}
