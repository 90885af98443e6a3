import { Matrix, solve } from 'ml-matrix';
import { squareToCorners, type Corners, type Raster } from '../art';
import type { Point } from '../geometry';
import { failure, success, type Result } from '../result';
import { BARE_PLACES, CHART_LIGHT, MARKS, patchBox } from './chart';
import { findMarks } from './findMarks';
import { toLinear, type Rgb } from './srgb';

const { floor, max, min, abs, log, exp, sqrt } = Math;

/** Why a chart cannot be read from a photo. */
export type ChartFault =
  /** Not all four marks are found. */
  | { readonly code: 'marks'; readonly found: number }
  /** What lies between the marks is not the chart. */
  | { readonly code: 'not-the-chart'; readonly alike: number }
  /** The bare parts are too light to tell anything, or too dark. */
  | { readonly code: 'light'; readonly share: number };

/** What a photo says of the chart: what each patch sends back beside bare blank, in linear light. */
export interface ChartReading {
  readonly patches: readonly Rgb[];
  /** How far the light differed over the chart, as a share. */
  readonly unevenLight: number;
}

const LIGHT = Float64Array.from({ length: 256 }, (_, v) => toLinear(v / 255));

/** The mean light of pixels round a place of the chart: a grid of looks, the outer quarter of them left out. */
type Look = (middle: Point, halfMm: number) => Rgb;

const LOOKS = 9;

function lookerAt({ data, width, height }: Raster, marks: Corners): Look {
  const place = squareToCorners(marks);
  const [first, , third] = MARKS;
  const span = {
    x: (third?.x ?? 1) - (first?.x ?? 0),
    y: (third?.y ?? 1) - (first?.y ?? 0),
  };
  return (middle, halfMm) => {
    const seen: [number[], number[], number[]] = [[], [], []];
    for (let i = 0; i < LOOKS ** 2; i++) {
      const dx = (((i % LOOKS) + 0.5) / LOOKS - 0.5) * 2 * halfMm;
      const dy = ((floor(i / LOOKS) + 0.5) / LOOKS - 0.5) * 2 * halfMm;
      const at = place(
        (middle.x + dx - (first?.x ?? 0)) / span.x,
        (middle.y + dy - (first?.y ?? 0)) / span.y,
      );
      const x = min(width - 1, max(0, floor(at.x)));
      const y = min(height - 1, max(0, floor(at.y)));
      seen.forEach((channel, c) => channel.push(LIGHT[data[4 * (y * width + x) + c] ?? 0] ?? 0));
    }
    const trimmed = (values: number[]) => {
      const sorted = values.sort((a, b) => a - b);
      const cut = floor(sorted.length / 8);
      const kept = sorted.slice(cut, sorted.length - cut);
      return kept.reduce((sum, v) => sum + v, 0) / kept.length;
    };
    return [trimmed(seen[0]), trimmed(seen[1]), trimmed(seen[2])];
  };
}

/** What a light field is made of at a place: up to its bend, in tenths of a metre. */
const terms = ({ x, y }: Point): number[] => {
  const [u, v] = [x / 100, y / 100];
  return [1, u, v, u * u, u * v, v * v];
};

const dot = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, v, i) => sum + v * (b[i] ?? 0), 0);

/** A smooth surface through the logarithms of light at places, what stands out left out the second time. */
function fittedField(places: readonly Point[], light: readonly number[]): (at: Point) => number {
  const logs = light.map((v) => log(max(1e-4, v)));
  const fit = (use: readonly boolean[]) => {
    const used = places.flatMap((place, nth) =>
      use[nth] ? [{ row: terms(place), light: logs[nth] ?? 0 }] : [],
    );
    const rows = new Matrix(used.map(({ row }) => row));
    return solve(rows, Matrix.columnVector(used.map((each) => each.light))).to1DArray();
  };
  const first = fit(places.map(() => true));
  const off = places.map((place, i) => abs((logs[i] ?? 0) - dot(terms(place), first)));
  const usual = [...off].sort((a, b) => a - b)[floor(off.length / 2)] ?? 0;
  const second = fit(off.map((each) => each <= 3 * usual + 1e-9));
  return (at) => exp(dot(terms(at), second));
}

const LUMA = [0.2126, 0.7152, 0.0722] as const;

/** How alike two rows of figures are: their correlation. */
function alike(a: readonly number[], b: readonly number[]): number {
  const mean = (v: readonly number[]) => v.reduce((sum, x) => sum + x, 0) / v.length;
  const [ma, mb] = [mean(a), mean(b)];
  const [da, db] = [a.map((v) => v - ma), b.map((v) => v - mb)];
  return dot(da, db) / sqrt(dot(da, da) * dot(db, db) || 1);
}

/** Less alike than this to what was printed it is not the chart, or not whole. */
const LEAST_ALIKE = 0.7;
/** Bare parts outside of these shares of full light are over- or underexposed. */
const LIGHT_RANGE = { from: 0.08, to: 0.965 } as const;

/** How far within a patch, and round a bare place, is looked, mm. */
const PATCH_HALF_MM = 3.6;
const BARE_HALF_MM = 0.35;

const middleOf = (nth: number): Point => {
  const { x, y, width, height } = patchBox(nth);
  return { x: x + width / 2, y: y + height / 2 };
};

/** Reads the patches with the marks in one order; light and cast are made up for by the bare parts. */
function readIn(photo: Raster, marks: Corners) {
  const look = lookerAt(photo, marks);
  const bare = BARE_PLACES.map((place) => look(place, BARE_HALF_MM));
  const fields = ([0, 1, 2] as const).map((c) =>
    fittedField(
      BARE_PLACES,
      bare.map((light) => light[c]),
    ),
  );
  const patches = CHART_LIGHT.map((_, nth): Rgb => {
    const middle = middleOf(nth);
    const seen = look(middle, PATCH_HALF_MM);
    const at = (c: 0 | 1 | 2) => seen[c] / (fields[c]?.(middle) ?? 1);
    return [at(0), at(1), at(2)];
  });
  const greens = BARE_PLACES.map((place) => fields[1]?.(place) ?? 1);
  return { patches, greens };
}

/**
 * Reads our chart from a photo: finds its marks, which way up it lies, and what every patch sends back beside the bare
 * blank, cast and gradient of the light made up for.
 * @param photo sRGB pixels, the whole chart in sight.
 * @param corners the middles of the four marks, clockwise from any, where a person pointed at them.
 */
export function readChart(
  photo: Raster,
  corners: readonly Point[] = findMarks(photo),
): Result<ChartReading, ChartFault> {
  const [a, b, c, d] = corners;
  if (corners.length !== 4 || !a || !b || !c || !d)
    return failure({ code: 'marks', found: corners.length });
  const wanted = CHART_LIGHT.map((light) => dot(light, LUMA));
  const turns: readonly Corners[] = [
    [a, b, c, d],
    [b, c, d, a],
    [c, d, a, b],
    [d, a, b, c],
  ];
  const [best] = turns
    .map((marks) => readIn(photo, marks))
    .map((read) => ({
      ...read,
      alike: alike(
        read.patches.map((light) => dot(light, LUMA)),
        wanted,
      ),
    }))
    .sort((one, other) => other.alike - one.alike);
  if (!best || best.alike < LEAST_ALIKE)
    return failure({ code: 'not-the-chart', alike: best?.alike ?? 0 });
  const [least, most] = [min(...best.greens), max(...best.greens)];
  if (most > LIGHT_RANGE.to || least < LIGHT_RANGE.from)
    return failure({ code: 'light', share: most > LIGHT_RANGE.to ? most : least });
  return success({ patches: best.patches, unevenLight: most / least - 1 });
}
