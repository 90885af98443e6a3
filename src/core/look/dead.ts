import { alikeRound, varianceAt } from './alike';
import { medianOf } from '../median';
import type { Box } from '../geometry';
import { bottom, right } from '../geometry';
import { driftAt, NO_DRIFT, seenFromAbove, type Drift } from './blocks';
import type { Expected } from './expected';
import { shrunk, smoothed, type Plane } from './plane';
import type { Registered } from './refine';
import { inGroups } from './together';

const { floor, max, min, round, sqrt } = Math;
const { isNaN } = Number;

/** A place this large is looked at, mm, each half a place from the next. */
const PLACE_MM = 5;
/** It must hold this much contrast to be missed, 0–255, and show less than this share of it, nothing alike. */
const LEAST_SPREAD = 11;
const FADED = 0.42;
const MOST_ALIKE = 0.35;
const MOST_PX_PER_MM = 2.5;
const MOST_PX = 2_500_000;
/** What is smaller than this says nothing: a photo may be that soft, mm. */
const SOFT_MM = 0.5;
/** How far a place is looked for, mm. */
const REACH_MM = 0.7;

/** What must lie there, as soft as a photo may be: so many pixels a millimetre, smoothed over so many to each side. */
export interface Soft {
  readonly wanted: Plane;
  readonly scale: number;
  readonly reach: number;
}

/** How light what must lie there is, softened. */
export function softOf(picture: Expected['picture'], light: Plane): Soft {
  const [widthMm, heightMm] = [picture.width / picture.pxPerMm, picture.height / picture.pxPerMm];
  const most = min(MOST_PX_PER_MM, sqrt(MOST_PX / (widthMm * heightMm)));
  const sharp = shrunk(light, min(light.width, round(widthMm * most)));
  const scale = sharp.width / widthMm;
  const reach = max(1, round(SOFT_MM * scale));
  return { wanted: smoothed(sharp, reach), scale, reach };
}

/** What must lie there and what is seen, side by side, both as soft as a photo may be. */
export function sideBySide(
  { picture }: Expected,
  { wanted, scale, reach }: Soft,
  light: Plane,
  { view }: Registered,
): SideBySide {
  const [widthMm, heightMm] = [picture.width / picture.pxPerMm, picture.height / picture.pxPerMm];
  const sharp = seenFromAbove(light, view.widthPx, view, widthMm, heightMm, scale);
  return { wanted, seen: smoothed(sharp, reach), scale };
}

/** Something this alike a little aside is there: registration was off, not the print. */
const THERE = 0.85;
/** And so much less unlike than where it must be: what is round a lost letter is most alike in its own place. */
const LESS_UNLIKE = 0.6;
/** Something this alike in its own place lacks nothing that is to be seen, whatever its colour. */
const IN_PLACE = 0.95;
const ASIDE_MM = 1.4;
const ROUND_MM = 3;

/** How alike a place is to what must lie there, −1 to 1: where it must lie, and at the best place a little aside. */
export interface PlaceSeen {
  readonly inPlace: number;
  readonly best: number;
}

/**
 * How alike what is round a small box is to what must lie there; null at the edge of all that is looked at.
 * @param drift where it was found to lie, of what it is on.
 */
export function placeSeen(
  { wanted, seen, scale }: SideBySide,
  box: Box,
  drift: Drift,
): PlaceSeen | null {
  const side = round((max(box.width, box.height) + 2 * ROUND_MM) * scale);
  const x = round((box.x + box.width / 2) * scale - side / 2);
  const y = round((box.y + box.height / 2) * scale - side / 2);
  if (x < 0 || y < 0 || x + side > wanted.width || y + side > wanted.height) return null;
  const off = driftAt(drift, box.x, box.y);
  const [atX, atY] = [x + round(off.x * scale), y + round(off.y * scale)];
  const reach = round(ASIDE_MM * scale);
  const { scores, variances, size } = alikeRound(wanted, seen, { x, y, atX, atY, side, reach });
  const best = scores.reduce(
    (most, own, i) => ((variances[i] ?? -1) >= 0 ? max(most, own) : most),
    0,
  );
  return { inPlace: scores[(size * size - 1) / 2] ?? 0, best };
}

/** Whether what must be in a place is seen there after all, or a little aside of it. */
export const isThere = ({ inPlace, best }: PlaceSeen): boolean =>
  inPlace > IN_PLACE || (best > THERE && 1 - best < LESS_UNLIKE * (1 - inPlace));

/** Places where something must be printed and nothing of it is seen: plain where there must be a letter or a star. */
export function deadPlaces(
  { parts, kind, picture }: Expected,
  both: SideBySide,
  { drifts }: Registered,
): Box[] {
  const { scale } = both;
  const [widthMm, heightMm] = [picture.width / picture.pxPerMm, picture.height / picture.pxPerMm];
  const areas =
    kind === 'sheet'
      ? [{ x: 0, y: 0, width: widthMm, height: heightMm }]
      : parts.map(({ box }) => box);
  const side = round(PLACE_MM * scale);
  const places = areas.flatMap((box, part) =>
    placesIn({ ...both, side }, box, drifts[part]?.drift ?? NO_DRIFT),
  );
  // how strongly the photo shows contrast at all
  const usual = medianOf(
    places.filter(({ alike }) => alike > 0.6).map(({ own, spread }) => own / spread),
  );
  const dead = places.filter(
    ({ own, spread, alike }) => alike < MOST_ALIKE && own < FADED * usual * spread,
  );
  // boxes that touch are one
  const boxes = dead.map(({ x, y }) => ({
    box: { x: x / scale, y: y / scale, width: side / scale, height: side / scale },
  }));
  return inGroups(boxes, 0).map(({ box }) => box);
}

/** The same places of two planes, so many pixels a millimetre. */
export interface SideBySide {
  readonly wanted: Plane;
  readonly seen: Plane;
  readonly scale: number;
}

interface Compared extends SideBySide {
  readonly side: number;
}

interface Place {
  readonly x: number;
  readonly y: number;
  readonly spread: number;
  readonly own: number;
  readonly alike: number;
}

/** Every place of a box that holds contrast, with what is seen of it. */
function placesIn({ wanted, seen, scale, side }: Compared, box: Box, drift: Drift): Place[] {
  const step = max(1, floor(side / 2));
  const reach = round(REACH_MM * scale);
  const places: Place[] = [];
  for (let y = floor(box.y * scale); y + side <= min(wanted.height, bottom(box) * scale); y += step)
    for (
      let x = floor(box.x * scale);
      x + side <= min(wanted.width, right(box) * scale);
      x += step
    ) {
      const spread = sqrt(varianceAt(wanted, x, y, side));
      if (spread < LEAST_SPREAD) continue;
      const off = driftAt(drift, x / scale, y / scale);
      const best = bestAt(wanted, seen, x, y, side, off.x * scale, off.y * scale, reach);
      if (best) places.push({ x, y, spread, ...best });
    }
  return places;
}

/** How strong and how alike what is seen is at the best place near; null beyond the photo. */
function bestAt(
  wanted: Plane,
  seen: Plane,
  x: number,
  y: number,
  side: number,
  dx: number,
  dy: number,
  reach: number,
): { own: number; alike: number } | null {
  const { scores, variances } = alikeRound(wanted, seen, {
    ...{ x, y, atX: x + round(dx), atY: y + round(dy), side, reach },
  });
  let best: { own: number; alike: number } | null = null;
  for (const [i, alike] of scores.entries()) {
    const variance = variances[i] ?? -1;
    if (isNaN(variance)) return null;
    if (variance >= 0 && (!best || alike > best.alike)) best = { own: sqrt(variance), alike };
  }
  return best;
}
