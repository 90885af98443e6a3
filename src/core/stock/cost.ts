import { thingsIn, type Job, type Money, type PressRecord } from '../model';
import type { JobPlan } from '../plan';
import { atHand, type Stock } from './stock';
import { spentBy } from './spent';

/** What a cost is for. */
export const COSTS = ['blank', 'sheets', 'supplies', 'ink', 'power', 'spoiled'] as const;
/** What a cost is for. */
export type CostOf = (typeof COSTS)[number];

/** What the things of a job cost, in the person's own money; null where a figure for it is missing. */
export interface Costs {
  readonly things: number;
  readonly lines: readonly { readonly of: CostOf; readonly amount: number | null }[];
  /** Of all that is known. */
  readonly sum: number;
}

/** Fewest pressings before a share of spoiled ones is reckoned with (own choice). */
const ENOUGH = 5;
const MM2_IN_M2 = 1e6;
const J_IN_KWH = 3.6e6;

const sumOf = (amounts: readonly (number | null)[]): number | null =>
  amounts.some((each) => each === null)
    ? null
    : amounts.reduce<number>((sum, each) => sum + (each ?? 0), 0);

/** What sheets are printed with ink: the area of their pieces, less what is white in their pictures, m². */
function inkedM2(job: Job, plan: JobPlan): number {
  const passes = [plan, ...plan.further.map(({ own }) => own)];
  return passes.reduce((sum, { pieces, tools }) => {
    if (tools.paper.is !== 'paper') return sum;
    const inked = pieces.flatMap(({ arts, copies }) =>
      arts.map(({ box, cutOffShare, artSha256 }) => {
        const facts = job.arts.find(({ sha256 }) => sha256 === artSha256)?.facts;
        const share = (1 - cutOffShare) * (1 - (facts?.whiteShare ?? 0));
        return (copies * box.width * box.height * share) / MM2_IN_M2;
      }),
    );
    return sum + inked.reduce((total, each) => total + each, 0);
  }, 0);
}

/** What machines draw from being switched on to the last opening, at most: full power all the while, kWh. */
function drawnKwh({ press }: JobPlan, { watts }: Money): number | null {
  const { passes, operations } = press.program;
  const used = [...new Set(passes.map(({ machineId }) => machineId))];
  const joules = used.map((machineId) => {
    const own = watts.find((each) => each.machineId === machineId)?.watts;
    if (own === undefined) return null;
    const s = operations
      .filter(({ pass, kind, onMachine }) => {
        const here = passes[pass]?.machineId === machineId;
        return here && (onMachine || kind === 'warm-up');
      })
      .reduce((sum, { lasts }) => sum + lasts.usualS, 0);
    return own * s;
  });
  const sum = sumOf(joules);
  return sum === null ? null : sum / J_IN_KWH;
}

/** Which share of the like came out spoiled; null while too few are written down. */
export function spoiledShare(records: readonly PressRecord[], job: Job): number | null {
  const like = records.filter(
    ({ blankId, transfer, simulated, test }) =>
      !simulated && !test && blankId === job.blank.id && transfer === job.transfer,
  );
  if (like.length < ENOUGH) return null;
  return like.filter(({ outcome }) => outcome === 'spoiled').length / like.length;
}

/**
 * What the things of a job cost: from packs and prices, own figures for ink and electricity, and the share of the like
 * that was spoiled. Nothing is guessed: what has no figure is null and not in the sum.
 */
export function costsOf(
  job: Job,
  plan: JobPlan,
  at: { readonly stock: Stock; readonly money: Money; readonly records: readonly PressRecord[] },
): Costs {
  const { stock, money, records } = at;
  const spent = spentBy(job, plan);
  const bought = (kind: 'paper' | 'supply') =>
    sumOf(
      spent
        .filter(({ of }) => of.kind === kind)
        .map(({ of, count }) => {
          const { pack } = atHand(stock, of);
          return pack?.price == null ? null : (pack.price / pack.count) * count;
        }),
    );
  const things = thingsIn(job);
  const each = job.blank.about.price ?? eachOf(stock, job.blank.id);
  const kwh = drawnKwh(plan, money);
  const ml = money.inkMlPerM2 === null ? null : inkedM2(job, plan) * money.inkMlPerM2;
  const known: Costs['lines'] = [
    { of: 'blank', amount: each === null ? null : each * things },
    { of: 'sheets', amount: bought('paper') },
    { of: 'supplies', amount: bought('supply') },
    { of: 'ink', amount: ml === null || money.inkPerMl === null ? null : ml * money.inkPerMl },
    { of: 'power', amount: kwh === null || money.perKwh === null ? null : kwh * money.perKwh },
  ];
  const made = known.reduce((sum, { amount }) => sum + (amount ?? 0), 0);
  const share = spoiledShare(records, job);
  // what is spoiled is made once more
  const again = share === null || share >= 1 ? null : (made * share) / (1 - share);
  return {
    things,
    lines: [...known, { of: 'spoiled', amount: again }],
    sum: made + (again ?? 0),
  };
}

function eachOf(stock: Stock, blankId: string): number | null {
  const { pack } = atHand(stock, { kind: 'blank', blankId });
  return pack?.price == null ? null : pack.price / pack.count;
}
