/** An evening pressed by hands whose times vary, told what to do by the guide alone. */
import {
  guideAt,
  operationAt,
  scatterOf,
  stepsAt,
  takenUp,
  touched,
  type Act,
  type Assembled,
  type Guide,
} from '@/core/evening';
import { randomOf } from '@/core/random';
import type { EveningRun } from '@/core/model';

/** What became of a simulated evening. */
export interface Pressed {
  readonly run: EveningRun;
  readonly endS: number;
  readonly bells: number;
  /** Bells answered later than their press may end. */
  readonly missed: number;
  readonly windows: number;
  /** What had to follow within so many seconds and did not. */
  readonly late: number;
}

/** Something done to the evening under way: replans, drops, breaks. */
export type Meddling = (made: Assembled, run: EveningRun, nowS: number) => EveningRun;

type Random = () => number;
/** Normally distributed (Box & Muller 1958). */
const normal = (random: Random): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

interface Hands {
  /** Until when they are busy with what cannot be laid aside, s. */
  busyToS: number;
  /** What is being done, and how long it still takes. */
  doing: { key: string; leftS: number; sinceS: number; mayPause: boolean } | null;
}

const keyOf = (act: Act): string => ('step' in act ? `${act.piece}.${act.block}.${act.step}` : '');
const PICKED_UP_S = 10;

/** How long hands take for what they are told. */
function lastsOf(made: Assembled, act: Act, random: Random): number {
  if (act.does === 'set') return 10 * Math.exp(0.25 * normal(random));
  if (!('step' in act)) return 0;
  const step = stepsAt(made, act)[act.step];
  const s =
    act.does === 'open' ? (step?.afterS ?? 0) : act.does === 'work' ? (step?.beforeS ?? 0) : 0;
  return s * Math.exp(scatterOf(operationAt(made, act)) * normal(random));
}

/** Presses a whole evening. @param meddle called at every look of anybody. */
export function pressed(
  made: Assembled,
  begun: EveningRun,
  seed: number,
  meddle: Meddling = (_made, run) => run,
): Pressed {
  const random = randomOf(seed);
  const hands: Hands[] = Array.from({ length: begun.people }, () => ({ busyToS: 0, doing: null }));
  const started = Date.parse(begun.startedAt);
  const at = (s: number) => new Date(started + Math.round(1000 * s));
  const left = new Map<string, number>();
  let run = begun;
  let nowS = 0;
  const told = { bells: 0, missed: 0, windows: 0, late: 0 };
  const pausable = (act: Act) =>
    act.does === 'work' && made.evening.pieces[act.piece]?.blocks[act.block]?.mayPause === true;

  /** One look of somebody at the screen; returns when the next is due, s. */
  function look(person: number): number {
    const own = hands[person] as Hands;
    if (own.busyToS > nowS) return own.busyToS;
    run = meddle(made, takenUp(made, run, person, at(nowS)), nowS);
    const guide = guideAt(made, run, nowS);
    const act = guide.now[person] as Act;
    const { doing } = own;
    if (doing && doing.key !== keyOf(act)) {
      left.set(doing.key, Math.max(1, doing.leftS - (nowS - doing.sinceS)) + PICKED_UP_S);
      own.doing = null;
    }
    if (act.does === 'finished') return Infinity;
    if (act.does === 'wait' || act.does === 'rest') return Math.max(nowS + 0.5, act.untilS);
    if (act.does === 'hold') return bellOf(guide, act.piece);
    if (act.does === 'work') return work(act, guide, own, person);
    if (act.does === 'open') answer(act, guide);
    const s = lastsOf(made, act, random);
    run = touched(made, run, person, at(nowS));
    own.busyToS = nowS + s;
    return own.busyToS;
  }

  const bellOf = (guide: Guide, piece: number): number =>
    guide.clocks.find((clock) => clock.piece === piece)?.bellS ?? nowS + 1;

  function answer(act: Act & { piece: number }, guide: Guide): void {
    const clock = guide.clocks.find(({ piece }) => piece === act.piece);
    told.bells++;
    if (clock && nowS > clock.latestS + 0.5) told.missed++;
  }

  function work(act: Act & { does: 'work' }, guide: Guide, own: Hands, person: number): number {
    const key = keyOf(act);
    if (!own.doing) {
      const withinS = operationAt(made, act)?.withinS ?? null;
      if (withinS !== null && !left.has(key)) {
        told.windows++;
        if (nowS - (guide.progress.pieces[act.piece]?.sinceS ?? 0) > withinS + 0.5) told.late++;
      }
      const leftS = left.get(key) ?? lastsOf(made, act, random);
      own.doing = { key, leftS, sinceS: nowS, mayPause: pausable(act) };
    }
    const { leftS, sinceS, mayPause } = own.doing;
    const endS = sinceS + leftS;
    if (endS <= nowS + 0.01) {
      own.doing = null;
      run = touched(made, run, person, at(nowS));
      return nowS;
    }
    const coming = guide.next[person]?.[0]?.atS ?? Infinity;
    const bell = guide.clocks.find(({ bellS }) => bellS > nowS)?.bellS ?? Infinity;
    return mayPause ? Math.min(endS, bell, Math.max(nowS + 1, coming)) : endS;
  }

  for (let looks = 0; looks < 50_000; looks++) {
    const due = hands.map((_, person) => look(person));
    const next = Math.min(...due);
    if (next === Infinity) break;
    // moments are told to the thousandth
    nowS = Math.max(nowS, Math.ceil(next * 1000) / 1000);
  }
  return { run, endS: nowS, ...told };
}
