import {
  bottom,
  cornersOf,
  inverse,
  mapRegion,
  rectRing,
  regionArea,
  regionBox,
  right,
  simpleRegion,
  type Region,
  type Ring,
} from '../geometry';
import type { Piece } from '../layout';
import { isPrintedOn, MAX_GONE, MAX_GONE_CORNERS, type Paper } from '../model';
import { freeRooms } from './gang/rooms';
import { quarterTurned } from './page';
import type { Sheet } from './types';

/** Smallest paper home printers feed, mm: 3.5 × 5 in (from memory). */
const LEAST_SHORT_MM = 88.9;
const LEAST_LONG_MM = 127;
/** A scrap of film or vinyl is worth keeping while a square so large can be cut of it, mm (own choice). */
const LEAST_SCRAP_MM = 40;
/** Left between what is printed and the cut that parts the offcut, mm (own choice). */
const CUT_ROOM_MM = 3;
/** How far the line of a scrap may be off, mm: finer than hands cut. */
const SCRAP_ERROR_MM = 0.3;

/** What is left of a sheet: its size, upright, and what has been cut out of it. */
export type Offcut = Pick<Paper, 'widthMm' | 'heightMm' | 'gone'>;

/** Clean paper that one straight cut leaves of a printed sheet; null when too small to be fed again. */
function stripOf({ items, marks, widthMm, heightMm }: Sheet): Offcut | null {
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
    gone: [],
  }));
  const kept = upright
    .filter((strip) => strip.widthMm >= LEAST_SHORT_MM && strip.heightMm >= LEAST_LONG_MM)
    .sort((a, b) => b.widthMm * b.heightMm - a.widthMm * a.heightMm);
  return kept[0] ?? null;
}

/** The box round two lines, as a line. */
const joined = (a: Ring, b: Ring): Ring => rectRing(regionBox([a, b]));

/**
 * Lines few enough to be kept: true where they can be, else those nearest each other as the box they lie in. What is
 * gone is never forgotten: a piece would be laid where nothing is.
 */
function fewLines(before: Region, cuts: Region): Region {
  const simple = simpleRegion(cuts, SCRAP_ERROR_MM).filter((ring) => regionArea([ring]) > 1);
  const lines = simple.map((ring) =>
    cornersOf([ring]) > MAX_GONE_CORNERS ? rectRing(regionBox([ring])) : ring,
  );
  const own = lines.length > MAX_GONE ? [rectRing(regionBox(lines))] : lines;
  const all = [...before, ...own];
  while (all.length > MAX_GONE) {
    const pairs = all.flatMap((a, i) => all.slice(i + 1).map((b) => ({ a, b, box: joined(a, b) })));
    const least = pairs.reduce((best, pair) =>
      regionArea([pair.box]) < regionArea([best.box]) ? pair : best,
    );
    all.splice(all.indexOf(least.a), 1, least.box);
    all.splice(all.indexOf(least.b), 1);
  }
  return all;
}

const pointsOf = (gone: Paper['gone']): Region =>
  gone.map((ring) => ring.map(([x, y]) => ({ x, y })));

/** What is left of a sheet that is only cut: the whole of it but for what came out; null when hardly anything. */
function scrapOf(sheet: Sheet, pieces: readonly Piece[], paper: Paper): Offcut | null {
  const upright = sheet.orientation === 'portrait';
  const widthMm = upright ? sheet.widthMm : sheet.heightMm;
  const heightMm = upright ? sheet.heightMm : sheet.widthMm;
  const cut = sheet.items.flatMap(({ pieceId, tile, box, matrix }): Region => {
    const piece = pieces.find(({ id }) => id === pieceId);
    return piece && !tile ? mapRegion(matrix, piece.cut) : [rectRing(box)];
  });
  const home = upright ? cut : mapRegion(inverse(quarterTurned(widthMm)), cut);
  const lines = fewLines(pointsOf(paper.gone), home);
  const whole = { x: 0, y: 0, width: widthMm, height: heightMm };
  const rooms = freeRooms(
    whole,
    lines.map((ring) => regionBox([ring])),
  );
  const gone = lines.map((ring) =>
    ring.map(({ x, y }): [number, number] => [Math.max(0, x), Math.max(0, y)]),
  );
  const useful = rooms.some(({ width, height }) => Math.min(width, height) >= LEAST_SCRAP_MM);
  return useful ? { widthMm, heightMm, gone } : null;
}

/**
 * What is worth keeping of a sheet: a strip of clean paper that a printer takes again, or what is left of a
 * ready-made sheet or film with its true outline.
 */
export const offcutOf = (sheet: Sheet, pieces: readonly Piece[], paper: Paper): Offcut | null =>
  isPrintedOn(paper) ? stripOf(sheet) : scrapOf(sheet, pieces, paper);
