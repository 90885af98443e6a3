import {
  breakFrom,
  dropped,
  goesAway,
  guideAt,
  looksAgain,
  progressOf,
  replanned,
  type Assembled,
  type Guide,
} from '@/core/evening';
import type { EveningRun } from '@/core/model';
import { byBestPlan, EVENINGS, eveningCalled } from '@tests/support/demoEvenings';
import { pressed } from '@tests/support/simulatedHands';

/** Evenings pressed of each kind; every so many events, each disturbance is tried aside. */
const TIMES = 5;
const EVERY = 8;
/** So long nobody touches anything; and so long a break is asked for, s. */
const LATE_S = 180;
const BREAK_S = 600;

/** What comes between: how the evening stands then, and at which second. */
type Disturbance = (
  made: Assembled,
  run: EveningRun,
  nowS: number,
) => { readonly run: EveningRun; readonly nowS: number } | null;

const momentOf = (run: EveningRun, s: number): Date =>
  new Date(Date.parse(run.startedAt) + Math.round(1000 * s));

const DISTURBANCES: Readonly<Record<string, Disturbance>> = {
  late: (_made, run, nowS) => ({ run, nowS: nowS + LATE_S }),
  dropped: (made, run, nowS) => {
    // the last that nobody has begun
    const piece = progressOf(made, run, nowS).pieces.findLastIndex(
      ({ block, step, begunS, dropped: gone }, at) =>
        block === 0 && step === 0 && begunS === null && !gone && made.loads[at]?.blocks[0],
    );
    return piece < 0 ? null : { run: dropped(made, run, piece, momentOf(run, nowS)), nowS };
  },
  break: (made, run, nowS) => {
    const inS = breakFrom(made, run, 0, BREAK_S, nowS);
    if (inS === null) return null;
    return { run: goesAway(run, 0, { inS, lastsS: BREAK_S }, momentOf(run, nowS)), nowS };
  },
};

/** What somebody does next: now, or once there is something to begin. */
const nextOf = ({ now, next }: Guide): string =>
  JSON.stringify(
    now.map((act, person) =>
      act.does === 'wait' || act.does === 'rest' ? (next[person]?.[0]?.act ?? null) : act,
    ),
  );

/** What comes between an evening under way: how often it changes what stands next, and how long planning anew takes. */
export async function benchDisturbed(): Promise<void> {
  console.log(
    `evenings disturbed: ${Object.keys(DISTURBANCES).join(', ')}; planned anew as the app does`,
  );
  for (const [name, wanted] of Object.entries(EVENINGS).slice(0, 6)) {
    const { made, run } = byBestPlan(eveningCalled(wanted));
    const told = new Map(Object.keys(DISTURBANCES).map((each) => [each, { of: 0, changed: 0 }]));
    const took: number[] = [];
    for (let seed = 1; seed <= TIMES; seed++) {
      let events = 0;
      pressed(made, run, seed, (_made, now, nowS) => {
        if (now.events.length < events + EVERY) return now;
        events = now.events.length;
        for (const [what, disturb] of Object.entries(DISTURBANCES)) {
          const then = disturb(made, now, nowS);
          const sum = told.get(what);
          if (!then || !sum) continue;
          const start = performance.now();
          const anew = replanned(made, then.run, then.nowS, looksAgain(made));
          took.push(performance.now() - start);
          sum.of++;
          const before = nextOf(guideAt(made, then.run, then.nowS));
          if (before !== nextOf(guideAt(made, anew, then.nowS))) sum.changed++;
        }
        return now;
      });
    }
    took.sort((a, b) => a - b);
    const at = (share: number) => took[Math.round(share * (took.length - 1))]?.toFixed(0);
    const changes = [...told].map(
      ([what, { of, changed }]) =>
        `${what} ${((100 * changed) / Math.max(1, of)).toFixed(0)} % of ${of}`,
    );
    console.log(
      `  ${name.padEnd(36)} next told otherwise: ${changes.join(', ')}; ` +
        `plan anew ${at(0.5)} ms, 95 of 100 within ${at(0.95)}, longest ${at(1)}`,
    );
  }
}
