import { lowerBound } from './bound';
import { costOfEnd, decoderOf, endOfCost, type Decoder } from './decode';
import {
  aloneWith,
  bySetting,
  feeding,
  inTurn,
  leftOf,
  isFor,
  longestFirst,
  prepareFirst,
  withFirst,
  withSettings,
  type Order,
} from './orders';
import type { Evening, Schedule } from './problem';
import { randomOf } from '../random';

/** A plan, and how good it can be said to be. */
export interface Planned {
  readonly schedule: Schedule;
  /** No plan ends before this, s from now. */
  readonly boundS: number;
  /** Plans looked at so far. */
  readonly looks: number;
  /** The order of work the plan was made of. */
  readonly order: Order;
}

/** How a search goes on. */
export interface SearchRules {
  readonly seed: number;
  /** Plans looked at in all: the same number gives the same plan on every machine. */
  readonly looks: number;
  /** The piece that has its place before all others; none where nothing is wished. */
  readonly first?: number;
  /** An order that is gone by already: what is done next is changed only where that saves enough. */
  readonly kept?: Order;
}

/** Warmest and coolest at which a worse plan is taken, as a share of the bound (own choice, by trials). */
const WARM = 0.02;
const COOL = 0.0004;
/** How long a press is waited for, by the rules of thumb, s. */
const AWAITED_S = [0, 60, 300];
/**
 * Where the search begins anew: from the best that the rules of thumb come to, and once from the best of those that go
 * through the settings the other way round (own choice, by trials).
 */
const BEGINNINGS = ['best by thumb', 'best by thumb', 'second by thumb', 'best by thumb'] as const;
/** The warmest where an order is gone by already: it is only put right (own choice, by trials). */
const WARM_KEPT = 0.004;
/** Which share of the looks puts right the best that was found (own choice, by trials). */
const POLISHED = 0.15;
/** Doing something else next than was told has to save so much, s. */
const OTHER_NEXT_S = 20;
/** Plans of the piece that comes first looked at, by itself. */
const FIRST_LOOKS = 600;
/** How near two swapped places are, mostly. */
const NEAR = 12;
/** So many that follow each other are moved at once at most (own choice, by trials). */
const LONGEST_RUN = 3;

const { floor, min, max, exp, log } = Math;

/**
 * A neighbour of an order: one block, or a few that follow each other, taken out and put in elsewhere, or two of
 * different pieces swapped.
 * @param fixed so many at the beginning stay as they are.
 */
function moved(order: Order, into: Order, fixed: number, random: () => number): boolean {
  const count = order.length;
  const from = fixed + floor(random() * (count - fixed));
  const far = random() < 0.3;
  const span = far ? count : NEAR;
  const to = min(count - 1, max(fixed, from + floor((random() * 2 - 1) * span)));
  if (from === to || order[from] === order[to]) return false;
  into.set(order);
  if (random() < 0.4) {
    into[from] = order[to] as number;
    into[to] = order[from] as number;
    return true;
  }
  const length = 1 + floor(random() * random() * LONGEST_RUN);
  const put = min(to, count - length);
  const run = order.slice(from, from + length);
  if (put < fixed || run.length < length || put === from) return false;
  if (from < put) into.copyWithin(from, from + length, put + length);
  else into.copyWithin(put + length, put, from);
  into.set(run, put);
  return true;
}

type Cost = (order: Order, most?: number) => number;

/** The best of some orders. */
function bestOf(cost: Cost, orders: readonly Order[]): Begun {
  return orders
    .map((order) => ({ order, cost: cost(order) }))
    .reduce((best, each) => (each.cost < best.cost ? each : best));
}

/** What an order costs; doing next something else than was told costs extra. */
function costOf(decoder: Decoder, kept: Order | undefined): Cost {
  if (!kept) return decoder.cost;
  decoder.cost(kept);
  const told = decoder.first();
  return (order, most) => {
    const cost = decoder.cost(order, most);
    return decoder.first() === told ? cost : cost + costOfEnd(OTHER_NEXT_S);
  };
}

/** The orders that the rules of thumb come to: as they are, with the coolest settings first, and with the hottest. */
function byThumb(evening: Evening, decoder: Decoder, { first, seed }: SearchRules): Order[][] {
  const own =
    first === undefined
      ? null
      : planEvening(aloneWith(evening, first), { seed, looks: FIRST_LOOKS }).order;
  const left = evening.pieces.map(leftOf);
  const orders = [
    ...AWAITED_S.map((s) => decoder.soonest(feeding(evening), s)),
    decoder.soonest((piece, block) => left[piece]?.[block] ?? 0),
    ...[longestFirst(evening), prepareFirst(evening), inTurn(evening)],
  ];
  const several = evening.machines.some(({ changes }) => (changes[0]?.length ?? 0) > 1);
  return [
    orders,
    ...(several ? ([1, -1] as const) : []).map((sign) =>
      orders.map((order) => bySetting(evening, order, sign)),
    ),
  ].map((family) =>
    family.map((order) => {
      const whole = withSettings(evening, order);
      return first === undefined || !own ? whole : withFirst(evening, whole, first, own);
    }),
  );
}

/** Where an annealing begins and how warm, for how many looks. */
interface Round {
  readonly from: (typeof BEGINNINGS)[number] | 'best found';
  readonly warm: number;
  readonly looks: number;
}

/** Several times anew from the rules of thumb, then the best put right; what is gone by already is only put right. */
function roundsOf({ kept, looks }: SearchRules): Round[] {
  const polish = Math.ceil(looks * (kept ? 1 : POLISHED));
  const each = Math.ceil((looks - polish) / BEGINNINGS.length);
  const anew = BEGINNINGS.map((from): Round => ({ from, warm: WARM, looks: each }));
  return [...(kept ? [] : anew), { from: 'best found', warm: WARM_KEPT, looks: polish }];
}

/** An order with what it costs. */
interface Begun {
  readonly order: Order;
  readonly cost: number;
}

/**
 * Anneals, several times anew; the first so many places of the order stay as they are.
 * @param beginnings what the rules of thumb come to, the best first. @returns the best found, and looks taken.
 */
function annealed(
  cost: Cost,
  beginnings: readonly [Begun, ...Begun[]],
  rules: SearchRules,
  { fixed, boundS }: { readonly fixed: number; readonly boundS: number },
): { order: Order; looks: number } {
  const random = randomOf(rules.seed);
  const unit = costOfEnd(Math.max(60, boundS));
  const [begun, second = begun] = beginnings;
  let best = { order: begun.order.slice(), cost: begun.cost };
  let next = begun.order.slice();
  let taken = 0;
  for (const { from, warm, looks } of roundsOf(rules)) {
    const start = from === 'best found' ? best : from === 'second by thumb' ? second : begun;
    let now = start.order.slice();
    let nowCost = start.cost;
    const cooling = Math.log(COOL / warm) / Math.max(1, looks);
    for (let look = 0; look < looks && now.length - fixed > 1; look++, taken++) {
      if (endOfCost(best.cost) <= boundS) return { order: best.order, looks: taken };
      if (!moved(now, next, fixed, random)) continue;
      // the worst that is taken, drawn first: what is worse need not be gone through to its end
      const most = nowCost - unit * warm * exp(cooling * look) * log(random());
      const nextCost = cost(next, most);
      if (nextCost > most) continue;
      const before = now;
      now = next;
      next = before;
      nowCost = nextCost;
      if (nowCost < best.cost) best = { order: now.slice(), cost: nowCost };
    }
  }
  return { order: best.order, looks: rules.looks };
}

/**
 * Plans an evening: rules of thumb first, then by annealing over the order of work (Kirkpatrick, Gelatt & Vecchi 1983).
 * The same seed and number of looks give the same plan; it ends at once where the bound is met.
 */
export function planEvening(evening: Evening, rules: SearchRules): Planned {
  const decoder = decoderOf(evening);
  const boundS = lowerBound(evening);
  const cost = costOf(decoder, rules.kept);
  const [best, ...others] = byThumb(evening, decoder, rules)
    .map((family) => bestOf(cost, family))
    .concat(rules.kept ? [{ order: rules.kept, cost: cost(rules.kept) }] : [])
    .sort((a, b) => a.cost - b.cost);
  const begun = best ?? { order: new Int32Array(0), cost: 0 };
  const fixed =
    rules.first === undefined ? 0 : begun.order.filter(isFor(evening, rules.first)).length;
  const { order, looks } = annealed(cost, [begun, ...others], rules, { fixed, boundS });
  return { schedule: decoder.schedule(order), boundS, looks, order };
}
