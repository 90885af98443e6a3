import type { Raster as Photo } from '../art';
import { bottom, right } from '../geometry';
import type { Raster } from '../proof';
import { driftAt, NO_DRIFT, type Drift } from './blocks';
import { alongLines, seenAt, type View } from './camera';
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
    const low = nth * step;
    const high = min((nth + 1) * step, size);
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
  const along = alongLines(view);
  // as many looks a pixel as the photo has pixels there
  const middle = seenAt(view, width / 2 / pxPerMm, height / 2 / pxPerMm);
  const beside = seenAt(view, (width / 2 + 1) / pxPerMm, height / 2 / pxPerMm);
  const looks = max(1, min(2, round(hypot(beside.x - middle.x, beside.y - middle.y))));
  const share = 1 / looks ** 2;
  const within = Array.from({ length: looks }, (_, look) => (look + 0.5) / looks);
  const [us, vs] = [new Float64Array(width), new Float64Array(width)];
  for (let y = 0; y < height; y++)
    for (let x = 0, to = 0; x < width; x = to) {
      // as far along the row as one part reaches
      const part = owner[y * width + x] ?? 0;
      for (to = x + 1; to < width && owner[y * width + to] === part;) to++;
      const run = { at: y * width + x, count: to - x };
      if (astray.has(part)) {
        for (const plane of planes) plane.fill(NaN, run.at, run.at + run.count);
        continue;
      }
      const { x: moveX, y: moveY } = drifts[part] ?? NO_DRIFT;
      const step = { x: (1 + moveX[1]) / pxPerMm, y: moveY[1] / pxPerMm };
      for (const aside of within)
        for (const below of within) {
          const px = (x + aside) / pxPerMm;
          const py = (y + below) / pxPerMm;
          const off = driftAt({ x: moveX, y: moveY }, px, py);
          along({ x: px + off.x, y: py + off.y }, step, run.count, us, vs);
          addSeen(photo, us, vs, share, planes, run);
        }
    }
  return { width, height, pxPerMm, planes };
}

/** Adds a share of what the photo shows at places, one after the other, to as many pixels; NaN beyond it. */
function addSeen(
  { data, width, height }: Photo,
  us: Float64Array,
  vs: Float64Array,
  share: number,
  [red, green, blue]: Colours['planes'],
  { at, count }: { readonly at: number; readonly count: number },
): void {
  for (let n = 0, to = at; n < count; n++, to++) {
    const u = floor(us[n] ?? NaN);
    const v = floor(vs[n] ?? NaN);
    const by = u >= 0 && v >= 0 && u < width && v < height ? share : NaN;
    const i = (v * width + u) * 4;
    red[to] = (red[to] ?? 0) + by * (data[i] ?? 0);
    green[to] = (green[to] ?? 0) + by * (data[i + 1] ?? 0);
    blue[to] = (blue[to] ?? 0) + by * (data[i + 2] ?? 0);
  }
}

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
