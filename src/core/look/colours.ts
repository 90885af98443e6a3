import type { Raster as Photo } from '../art';
import { bottom, right } from '../geometry';
import type { Raster } from '../proof';
import { NO_DRIFT, type Drift } from './blocks';
import { pixelOf, seenAt, type View } from './camera';
import type { Part } from './expected';

const { ceil, floor, hypot, max, min, round } = Math;

/** Colours in three planes, 0–255; NaN where the photo does not reach. */
export interface Colours {
  readonly width: number;
  readonly height: number;
  readonly pxPerMm: number;
  readonly planes: readonly [Float32Array, Float32Array, Float32Array];
}

/** Red, green, blue. */
export const CHANNELS = [0, 1, 2] as const;

/** What must lie there, reduced by averaging to no more than `most` pixels a millimetre. */
export function wantedColours({ width, height, data, pxPerMm }: Raster, most: number): Colours {
  const w = max(1, floor(width / max(1, pxPerMm / most)));
  const step = width / w;
  const h = max(1, floor(height / step));
  const [columns, rows] = [sharesOf(w, step, width), sharesOf(h, step, height)];
  const planes = CHANNELS.map((k) => {
    const across = new Float32Array(w * height);
    for (let y = 0, to = 0; y < height; y++)
      for (const { from, shares } of columns) {
        let sum = 0;
        for (let n = 0, at = (y * width + from) * 4 + k; n < shares.length; n++, at += 4)
          sum += (data[at] ?? 255) * (shares[n] ?? 0);
        across[to++] = sum;
      }
    const plane = new Float32Array(w * h);
    rows.forEach(({ from, shares }, y) => {
      for (let n = 0; n < shares.length; n++) {
        const share = shares[n] ?? 0;
        for (let x = 0, at = (from + n) * w, to = y * w; x < w; x++, at++, to++)
          plane[to] = (plane[to] ?? 0) + share * (across[at] ?? 0);
      }
    });
    return plane;
  });
  const [red, green, blue] = planes as [Float32Array, Float32Array, Float32Array];
  return { width: w, height: h, pxPerMm: pxPerMm / step, planes: [red, green, blue] };
}

/** Which pixels each of `count` larger ones lies over, `step` of them wide, and what share of it each is. */
function sharesOf(
  count: number,
  step: number,
  size: number,
): readonly { readonly from: number; readonly shares: readonly number[] }[] {
  return Array.from({ length: count }, (_, nth) => {
    const [low, high] = [nth * step, min((nth + 1) * step, size)];
    const from = floor(low);
    const shares = Array.from(
      { length: max(1, ceil(high - 1e-9) - from) },
      (_, n) => (min(high, from + n + 1) - max(low, from + n)) / (high - low),
    );
    return { from, shares };
  });
}

/** What a photo shows, and where: its parts, where each really lies, and which are not what must lie there. */
export interface Shown {
  readonly photo: Photo;
  readonly view: View;
  readonly parts: readonly Part[];
  readonly drifts: readonly (Drift | null)[];
  readonly astray: ReadonlySet<number>;
}

/** The photo as seen from straight above, every part where it really lies; NaN where a part is astray. */
export function seenColours(
  { photo, view, parts, drifts, astray }: Shown,
  { width, height, pxPerMm }: Colours,
): Colours {
  const planes = [
    new Float32Array(width * height),
    new Float32Array(width * height),
    new Float32Array(width * height),
  ] as const;
  const owner = ownersOf(parts, width, height, pxPerMm);
  const pixel = pixelOf(view);
  const p = { x: 0, y: 0 };
  // as many looks a pixel as the photo has pixels there
  const middle = seenAt(view, width / 2 / pxPerMm, height / 2 / pxPerMm);
  const beside = seenAt(view, (width / 2 + 1) / pxPerMm, height / 2 / pxPerMm);
  const looks = max(1, min(2, round(hypot(beside.x - middle.x, beside.y - middle.y))));
  // by figures alone: millions of places are looked at
  const moved = new Float64Array(parts.flatMap((_, nth) => figuresOf(drifts[nth] ?? NO_DRIFT)));
  const away = Uint8Array.from(parts, (_, nth) => (astray.has(nth) ? 1 : 0));
  const [red, green, blue] = planes;
  const { data, width: photoWidth, height: photoHeight } = photo;
  const all = looks * looks;
  const aside = Float64Array.from({ length: all }, (_, look) => ((look % looks) + 0.5) / looks);
  const below = Float64Array.from(
    { length: all },
    (_, look) => (floor(look / looks) + 0.5) / looks,
  );
  for (let y = 0, at = 0; y < height; y++)
    for (let x = 0; x < width; x++, at++) {
      const part = owner[at] ?? 0;
      if (away[part]) {
        red[at] = green[at] = blue[at] = NaN;
        continue;
      }
      const m = 6 * part;
      const x0 = moved[m] ?? 0;
      const xx = 1 + (moved[m + 1] ?? 0);
      const xy = moved[m + 2] ?? 0;
      const y0 = moved[m + 3] ?? 0;
      const yx = moved[m + 4] ?? 0;
      const yy = 1 + (moved[m + 5] ?? 0);
      let r = 0;
      let g = 0;
      let b = 0;
      for (let look = 0; look < all; look++) {
        const px = (x + (aside[look] ?? 0)) / pxPerMm;
        const py = (y + (below[look] ?? 0)) / pxPerMm;
        pixel(x0 + xx * px + xy * py, y0 + yx * px + yy * py, p);
        const ix = floor(p.x);
        const iy = floor(p.y);
        const seen = ix >= 0 && iy >= 0 && ix < photoWidth && iy < photoHeight;
        const i = (iy * photoWidth + ix) * 4;
        r += seen ? (data[i] ?? 0) : NaN;
        g += seen ? (data[i + 1] ?? 0) : NaN;
        b += seen ? (data[i + 2] ?? 0) : NaN;
      }
      red[at] = r / all;
      green[at] = g / all;
      blue[at] = b / all;
    }
  return { width, height, pxPerMm, planes };
}

/** The six figures of a drift. */
const figuresOf = ({ x, y }: Drift): number[] => [...x, ...y];

/** Which part each pixel belongs to; the first where none. */
function ownersOf(
  parts: readonly Part[],
  width: number,
  height: number,
  pxPerMm: number,
): Uint16Array {
  const owner = new Uint16Array(width * height);
  parts.forEach(({ box }, part) => {
    for (let y = max(0, floor(box.y * pxPerMm)); y < min(height, ceil(bottom(box) * pxPerMm)); y++)
      owner.fill(
        part,
        y * width + max(0, floor(box.x * pxPerMm)),
        y * width + min(width, ceil(right(box) * pxPerMm)),
      );
  });
  return owner;
}
