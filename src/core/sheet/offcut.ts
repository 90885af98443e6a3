import { bottom, rectRing, regionBox, right } from '../geometry';
import type { Sheet } from './types';

/** Smallest paper home printers feed, mm: 3.5 × 5 in (from memory). */
const LEAST_SHORT_MM = 88.9;
const LEAST_LONG_MM = 127;
/** Left between what is printed and the cut that parts the offcut, mm (own choice). */
const CUT_ROOM_MM = 3;

/** Clean paper that one straight cut leaves of a sheet, upright; null when too small to be fed again. */
export function offcutOf({
  items,
  marks,
  widthMm,
  heightMm,
}: Sheet): { widthMm: number; heightMm: number } | null {
  const foot = marks.foot ? [marks.foot.box] : [];
  const lines = marks.cutGuides.flatMap((guide) => (guide.kind === 'ticks' ? guide.lines : []));
  const used = regionBox([
    ...[...items.map(({ box }) => box), ...foot].map(rectRing),
    ...lines.map(({ from, to }) => [from, to]),
  ]);
  const strips = [
    { widthMm, heightMm: heightMm - bottom(used) - CUT_ROOM_MM },
    // the label under the pieces spans the page, so a strip beside them is free only without it
    { widthMm: widthMm - right(used) - CUT_ROOM_MM, heightMm },
  ];
  const upright = strips.map((strip) => ({
    widthMm: Math.min(strip.widthMm, strip.heightMm),
    heightMm: Math.max(strip.widthMm, strip.heightMm),
  }));
  const kept = upright
    .filter((strip) => strip.widthMm >= LEAST_SHORT_MM && strip.heightMm >= LEAST_LONG_MM)
    .sort((a, b) => b.widthMm * b.heightMm - a.widthMm * a.heightMm);
  return kept[0] ?? null;
}
