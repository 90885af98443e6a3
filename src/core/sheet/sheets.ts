import type { Piece } from '../layout';
import { borderOf, sizeOf, type Load } from './compose';
import { fitsOn, gangLoads, nestLoads, sheetOf } from './gang';
import { pagesOf, type Page } from './page';
import { bestWay, tiledSheets } from './tiled';
import { roomsOn, type Misfit, type Sheet, type SheetContext, type SheetPlan } from './types';

/** More prints than this are no job for a home press but a mistyped figure (own choice). */
export const MOST_PRINTS = 1000;

function misfitOf(piece: Piece, pages: readonly Page[]): Misfit {
  const tries = pages.map((page) => ({
    pieceId: piece.id,
    orientation: page.orientation,
    printable: page.printable,
    overWidthMm: Math.max(0, piece.widthMm - page.printable.width),
    overHeightMm: Math.max(0, piece.heightMm - page.printable.height),
  }));
  const over = (m: Misfit) => m.overWidthMm + m.overHeightMm;
  return tries.reduce((best, next) => (over(next) < over(best) ? next : best));
}

/** Sheets that loads cannot do without: what they cover, as far as no neighbour's border lies over it, against what a page holds. */
function sheetsAtLeast(
  loads: readonly Load[],
  pages: readonly Page[],
  context: SheetContext,
): number {
  const covered = loads.reduce((sum, load) => {
    const { widthMm, heightMm } = sizeOf(load);
    const borderMm = borderOf([load], context);
    return sum + Math.max(0, widthMm - 2 * borderMm) * Math.max(0, heightMm - 2 * borderMm);
  }, 0);
  const holds = Math.max(...pages.map(({ widthMm, heightMm }) => widthMm * heightMm));
  return Math.ceil(covered / holds - 1e-9);
}

/**
 * The fewest sheets for loads that fit with the marks of `roomAt`: fewer marks are tried too, as long as
 * the check bar stays, and taken where they save a sheet.
 */
function fewestSheets(
  loads: readonly Load[],
  roomAt: number,
  pages: readonly Page[],
  context: SheetContext,
): Sheet[] {
  const open = roomsOn(context.paper);
  const own = open[roomAt];
  if (!own || loads.length === 0) return [];
  const alone = loads.length === 1 || !context.job.sheet.gang.together;
  const rooms = alone ? [own] : open.slice(roomAt).filter(({ foot }) => foot === own.foot);
  const least = sheetsAtLeast(loads, pages, context);
  let fewest = gangLoads(loads, pages, own, context);
  for (const room of rooms.slice(1)) {
    if (fewest.length <= least) break;
    const way = gangLoads(loads, pages, room, context);
    if (way.length < fewest.length) fewest = way;
  }
  return fewest.map((gang) => sheetOf(gang, context));
}

/**
 * Puts pieces on sheets at true size: what fits a page shares as few of them as can be, what does
 * not is tiled over several. Marks give way before art does. A piece that no number of sheets can
 * print (the overlap eats them) is reported with what is missing.
 */
export function planSheets(pieces: readonly Piece[], context: SheetContext): SheetPlan {
  const { paper, printer } = context;
  const pages = pagesOf(paper, printer);
  const open = roomsOn(paper);
  const fitting = open.map((): Load[] => []);
  const plan = {
    sheets: [] as SheetPlan['sheets'][number][],
    misfits: [] as Misfit[],
    tilings: [] as SheetPlan['tilings'][number][],
    tooMany: null,
  };
  const prints = pieces.reduce((sum, { copies }) => sum + copies, 0);
  if (prints > MOST_PRINTS) return { ...plan, tooMany: prints };
  for (const piece of pieces) {
    const { copies } = piece;
    const load = { piece, copy: 0, tile: null };
    const room = open.findIndex((each) => pages.some((page) => fitsOn(load, page, each, context)));
    if (room >= 0) {
      for (let copy = 0; copy < copies; copy++) fitting[room]?.push({ ...load, copy });
      continue;
    }
    const way = context.whole ? null : bestWay(piece, pages, context);
    if (way) {
      const sheets = plan.sheets.length + copies * way.tiling.tiles.length;
      if (sheets > MOST_PRINTS) return { ...plan, sheets: [], tilings: [], tooMany: sheets };
      plan.tilings.push(way.tiling);
      plan.sheets.push(...tiledSheets(piece, copies, way, context));
    } else plan.misfits.push(misfitOf(piece, pages));
  }
  const whole = fitting.flatMap((loads, i) => fewestSheets(nestLoads(loads), i, pages, context));
  return { ...plan, sheets: [...whole, ...plan.sheets] };
}
