import { MOST_THINGS, thingsIn, type EveningWish, type Job, type Shelf } from '../model';
import { planJob } from '../plan';
import { pressedAgain, type SecondHeat, type Supply } from '../press';
import { assemble, type Assembled, type EveningThing } from './assemble';
import { gathered } from './gather';
import { asTimed, type LearnedTimes } from './learn';
import { decoderOf } from './decode';
import { tryAll } from './exact';
import { merged, type Evening, type Schedule, type Span } from './problem';
import { asideFor, type Order } from './orders';
import { planEvening } from './search';

/** Why a job is not pressed in the evening. */
export type NotPressed = 'stopped' | 'no-press' | 'too-many';

/** Jobs made into an evening: what is pressed, and what is not. */
export interface EveningJobs {
  readonly assembled: Assembled;
  /** What it was put together from. */
  readonly things: readonly EveningThing[];
  readonly left: readonly { readonly jobId: string; readonly why: NotPressed }[];
  /** The blanks it takes, by what they are called. */
  readonly blanks: readonly { readonly name: string; readonly count: number }[];
  /** What to lay ready besides. */
  readonly supplies: readonly Supply[];
}

/** A plan of an evening with what it is worth. */
export interface EveningPlan {
  readonly schedule: Schedule;
  /** No plan ends before this, s. */
  readonly boundS: number;
  /** One thing after another, each from its first touch to its last, s. */
  readonly inTurnS: number;
  /** Plans looked at. */
  readonly looks: number;
  /** The order of work the plan was made of. */
  readonly order: Order;
  /** How much later it all ends for what was wished to come before what, s; null where nothing was. */
  readonly priceS: number | null;
  /** Whether every order of the work was tried: none ends sooner. */
  readonly allTried: boolean;
}

/** The things of a job, each with the program of it alone; why not, where it cannot be pressed. */
function thingsOf(job: Job, shelf: Shelf, times: LearnedTimes): EveningThing[] | NotPressed {
  const things: EveningThing[] = [];
  for (const item of job.items) {
    const { press, checks } = planJob({ ...job, items: [{ ...item, copies: 1 }] }, shelf);
    if (checks.some(({ level }) => level === 'stop')) return 'stopped';
    const program = asTimed(press.program, times);
    if (!program.operations.some(({ kind }) => kind === 'press')) return 'no-press';
    for (let copy = 0; copy < Math.min(item.copies, MOST_THINGS + 1); copy++)
      things.push({ jobId: job.id, itemId: item.id, copy, program });
  }
  return things;
}

/** A job with so many of its things at most, the first of them. */
export function firstThings(job: Job, most: number): Job {
  if (thingsIn(job) <= most) return job;
  let room = most;
  const items = job.items.flatMap((item) => {
    const copies = Math.min(room, item.copies);
    room -= copies;
    return copies > 0 ? [{ ...item, copies }] : [];
  });
  return { ...job, items };
}

/** How a whole job is pressed, and what its lay-ups call the blank itself. */
function pressedOf(job: Job, shelf: Shelf) {
  const { press } = planJob(job, shelf);
  const layers = press.program.layUps.flat();
  const layUp = new Set<Supply['is']>(
    layers.filter(({ role }) => role === 'blank').map(({ is }) => is),
  );
  return { press, layUp };
}

/**
 * One thing of a job pressed a second time by the transfer it is seen from: an evening of that alone; why not, where it
 * cannot be pressed.
 */
export function onceMore(
  job: Job,
  second: SecondHeat,
  shelf: Shelf,
  wish: EveningWish,
  times: LearnedTimes = new Map(),
): EveningJobs | NotPressed {
  const own = thingsOf(firstThings({ ...job, further: [] }, 1), shelf, times);
  if (typeof own === 'string') return own;
  const things = own.map((thing) => ({ ...thing, program: pressedAgain(thing.program, second) }));
  return { ...assembledWith(things, shelf, wish), left: [], blanks: [], supplies: [] };
}

const DAY_MIN = 24 * 60;

/** The breaks of an evening, s from its beginning, in order and apart; one before it is of the next day. */
export function breaksOf({ beginsAt, breaks }: Pick<EveningWish, 'beginsAt' | 'breaks'>): Span[] {
  const spans = breaks.map(({ at, lastsMin }) => {
    const fromS = 60 * ((at - beginsAt + DAY_MIN) % DAY_MIN);
    return { fromS, toS: fromS + 60 * lastsMin };
  });
  return merged(spans);
}

/** Things with the machines and people that press them. */
function assembledWith(things: readonly EveningThing[], { machines }: Shelf, wish: EveningWish) {
  const away = breaksOf(wish);
  const people = Array.from({ length: Math.max(1, wish.people) }, () => away);
  const { standing, before } = wish;
  return { things, assembled: assemble({ things, machines, people, standing, before }) };
}

/**
 * Makes an evening of jobs. Those that a finding stops are left out, and said.
 * @param times what hands were timed at; where they were not, the estimates count.
 */
export function eveningOf(
  jobs: readonly Job[],
  shelf: Shelf,
  wish: EveningWish,
  times: LearnedTimes = new Map(),
): EveningJobs {
  const things: EveningThing[] = [];
  const left: { jobId: string; why: NotPressed }[] = [];
  const supplies: (readonly Supply[])[] = [];
  const blanks = new Map<string, number>();
  for (const job of jobs) {
    const own = thingsOf(job, shelf, times);
    if (typeof own === 'string') left.push({ jobId: job.id, why: own });
    else if (things.length + own.length > MOST_THINGS)
      left.push({ jobId: job.id, why: 'too-many' });
    else {
      things.push(...own);
      const { press, layUp } = pressedOf(job, shelf);
      supplies.push(press.supplies.filter(({ is }) => !layUp.has(is)));
      const { name } = job.blank;
      blanks.set(name, (blanks.get(name) ?? 0) + own.length);
    }
  }
  return {
    ...assembledWith(things, shelf, wish),
    left,
    blanks: [...blanks].map(([name, count]) => ({ name, count })),
    supplies: gathered(supplies),
  };
}

/** How long it takes to do one piece after another, with what is done aside for each; machines stay as they were set. */
export function oneAfterAnother(evening: Evening): number {
  const aside = new Set(evening.pieces.flatMap(asideFor));
  let machines = evening.machines;
  let at = 0;
  evening.pieces.forEach((piece, i) => {
    if (aside.has(i)) return;
    const before = asideFor(piece);
    const pieces = [
      ...before.flatMap((nth) => evening.pieces[nth] ?? []),
      {
        ...piece,
        blocks: piece.blocks.map((block) => ({
          ...block,
          after: block.after === null ? null : before.indexOf(block.after),
          behind: [],
        })),
      },
    ];
    const { schedule } = planEvening({ ...evening, machines, pieces }, { seed: 1, looks: 1 });
    at += schedule.endS;
    machines = machines.map((machine, m) => ({
      ...machine,
      ...{ freeFromS: 0, turning: null },
      setTo: schedule.changes.filter((each) => each.machine === m).at(-1)?.setting ?? machine.setTo,
    }));
  });
  return at;
}

/** Blocks times plans that are looked at: about half a second on an ordinary computer, by `npm run bench evening`. */
const FAIR_WORK = 280_000;
/** However large or small an evening is, so many plans are looked at. */
const FAIR_LOOKS = { least: 500, most: 12_000 } as const;

/** How many plans are worth looking at: fewer where each takes longer. The same for the same evening everywhere. */
export function fairLooks({ pieces }: Evening): number {
  const blocks = pieces.reduce((sum, piece) => sum + piece.blocks.length, 0);
  const { least, most } = FAIR_LOOKS;
  return Math.min(most, Math.max(least, Math.round(FAIR_WORK / Math.max(1, blocks))));
}

/**
 * The bound, the plan one after another and the best of so many plans.
 * @param first the piece that has its place before all others, and costs what it costs.
 */
export function planned(evening: Evening, looks: number, first: number | null = null): EveningPlan {
  const inTurnS = oneAfterAnother(evening);
  if (evening.pieces.length === 0)
    return {
      ...{ schedule: { placed: [], changes: [], endS: 0 }, boundS: 0 },
      ...{ inTurnS, looks: 0, order: new Int32Array(0), priceS: null, allTried: true },
    };
  const rules = { seed: SEED, looks };
  const base = { inTurnS, allTried: false };
  const free = planEvening(asItComes(evening), rules);
  const wished = evening.pieces.some(({ blocks }) => blocks.some((block) => block.behind.length));
  if (first === null && !wished) return { ...free, ...base, priceS: null };
  const found = planEvening(evening, first === null ? rules : { ...rules, first });
  const priceS = Math.max(0, found.schedule.endS - free.schedule.endS);
  return { ...found, ...base, priceS };
}

/** So many beginnings of orders are gone through: a second or two on an ordinary computer. */
const TRIED = 60_000;
/** More blocks than this are not gone through: there would be no end of it (by trials). */
const MOST_BLOCKS = 14;

/** A plan of a small evening after every order of its work was tried; a larger one as it is. */
export function thoroughly(evening: Evening, plan: EveningPlan, first: number | null): EveningPlan {
  const blocks = evening.pieces.reduce((sum, piece) => sum + piece.blocks.length, 0);
  const { endS } = plan.schedule;
  // what has its place before all else leaves no choice of orders
  if (first !== null || blocks > MOST_BLOCKS || endS <= plan.boundS) return plan;
  const { order, all } = tryAll(evening, plan.order, TRIED);
  const tried = { ...plan, order, schedule: decoderOf(evening).schedule(order), allTried: all };
  if (plan.priceS === null) return tried;
  // what was wished is measured against the best without it, found as thoroughly
  const free = asItComes(evening);
  const freely = decoderOf(free).schedule(tryAll(free, order, TRIED).order).endS;
  const freeS = Math.min(endS - plan.priceS, freely);
  return { ...tried, priceS: Math.max(0, tried.schedule.endS - freeS) };
}

/** An evening in which nothing is wished to go into its machine before anything else. */
const asItComes = (evening: Evening): Evening => ({
  ...evening,
  pieces: evening.pieces.map((piece) => ({
    ...piece,
    blocks: piece.blocks.map((block) => ({ ...block, behind: [] })),
  })),
});

/** How often an evening is planned once more where somebody wants to look longer. */
export const LONGER = 30;

/** The better of a plan and the one of another seed: the nth look of a longer search. @param nth from 1. */
export function plannedAgain(
  evening: Evening,
  best: EveningPlan,
  first: number | null,
  nth: number,
): EveningPlan {
  const rules = { seed: SEED + nth, looks: fairLooks(evening) };
  const found = planEvening(evening, first === null ? rules : { ...rules, first });
  const looks = best.looks + found.looks;
  const savedS = best.schedule.endS - found.schedule.endS;
  if (savedS <= 0) return { ...best, looks };
  const priceS = best.priceS === null ? null : Math.max(0, best.priceS - savedS);
  return { ...best, ...found, looks, priceS };
}

/** The same evening is planned the same way every time. */
const SEED = 1;
