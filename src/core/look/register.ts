import { randomOf } from '../random';
import { fittedMap, frontal, type Pair, type Projective } from './camera';
import { cornersOf, type Corners, type Match } from './corners';
import { CORNER_REACH, evened, flipped, shrunk, type Plane } from './plane';

const { cos, log, log1p, sin, min, max, round } = Math;

/** What is looked for is looked at in these sizes beside its full one: a corner is known again within a tenth or two. */
const SIZES = [1, 0.76, 0.58, 0.44, 0.33, 0.25, 0.19, 0.14] as const;
/** A photo is looked at in these sizes: soft pictures have corners only where they are small. */
const PHOTO_SIZES = [1, 0.5, 0.25] as const;
const PHOTO_CORNERS = 1300;
const WANTED_CORNERS = 1300;
/** Guesses tried from single matches at most. */
const GUESSES = 400;
/** Of guesses from a right match so many are near enough in size to lead to the map (own choice, on the low side). */
const NEAR_SHARE = 0.25;
/** Guessing ends when all that were right would have failed no more often than this. */
const MISSED = 1e-4;
/** Where a match may lie off a guess as the guess is made better, pixels of the photo looked at. */
const NARROWING = [70, 40, 22, 12, 8, 6, 5] as const;
/** Matches must lie in this many squares of a twelfth of the thing each way. */
const LEAST_SPOTS = 5;

/** Something that may be in the photo: its corners, in mm of it, one reading of it (as it must lie, or flipped). */
export interface Wanted {
  /** Places in mm. */
  readonly corners: Corners;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Corners found in several sizes as one set, their places by one measure. */
function joined(parts: readonly { corners: Corners; by: number }[]): Corners {
  const count = parts.reduce((sum, { corners }) => sum + corners.count, 0);
  const all = {
    x: new Float32Array(count),
    y: new Float32Array(count),
    angle: new Float32Array(count),
    bits: new Uint32Array(8 * count),
  };
  let at = 0;
  for (const { corners, by } of parts) {
    for (let i = 0; i < corners.count; i++) {
      all.x[at + i] = ((corners.x[i] ?? 0) + 0.5) * by;
      all.y[at + i] = ((corners.y[i] ?? 0) + 0.5) * by;
    }
    all.angle.set(corners.angle, at);
    all.bits.set(corners.bits, 8 * at);
    at += corners.count;
  }
  return { count, ...all };
}

/**
 * What is looked for, ready to be found in photos.
 * @param plane how light it is.
 * @param pxPerMm of the plane.
 * @param mirrored look for it as a mirror shows it; its places stay those of the thing as it must lie, flipped.
 */
export function wantedOf(plane: Plane, pxPerMm: number, mirrored: boolean): Wanted {
  const own = mirrored ? flipped(plane) : plane;
  const longest = max(own.width, own.height);
  const sizes = SIZES.map((size) => ({
    size,
    width: round(own.width * min(1, (1500 * size) / longest)),
  }));
  // a small picture is as large as it is in several of the sizes: it is looked at once then
  const apart = sizes.filter(({ width }, i) => sizes[i - 1]?.width !== width);
  const parts = apart.map(({ size, width }) => {
    const small = shrunk(own, width);
    const corners = cornersOf(evened(small, CORNER_REACH), round(WANTED_CORNERS * size));
    return { corners, by: own.width / small.width / pxPerMm };
  });
  const [widthMm, heightMm] = [own.width / pxPerMm, own.height / pxPerMm];
  return { corners: joined(parts), widthMm, heightMm };
}

/** What is looked for in one size alone, about so many corners of it. */
export function wantedAt(plane: Plane, pxPerMm: number, atPxPerMm: number, most: number): Wanted {
  const small = shrunk(plane, round((plane.width * atPxPerMm) / pxPerMm));
  const corners = cornersOf(evened(small, CORNER_REACH), most);
  const by = plane.width / small.width / pxPerMm;
  return {
    corners: joined([{ corners, by }]),
    widthMm: plane.width / pxPerMm,
    heightMm: plane.height / pxPerMm,
  };
}

/** Corners of a photo, its longest side at most 1600 pixels; places in pixels of that. */
export function photoCorners(plane: Plane): Corners {
  const parts = PHOTO_SIZES.map((size) => {
    const small = shrunk(plane, round(plane.width * size));
    const corners = cornersOf(evened(small, CORNER_REACH), round(PHOTO_CORNERS * size));
    return { corners, by: plane.width / small.width };
  });
  return joined(parts);
}

/** How something was found: where its places are in the photo looked at, and by how many matches. */
export interface Found {
  readonly map: Projective;
  readonly matches: number;
}

/** The map that one match tells: its place, the way it points, a size. */
function guessOf(photo: Corners, wanted: Wanted, { a, b }: Match, pxPerMm: number): Projective {
  const turn = (photo.angle[a] ?? 0) - (wanted.corners.angle[b] ?? 0);
  const [c, s] = [pxPerMm * cos(turn), pxPerMm * sin(turn)];
  const [x, y] = [wanted.corners.x[b] ?? 0, wanted.corners.y[b] ?? 0];
  return [
    c,
    -s,
    (photo.x[a] ?? 0) - c * x + s * y,
    s,
    c,
    (photo.y[a] ?? 0) - s * x - c * y,
    0,
    0,
    1,
  ];
}

function within(
  photo: Corners,
  wanted: Wanted,
  matches: readonly Match[],
  map: Projective,
  reach: number,
): Pair[] {
  const pairs: Pair[] = [];
  const [m0, m1, m2, m3, m4, m5, m6, m7, m8] = map;
  for (const { a, b } of matches) {
    const x = wanted.corners.x[b] ?? 0;
    const y = wanted.corners.y[b] ?? 0;
    const toX = photo.x[a] ?? 0;
    const toY = photo.y[a] ?? 0;
    // by figures alone: there are millions
    const w = 1 / (m6 * x + m7 * y + m8);
    const offX = (m0 * x + m1 * y + m2) * w - toX;
    const offY = (m3 * x + m4 * y + m5) * w - toY;
    if (offX * offX + offY * offY <= reach * reach && frontal(map, x, y))
      pairs.push({ from: { x, y }, to: { x: toX, y: toY }, weight: 1 });
  }
  return pairs;
}

/** Pairs that are not all in one spot: how many cells of a coarse grid they are in. */
const spots = (pairs: readonly Pair[], cell: { width: number; height: number }): number =>
  new Set(
    pairs.map(
      ({ from }) => `${Math.floor(from.x / cell.width)},${Math.floor(from.y / cell.height)}`,
    ),
  ).size;

/** How many guesses are enough where so many of all matches agree on the best so far (Fischler and Bolles 1981). */
const enough = (best: Found | null, all: number): number =>
  best ? min(GUESSES, log(MISSED) / log1p((-NEAR_SHARE * best.matches) / all)) : GUESSES;

/**
 * Finds the map that most matches agree on: guessed from one match at a time, and made better with what agrees
 * (Fischler and Bolles 1981; Chum, Matas and Kittler 2003). Never one that shows the thing from behind.
 * @param part how large it is seen, pixels a millimetre, where that is known, as a part of it alone; what agrees must lie
 * in several squares of `cellMm`, which are else the twelfth of the whole.
 */
export function found(
  photo: Corners,
  wanted: Wanted,
  matches: readonly Match[],
  seed: number,
  part: { readonly pxPerMm: number; readonly cellMm: number } | null = null,
): Found | null {
  if (matches.length < 6) return null;
  const cell = part
    ? { width: part.cellMm, height: part.cellMm }
    : { width: wanted.widthMm / 12, height: wanted.heightMm / 12 };
  const random = randomOf(seed);
  // what is seen of all of it gives sizes to guess; each match then says where and which way
  const extent = max(...photo.x) - min(...photo.x) + max(...photo.y) - min(...photo.y);
  const likely = extent / (wanted.widthMm + wanted.heightMm);
  let best: Found | null = null;
  for (let guess = 0; guess < enough(best, matches.length); guess++) {
    const match = matches[Math.floor(random() * matches.length)] as Match;
    const size = part?.pxPerMm ?? likely * (0.45 + 0.75 * random());
    let map = guessOf(photo, wanted, match, size);
    let pairs: Pair[] = [];
    for (const [round, reach] of NARROWING.entries()) {
      pairs = within(photo, wanted, matches, map, reach);
      const better: Projective | null =
        pairs.length < 6 ? null : round === 0 ? similar(pairs) : fittedMap(pairs);
      if (!better) {
        pairs = [];
        break;
      }
      map = better;
      if (round > 1 && best && pairs.length < 0.5 * best.matches) break;
    }
    pairs = within(photo, wanted, matches, map, NARROWING.at(-1) ?? 5);
    if (pairs.length > (best?.matches ?? 5) && spots(pairs, cell) >= LEAST_SPOTS)
      best = { map, matches: pairs.length };
  }
  return best;
}

/** Turned, moved and scaled alone: what the first few pairs bear. */
function similar(pairs: readonly Pair[]): Projective | null {
  const n = pairs.length;
  const mean = (of: (pair: Pair) => number) => pairs.reduce((sum, pair) => sum + of(pair), 0) / n;
  const [fx, fy, tx, ty] = [
    mean((p) => p.from.x),
    mean((p) => p.from.y),
    mean((p) => p.to.x),
    mean((p) => p.to.y),
  ];
  let c = 0;
  let s = 0;
  let square = 0;
  for (const { from, to } of pairs) {
    const x = from.x - fx;
    const y = from.y - fy;
    const u = to.x - tx;
    const v = to.y - ty;
    c += x * u + y * v;
    s += x * v - y * u;
    square += x * x + y * y;
  }
  if (square === 0) return null;
  const [a, b] = [c / square, s / square];
  return [a, -b, tx - a * fx + b * fy, b, a, ty - b * fx - a * fy, 0, 0, 1];
}
