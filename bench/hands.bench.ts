import { assembledOf, guideAt, replanned, scatterOf, type Assembled } from '@/core/evening';
import type { EveningRun, Operation } from '@/core/model';
import { byBestPlan, EVENINGS, eveningCalled } from '@tests/support/demoEvenings';
import { pressed } from '@tests/support/simulatedHands';

/** Evenings pressed of each kind, unless `HANDS` says otherwise; of which kinds, by a word of their names. */
const TIMES = Number(process.env.HANDS ?? 50);
const KINDS = process.env.HANDS_KINDS ?? '';
/** So many at most are pressed once more without care for bells. */
const MOST_HEEDLESS = 100;
/** Plans looked at whenever something was done. */
const LOOKS = 60;
/** Alike are two tellings that say the same. */
const SAME = JSON.stringify;

/** Longer than any evening, s. */
const ANY_DELAY_S = 1e6;

/** An evening whose operations are changed. */
const withOperations = (run: EveningRun, change: (each: Operation) => Operation): EveningRun => ({
  ...run,
  programs: run.programs.map((program) => ({
    ...program,
    operations: program.operations.map(change),
  })),
});

/** The same evening as it is to somebody who need answer no bell in time: nothing is put off for one. */
const heedless = (run: EveningRun): EveningRun =>
  withOperations(run, (each) => ({ ...each, mayOverrunS: ANY_DELAY_S }));

/** The same evening by hands that always take what they take on average (the mean of a logarithmic normal). */
const averaged = (run: EveningRun): EveningRun =>
  withOperations(run, (each) => {
    if (each.countedS !== null || each.hands === 'free') return each;
    const usualS = each.lasts.usualS * Math.exp(scatterOf(each) ** 2 / 2);
    return { ...each, lasts: { ...each.lasts, usualS } };
  });

/** What came of evenings pressed by the same hands. */
interface Told {
  endS: number;
  bells: number;
  missed: number;
  windows: number;
  late: number;
  plans: number;
  changed: number;
  slowestMs: number;
}

/** An evening pressed so many times, each by other hands, planned anew at every touch. */
function pressedOften(made: Assembled, run: EveningRun, times: number): Told {
  const sum: Told = {
    ...{ endS: 0, bells: 0, missed: 0, windows: 0, late: 0 },
    ...{ plans: 0, changed: 0, slowestMs: 0 },
  };
  for (let seed = 1; seed <= times; seed++) {
    let events = -1;
    const one = pressed(made, run, seed, (_made, now, nowS) => {
      if (now.events.length === events) return now;
      events = now.events.length;
      const told = guideAt(made, now, nowS).now;
      const start = performance.now();
      const next = replanned(made, now, nowS, LOOKS);
      sum.slowestMs = Math.max(sum.slowestMs, performance.now() - start);
      sum.plans++;
      if (SAME(told) !== SAME(guideAt(made, next, nowS).now)) sum.changed++;
      return next;
    });
    for (const key of ['endS', 'bells', 'missed', 'windows', 'late'] as const) sum[key] += one[key];
  }
  return sum;
}

/** Evenings pressed by hands whose times vary: bells missed, windows missed, what care costs, what planning anew costs. */
export async function benchHands(): Promise<void> {
  console.log(`evenings by hands that vary, ${TIMES} of each, planned anew at every touch:`);
  const minutes = (s: number) => (s / 60).toFixed(1);
  const share = (part: number, all: number) => `${part} of ${all}`;
  for (const [name, wanted] of Object.entries(EVENINGS).slice(0, 6)) {
    if (!name.includes(KINDS)) continue;
    const begun = eveningCalled(wanted);
    const { made, run, plan } = byBestPlan(begun);
    const told = pressedOften(made, run, TIMES);
    // the same hands, drawn by the same seeds
    const few = Math.min(TIMES, MOST_HEEDLESS);
    const free = heedless(run);
    const careful = few < TIMES ? pressedOften(made, run, few) : told;
    const without = pressedOften(assembledOf(free), free, few);
    const average = byBestPlan(averaged(begun)).plan.schedule.endS;
    console.log(
      `  ${name.padEnd(36)} plan ${minutes(plan.schedule.endS)}, by average hands ${minutes(average)}, ` +
        `pressed ${minutes(told.endS / TIMES)} min, ` +
        `${minutes((careful.endS - without.endS) / few)} of them for bells, ` +
        `bells missed ${share(told.missed, told.bells)}, windows ${share(told.late, told.windows)}, ` +
        `told otherwise ${((100 * told.changed) / told.plans).toFixed(0)} % of ${told.plans}, ` +
        `slowest plan ${told.slowestMs.toFixed(0)} ms`,
    );
  }
}
