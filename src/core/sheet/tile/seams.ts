/** What a sheet may show of a piece along one axis, mm. */
export interface Reach {
  /** Length of the piece. */
  readonly lengthMm: number;
  /** What a sheet can print. */
  readonly sheetMm: number;
  /** What each sheet prints beyond the seam at its start and at its end. */
  readonly beforeMm: number;
  readonly afterMm: number;
}

/** What a cut costs at places `stepMm` apart, the first at 0. */
export interface CutCosts {
  readonly stepMm: number;
  readonly costs: readonly number[];
}

/** Where a piece is cut up one way, and what the cuts cost. */
export interface Seams {
  /** Where the cuts go, ascending, mm. */
  readonly atMm: readonly number[];
  readonly cost: number;
}

/** No strip narrower than this is taped on where it can be helped, mm (own choice: an inch). */
export const LEAST_STRIP_MM = 25.4;
/** Rounding of millimetres that is no excess. */
const HAIR_MM = 1e-6;

/** Fewest sheets that show a length: the first and last have one seam, those between two. */
export function sheetsFor({ lengthMm, sheetMm, beforeMm, afterMm }: Reach): number {
  if (lengthMm <= sheetMm + HAIR_MM) return 1;
  const between = sheetMm - beforeMm - afterMm;
  if (between <= 0) return Infinity;
  const ends = 2 * sheetMm - beforeMm - afterMm;
  return 2 + Math.max(0, Math.ceil((lengthMm - ends - HAIR_MM) / between));
}

/** Longest strip the nth of so many sheets can show. */
const longest = (reach: Reach, nth: number, count: number): number =>
  reach.sheetMm -
  (nth === 0 ? 0 : reach.beforeMm) -
  (nth === count - 1 ? 0 : reach.afterMm) +
  HAIR_MM;

/** Whether such seams leave every sheet a strip it can print, none narrower than `leastMm`. */
export function seamsHold(reach: Reach, atMm: readonly number[], leastMm = 0): boolean {
  const edges = [0, ...atMm, reach.lengthMm];
  const count = edges.length - 1;
  return edges.slice(1).every((to, nth) => {
    const strip = to - (edges[nth] ?? 0);
    return strip >= leastMm - HAIR_MM && strip > 0 && strip <= longest(reach, nth, count);
  });
}

/** How far each seam may go while the others stay where they are, mm. */
export function seamLimits(
  reach: Reach,
  atMm: readonly number[],
): { readonly from: number; readonly to: number }[] {
  const edges = [0, ...atMm, reach.lengthMm];
  const count = edges.length - 1;
  // a hair inside what holds, so that the limit itself does, whatever is rounded
  const most = (nth: number) => longest(reach, nth, count) - HAIR_MM;
  return atMm.map((at, i) => {
    const [before, after] = [edges[i] ?? 0, edges[i + 2] ?? reach.lengthMm];
    const from = Math.max(before + HAIR_MM, after - most(i + 1));
    const to = Math.min(after - HAIR_MM, before + most(i));
    return { from: Math.min(at, from), to: Math.max(at, to) };
  });
}

/** What seams cost that were set by hand. */
export const costOf = ({ stepMm, costs }: CutCosts, atMm: readonly number[]): number =>
  atMm.reduce((sum, at) => sum + (costs[Math.round(at / stepMm)] ?? 0), 0);

/**
 * Where the least of the last so many values lies, asked for one place after the other: each value is
 * put in and thrown out once. The earliest of equals; −1 where all are infinite.
 */
function slidingLeast(values: Float64Array, width: number): (upTo: number) => number {
  const waiting: number[] = [];
  let first = 0;
  return (upTo) => {
    const value = values[upTo] ?? Infinity;
    while (waiting.length > first && (values[waiting.at(-1) ?? 0] ?? 0) > value) waiting.pop();
    if (value < Infinity) waiting.push(upTo);
    while (first < waiting.length && (waiting[first] ?? 0) <= upTo - width) first++;
    return waiting[first] ?? -1;
  };
}

/**
 * How far each place is from where a cut would cost more, or from the piece's end, in places: most in
 * the middle of a quiet stretch. All 0 where every place costs the same.
 */
function roomRound(costs: readonly number[]): Float64Array {
  const room = new Float64Array(costs.length).fill(Infinity);
  const dearer = (at: number, than: number) => (costs[at] ?? 0) > (costs[than] ?? 0) + 1e-9;
  const walk = (from: number, by: 1 | -1) => {
    let edge = from - by;
    let busy = false;
    for (let at = from; at >= 0 && at < costs.length; at += by) {
      const before = at - by;
      const starts = before >= 0 && before < costs.length;
      if (starts && (dearer(before, at) || dearer(at, before))) {
        // what is quieter than the stretch before it begins anew; what is dearer has no room
        edge = before;
        busy = true;
      }
      room[at] = Math.min(room[at] ?? 0, Math.abs(at - edge));
    }
    return busy;
  };
  const [ahead, back] = [walk(0, 1), walk(costs.length - 1, -1)];
  return ahead || back ? room : room.fill(0);
}

/**
 * The cheapest places for the seams between so many sheets: exact, by dynamic programming over the
 * places the costs are given for (each sheet's best from the best of the sheet before). Equal costs
 * go to the middle of a quiet stretch, then to the more even strips.
 * @returns null when no choice of places leaves every sheet a strip it can print.
 */
export function bestSeams(
  reach: Reach,
  count: number,
  cuts: CutCosts,
  leastMm = LEAST_STRIP_MM,
): Seams | null {
  if (count === 1) return seamsHold(reach, []) ? { atMm: [], cost: 0 } : null;
  const { stepMm, costs } = cuts;
  const places = costs.length;
  const even = reach.lengthMm / count;
  const room = roomRound(costs);
  // far below what any detail costs: the middle of a quiet stretch first, then even strips
  const bias = (at: number, nth: number) =>
    (1e-9 * Math.abs(at * stepMm - nth * even)) / reach.lengthMm -
    (1e-7 * (room[at] ?? 0)) / places;
  let before = new Float64Array(places).fill(Infinity);
  before[0] = 0;
  const from: Int32Array[] = [];
  for (let nth = 1; nth < count; nth++) {
    const now = new Float64Array(places).fill(Infinity);
    const came = new Int32Array(places).fill(-1);
    const most = Math.floor(longest(reach, nth - 1, count) / stepMm);
    const least = Math.max(1, Math.ceil((leastMm - HAIR_MM) / stepMm));
    const cheapest = slidingLeast(before, most - least + 1);
    for (let at = least; at < places; at++) {
      const best = cheapest(at - least);
      if (best < 0) continue;
      now[at] = (before[best] ?? Infinity) + (costs[at] ?? 0) + bias(at, nth);
      came[at] = best;
    }
    before = now;
    from.push(came);
  }
  let cost = Infinity;
  let last = -1;
  for (let at = 1; at < places; at++) {
    const rest = reach.lengthMm - at * stepMm;
    if (rest < leastMm - HAIR_MM || rest <= 0 || rest > longest(reach, count - 1, count)) continue;
    if ((before[at] ?? Infinity) < cost) [cost, last] = [before[at] ?? Infinity, at];
  }
  if (last < 0) return null;
  const atMm: number[] = [];
  for (let nth = count - 2, at = last; nth >= 0; nth--) {
    atMm.unshift(at * stepMm);
    at = from[nth]?.[at] ?? 0;
  }
  return { atMm, cost: costOf(cuts, atMm) };
}

/**
 * Seams for a length that only just fits its sheets, so that no whole places would do: every strip the
 * same share of the longest its sheet can show.
 */
export function tightSeams(reach: Reach, count: number, cuts: CutCosts): Seams | null {
  const most = Array.from({ length: count }, (_, nth) => longest(reach, nth, count));
  const share = reach.lengthMm / most.reduce((sum, mm) => sum + mm, 0);
  let at = 0;
  const atMm = most.slice(0, -1).map((mm) => (at += mm * share));
  return seamsHold(reach, atMm) ? { atMm, cost: costOf(cuts, atMm) } : null;
}
