import { area, bottom, right, type Box } from '../../geometry';
import { freeRooms, withoutOverlapping } from './rooms';

/** Something to be packed, mm. */
export interface PackItem {
  readonly id: string;
  readonly width: number;
  readonly height: number;
}

/** Where it went; `turned` by a quarter. */
export interface Packed {
  readonly id: string;
  readonly box: Box;
  readonly turned: boolean;
}

/** The room to pack into and the gap between things, mm. */
export interface PackRules {
  readonly width: number;
  readonly height: number;
  /** Room between neighbours. */
  readonly gap: number;
  /** Whether items may be turned by a quarter. */
  readonly turn: boolean;
  /** What is not there of the sheet, mm from its upper left corner. */
  readonly gone?: readonly Box[];
  /** Whether every sheet must fall apart by cuts from edge to edge. */
  readonly straightCuts: boolean;
}

const HAIR = 1e-6;
const fits = (free: Box, width: number, height: number): boolean =>
  width <= free.width + HAIR && height <= free.height + HAIR;

/** How well an item would lie in a free rectangle: the smaller the better. */
type Score = (free: Box, width: number, height: number) => number;
const SCORES: readonly Score[] = [
  // least left over beside it on the tighter side
  (free, w, h) => Math.min(free.width - w, free.height - h) + 1e-4 * (free.y + free.x * 1e-3),
  // the smallest room that takes it
  (free, w, h) => free.width * free.height - w * h,
  // as near to the top as can be, then to the left
  (free, _w, h) => (free.y + h) * 1e4 + free.x,
  // as near to the left as can be
  (free, w) => (free.x + w) * 1e4 + free.y,
];

/** In which order items are taken: largest first, by one measure or another. */
const ORDERS: readonly ((item: PackItem) => number)[] = [
  ({ width, height }) => width * height,
  ({ width, height }) => Math.max(width, height),
  ({ width, height }) => width + height,
  ({ height }) => height,
  ({ width }) => width,
  ({ width, height }) => Math.min(width, height),
];

/** Free room after an item is put into a corner of one: two rectangles, by a cut from edge to edge. */
function withoutSplit(free: readonly Box[], room: Box, taken: Box): Box[] {
  const besides = room.width - taken.width;
  const below = room.height - taken.height;
  const whole = besides > below;
  const parts: Box[] = [
    {
      x: right(taken),
      y: room.y,
      width: besides,
      height: whole ? room.height : taken.height,
    },
    {
      x: room.x,
      y: bottom(taken),
      width: whole ? taken.width : room.width,
      height: below,
    },
  ];
  return [
    ...free.filter((each) => each !== room),
    ...parts.filter(({ width, height }) => width > HAIR && height > HAIR),
  ];
}

interface Sheet {
  free: Box[];
  readonly packed: Packed[];
}

interface Spot {
  readonly sheet: Sheet;
  readonly room: Box;
  readonly turned: boolean;
  readonly score: number;
}

/** The best place for an item on one sheet, or null. */
function bestSpot(sheet: Sheet, item: PackItem, turn: boolean, score: Score): Spot | null {
  let best: Spot | null = null;
  for (const room of sheet.free) {
    for (const turned of turn ? [false, true] : [false]) {
      const [w, h] = turned ? [item.height, item.width] : [item.width, item.height];
      if (!fits(room, w, h)) continue;
      const value = score(room, w, h);
      if (!best || value < best.score) best = { sheet, room, turned, score: value };
    }
  }
  return best;
}

/** Whether a sheet has room left for anything with such a shorter side. */
const takesMore = ({ free }: Sheet, side: number): boolean =>
  free.some((room) => Math.min(room.width, room.height) >= side - HAIR);

/** Things all of one size, every sheet filled as the first one is. */
const filledAlike = (items: readonly PackItem[], first: readonly Packed[]): Packed[][] =>
  Array.from({ length: Math.ceil(items.length / first.length) }, (_, sheet) =>
    items.slice(sheet * first.length, (sheet + 1) * first.length).flatMap(({ id }, i) => {
      const at = first[i];
      return at ? [{ id, box: at.box, turned: at.turned }] : [];
    }),
  );

/**
 * Packs items in the order given, each onto the first sheet that takes it.
 * @param alike whether all are of one size.
 * @returns the sheets, and how many free rooms were looked at for it.
 */
function packInOrder(
  items: readonly PackItem[],
  rules: PackRules,
  score: Score,
  alike: boolean,
): { sheets: Packed[][]; looks: number } | null {
  let looks = 0;
  const { gap } = rules;
  // every item brings its gap along; the last one of a row does not need it
  const whole: Box = { x: 0, y: 0, width: rules.width + gap, height: rules.height + gap };
  const gone = (rules.gone ?? []).map((box) => ({
    ...box,
    ...{ width: box.width + gap, height: box.height + gap },
  }));
  const rooms = freeRooms(whole, gone);
  // rooms beside what is gone overlap: no cut from edge to edge parts them
  const straightCuts = rules.straightCuts && gone.length === 0;
  const sheets: Sheet[] = [];
  const least = gap + Math.min(...items.map(({ width, height }) => Math.min(width, height)));
  // sheets that nothing fits any more are not looked at again
  let open: Sheet[] = [];
  for (const item of items) {
    const padded = { id: item.id, width: item.width + gap, height: item.height + gap };
    let spot: Spot | null = null;
    for (const sheet of open) {
      looks += sheet.free.length;
      spot = bestSpot(sheet, padded, rules.turn, score);
      if (spot) break;
    }
    const [first] = sheets;
    if (!spot && first && alike) return { sheets: filledAlike(items, first.packed), looks };
    if (!spot) {
      const sheet: Sheet = { free: [...rooms], packed: [] };
      sheets.push(sheet);
      open.push(sheet);
      spot = bestSpot(sheet, padded, rules.turn, score);
    }
    if (!spot) return null;
    const { sheet, room, turned } = spot;
    const [w, h] = turned ? [padded.height, padded.width] : [padded.width, padded.height];
    const taken = { x: room.x, y: room.y, width: w, height: h };
    sheet.free = straightCuts
      ? withoutSplit(sheet.free, room, taken)
      : withoutOverlapping(sheet.free, taken);
    const box = { ...taken, width: w - gap, height: h - gap };
    sheet.packed.push({ id: item.id, box, turned });
    if (!takesMore(sheet, least)) open = open.filter((each) => each !== sheet);
  }
  return { sheets: sheets.map(({ packed }) => packed), looks };
}

/** Sheets that cannot be gone below: all items' area over a sheet's. */
export const leastSheets = (items: readonly PackItem[], rules: PackRules): number => {
  const padded = (side: number) => side + rules.gap;
  const needed = items.reduce((sum, i) => sum + padded(i.width) * padded(i.height), 0);
  return Math.ceil(needed / (padded(rules.width) * padded(rules.height)) - 1e-9);
};

/** How far the last sheet is filled: the less, the more is left to be kept. */
const onLast = (sheets: readonly (readonly Packed[])[]): number =>
  (sheets.at(-1) ?? []).reduce((sum, { box }) => sum + area(box), 0);

/** Free rooms looked at beyond which no further way is tried, so that a large batch stays quick. */
const MOST_LOOKS = 300_000;

/**
 * Packs rectangles on as few sheets as it can find: several orders and ways of choosing a place
 * (Jylänki, “A thousand ways to pack the bin”, 2010), the best of them; deterministic.
 * @returns the sheets with what lies where, or null when some item is larger than a sheet.
 */
export function pack(items: readonly PackItem[], rules: PackRules): Packed[][] | null {
  if (items.length === 0) return [];
  const least = leastSheets(items, rules);
  const alike = items.every((i) => i.width === items[0]?.width && i.height === items[0].height);
  const orders = alike ? ORDERS.slice(0, 1) : ORDERS;
  let best: Packed[][] | null = null;
  let looks = 0;
  for (const score of SCORES) {
    for (const measure of orders) {
      if (best && looks > MOST_LOOKS) return best;
      const sorted = [...items].sort((a, b) => measure(b) - measure(a));
      const tried = packInOrder(sorted, rules, score, alike);
      if (!tried) return null;
      const found = tried.sheets;
      looks += tried.looks;
      const better =
        !best ||
        found.length < best.length ||
        (found.length === best.length && onLast(found) < onLast(best) - HAIR);
      if (better) best = found;
      if (best && best.length <= least) return best;
    }
  }
  return best;
}
