import { medianOf } from '../median';
import type { Raster as Photo } from '../art';
import type { Side } from '../sheet';
import { driftAt, type Drift } from './blocks';
import { seenAt, type View } from './camera';
import type { Part } from './expected';
import type { Tint } from './tint';

const { abs, floor, max, min, sqrt } = Math;

/** White seen along an edge of inked art. */
export interface WhiteStrip {
  readonly part: number;
  readonly side: Side;
  /** How wide it is, mm; null where white does not end, so that the table may be what is seen. */
  readonly widthMm: number | null;
}

/** Looks along an edge, and how far from it, mm. */
const LOOKS = 70;
const INSIDE_MM = 3;
const OUTSIDE_MM = 9;
const STEP_MM = 0.1;
/** Ink is looked at so far within the edge, mm. */
const INK_AT_MM = 1.5;
/** Ink and bare paper must differ by this to be told apart, 0–255. */
const LEAST_INK = 45;
/** So many of the looks must be on ink, or nothing is told. */
const LEAST_SHARE = 0.35;
/** White that does not start so near its edge is something else. */
const NEAR_MM = 1.6;

interface Seen {
  readonly photo: Photo;
  readonly view: View;
  readonly tint: Tint;
  /** Pixels a millimetre of the tint. */
  readonly pxPerMm: number;
}

/** How far a colour is from white paper. */
function farFrom({ white }: Tint, colour: (k: 0 | 1 | 2) => number): number {
  const [r, g, b] = [colour(0) - white[0], colour(1) - white[1], colour(2) - white[2]];
  return sqrt(r * r + g * g + b * b);
}

/** How near to white the photo is along ways outwards of one side: the middle of all looks, step by step. */
function profileAt(
  { photo, view, tint, pxPerMm }: Seen,
  { box }: Part,
  side: Side,
  drift: Drift | null,
): { white: number[]; share: number } {
  const upright = side === 'left' || side === 'right';
  const base = { left: box.x, right: box.x + box.width, top: box.y, bottom: box.y + box.height }[
    side
  ];
  const outwards = side === 'left' || side === 'top' ? -1 : 1;
  const [start, length] = upright ? [box.y, box.height] : [box.x, box.width];
  const steps = Math.round((INSIDE_MM + OUTSIDE_MM) / STEP_MM);
  const columns: number[][] = Array.from({ length: steps }, () => []);
  let inked = 0;
  const { width, height } = tint.predicted;
  for (let nth = 0; nth < LOOKS; nth++) {
    const along = start + length * (0.03 + (0.94 * (nth + 0.5)) / LOOKS);
    const inner = base - outwards * INK_AT_MM;
    const [ix, iy] = upright ? [inner, along] : [along, inner];
    const cell =
      min(height - 1, max(0, floor(iy * pxPerMm))) * width +
      min(width - 1, max(0, floor(ix * pxPerMm)));
    const span = farFrom(tint, (k) => tint.predicted.planes[k][cell] ?? 0);
    if (span < LEAST_INK) continue;
    inked++;
    const lit = tint.lit[cell] ?? 1;
    for (let i = 0; i < steps; i++) {
      const off = base + outwards * (-INSIDE_MM + (i + 0.5) * STEP_MM);
      const [x, y] = upright ? [off, along] : [along, off];
      const moved = drift ? driftAt(drift, x, y) : { x: 0, y: 0 };
      const p = seenAt(view, x + moved.x, y + moved.y);
      const u = floor(p.x);
      const v = floor(p.y);
      if (u < 0 || v < 0 || u >= photo.width || v >= photo.height) continue;
      const at = (v * photo.width + u) * 4;
      const far = farFrom(tint, (k) => (photo.data[at + k] ?? 0) / lit);
      columns[i]?.push(1 - far / span);
    }
  }
  return {
    white: columns.map((values) => (values.length > 5 ? medianOf(values) : NaN)),
    share: inked / LOOKS,
  };
}

/** White left along one side of a part; null where there is no ink there to tell by. */
export function whiteStrip(
  seen: Seen,
  part: Part,
  nth: number,
  side: Side,
  drift: Drift | null,
): WhiteStrip | null {
  const { white, share } = profileAt(seen, part, side, drift);
  if (share < LEAST_SHARE) return null;
  const place = (i: number) => -INSIDE_MM + (i + 0.5) * STEP_MM;
  const from = white.findIndex((v, i) => v > 0.5 && abs(place(i)) <= NEAR_MM);
  if (from < 0) return { part: nth, side, widthMm: 0 };
  let to = from;
  while (to < white.length && (white[to] ?? 0) > 0.5) to++;
  return { part: nth, side, widthMm: to >= white.length ? null : (to - from) * STEP_MM };
}
