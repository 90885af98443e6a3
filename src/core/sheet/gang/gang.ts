import { bottom, right, type Box } from '../../geometry';
import type { Job } from '../../model';
import {
  borderOf,
  composeSheet,
  fileFlips,
  freeOn,
  sizeOf,
  type Laid,
  type Load,
} from '../compose';
import { LABEL_LINES, labelOf } from '../label';
import type { Page } from '../page';
import type { Room, Sheet, SheetContext } from '../types';
import { laidInside } from './nest';
import { pack, type Packed } from './pack';
import { nameOf } from '../../layout';

/** Where loads with such a border may lie: up to it past what the printer reaches, where no marks stand beside them. */
function freeFor(page: Page, room: Room, borderMm: number): Box {
  const free = freeOn(page, room, LABEL_LINES);
  if (room.above || room.beside) return free;
  const [left, top] = [Math.min(borderMm, free.x), Math.min(borderMm, free.y)];
  const end = Math.min(borderMm, page.widthMm - right(free));
  const foot = room.foot ? 0 : Math.min(borderMm, page.heightMm - bottom(free));
  return {
    x: free.x - left,
    y: free.y - top,
    width: free.width + left + end,
    height: free.height + top + foot,
  };
}

/** Whether a load fits a page that keeps such room, as it is. */
export const fitsOn = (load: Load, page: Page, room: Room, context: SheetContext): boolean =>
  fitsWith(borderOf([load], context), load, page, room);

function fitsWith(borderMm: number, load: Load, page: Page, room: Room): boolean {
  const free = freeFor(page, room, borderMm);
  const { widthMm, heightMm } = sizeOf(load);
  // nothing is marked on a sheet that has holes: all that is left of it is free
  const rooms = page.gone.length > 0 ? page.rooms : [free];
  return rooms.some(({ width, height }) => widthMm <= width + 1e-6 && heightMm <= height + 1e-6);
}

const keyOf = ({ piece, copy }: Load): string => `${piece.id}#${copy}`;

interface Ganged {
  readonly page: Page;
  readonly free: Box;
  readonly sheets: readonly (readonly Packed[])[];
}

function packOn(loads: readonly Load[], page: Page, free: Box, rules: Job['sheet']['gang']) {
  const items = loads.map((load) => {
    const { widthMm, heightMm } = sizeOf(load);
    return { id: keyOf(load), width: widthMm, height: heightMm };
  });
  const { gapMm, turn, straightCuts } = rules;
  const sheets = pack(items, {
    width: free.width,
    height: free.height,
    gap: gapMm,
    gone: page.gone.map((box) => ({ ...box, x: box.x - free.x, y: box.y - free.y })),
    // a piece alone lies as its page does
    turn: turn && loads.length > 1,
    straightCuts,
  });
  return sheets && { page, free, sheets };
}

const turnedIn = ({ sheets }: Ganged): number =>
  sheets.flat().filter(({ turned }) => turned).length;

/** All on pages one way round, or each on the way round it fits: the fewest sheets. */
function bestGang(
  loads: readonly Load[],
  pages: readonly Page[],
  room: Room,
  context: SheetContext,
): Ganged[] {
  const rules = context.job.sheet.gang;
  const on = (some: readonly Load[], page: Page) => {
    if (some.length === 0) return [];
    const borderMm = borderOf(some, context);
    const gapMm = rules.gapMm - 2 * borderMm;
    return packOn(some, page, freeFor(page, room, borderMm), { ...rules, gapMm });
  };
  const ways = pages.flatMap((page): Ganged[][] => {
    const all = on(loads, page);
    if (all && 'sheets' in all) return [[all]];
    // some fit only the other way round: those that fit stay here
    const here = loads.filter((load) => fitsOn(load, page, room, context));
    const others = loads.filter((load) => !here.includes(load));
    const rest = pages
      .filter((each) => each !== page)
      .map((each) => on(others, each))
      .find((found) => found !== null);
    const parts = [on(here, page), rest].filter((part) => part && 'sheets' in part);
    return others.length < loads.length && rest ? [parts as Ganged[]] : [];
  });
  const count = (way: readonly Ganged[]) => way.reduce((sum, { sheets }) => sum + sheets.length, 0);
  const turned = (way: readonly Ganged[]) => way.reduce((sum, one) => sum + turnedIn(one), 0);
  return ways.sort((a, b) => count(a) - count(b) || turned(a) - turned(b))[0] ?? [];
}

/** Loads that share a sheet, as they are packed on it. */
export interface Gang {
  readonly page: Page;
  readonly room: Room;
  readonly free: Box;
  readonly packed: readonly Packed[];
  readonly loads: ReadonlyMap<string, Load>;
}

/** Packs loads that each fit a page on as few sheets as it can, or each on one of its own. */
export function gangLoads(
  loads: readonly Load[],
  pages: readonly Page[],
  room: Room,
  context: SheetContext,
): Gang[] {
  // what fits by its border alone has no room for a neighbour with none
  const whole = new Set(
    loads.filter((load) => pages.some((page) => fitsWith(0, load, page, room))),
  );
  const { together } = context.job.sheet.gang;
  const shared = loads.filter((load) => together && whole.has(load));
  const alone = loads.filter((load) => !together || !whole.has(load));
  const groups = [shared, ...alone.map((load) => [load])].filter(({ length }) => length > 0);
  return groups.flatMap((group) => {
    const byKey = new Map(group.map((load) => [keyOf(load), load]));
    const order = new Map(group.map((load, i) => [keyOf(load), i]));
    // packed largest first, but printed in the order of the pieces
    const firstOf = (packed: readonly Packed[]) =>
      Math.min(...packed.map(({ id }) => order.get(id) ?? 0));
    return bestGang(group, pages, room, context).flatMap(({ page, free, sheets }) =>
      [...sheets]
        .sort((a, b) => firstOf(a) - firstOf(b))
        .map((packed) => ({ page, room, free, packed, loads: byKey })),
    );
  });
}

/** Loads moved onto the page: a single piece to the middle of the top of a whole sheet, so that what is left is of use. */
function laidOn({ page, free, packed, loads }: Gang): Laid[] {
  const alone = packed.length === 1 && page.gone.length === 0;
  return packed.flatMap(({ id, box, turned }) => {
    const load = loads.get(id);
    if (!load) return [];
    const at = alone ? { x: (free.width - box.width) / 2, y: 0 } : box;
    return [{ ...load, turned, box: { ...box, x: free.x + at.x, y: free.y + at.y } }];
  });
}

/** The sheet that loads were packed on, with its marks and its label. */
export function sheetOf(gang: Gang, context: SheetContext): Sheet {
  const hosts = laidOn(gang);
  const laid = hosts.flatMap((host) => [host, ...laidInside(host, fileFlips(context))]);
  const [first] = laid;
  const pieces = laid.map(({ piece }) => piece);
  const label = {
    id: first ? `${first.piece.id}${first.copy > 0 ? `-${first.copy + 1}` : ''}` : '',
    called:
      laid.length === 1 && first
        ? ({ kind: 'piece', piece: nameOf(first.piece) } as const)
        : ({ kind: 'pieces', count: laid.length } as const),
    says: labelOf(pieces, context),
    lines: LABEL_LINES,
  };
  return composeSheet(gang.page, laid, gang.room, label, context);
}
