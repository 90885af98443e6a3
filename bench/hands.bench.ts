import {
  assembledOf,
  fairLooks,
  guideAt,
  keptOrder,
  planEvening,
  progressOf,
  remainingOf,
  replanned,
  type Assembled,
} from '@/core/evening';
import type { EveningRun } from '@/core/model';
import { EVENINGS, eveningCalled } from '@tests/support/demoEvenings';
import { pressed } from '@tests/support/simulatedHands';

/** Evenings pressed of each kind, unless `HANDS` says otherwise; plans looked at whenever something was done. */
const TIMES = Number(process.env.HANDS ?? 50);
const LOOKS = 60;
/** What is told otherwise within so many seconds of the touch before it was never begun. */
const SAME = JSON.stringify;

/** An evening by its best plan. */
function planned(run: EveningRun, made: Assembled): { run: EveningRun; endS: number } {
  const remaining = remainingOf(made, progressOf(made, run, 0), 0);
  const { order, schedule } = planEvening(made.evening, {
    seed: 1,
    looks: fairLooks(made.evening),
  });
  return { run: { ...run, order: keptOrder(remaining, order) }, endS: schedule.endS };
}

/** Evenings pressed by hands whose times vary: bells missed, windows missed, how long it takes, what planning anew costs. */
export async function benchHands(): Promise<void> {
  console.log(`evenings by hands that vary, ${TIMES} of each, planned anew at every touch:`);
  for (const [name, wanted] of Object.entries(EVENINGS).slice(0, 6)) {
    const begun = eveningCalled(wanted);
    const made = assembledOf(begun);
    const { run, endS } = planned(begun, made);
    const sum = { endS: 0, bells: 0, missed: 0, windows: 0, late: 0 };
    let [plans, changed, slowest] = [0, 0, 0];
    for (let seed = 1; seed <= TIMES; seed++) {
      let events = -1;
      const one = pressed(made, run, seed, (_made, now, nowS) => {
        if (now.events.length === events) return now;
        events = now.events.length;
        const told = guideAt(made, now, nowS).now;
        const start = performance.now();
        const next = replanned(made, now, nowS, LOOKS);
        slowest = Math.max(slowest, performance.now() - start);
        plans++;
        if (SAME(told) !== SAME(guideAt(made, next, nowS).now)) changed++;
        return next;
      });
      for (const key of ['endS', 'bells', 'missed', 'windows', 'late'] as const)
        sum[key] += one[key];
    }
    const share = (part: number, all: number) => `${part} of ${all}`;
    console.log(
      `  ${name.padEnd(36)} plan ${(endS / 60).toFixed(1)}, pressed ${(sum.endS / TIMES / 60).toFixed(1)} min, ` +
        `bells missed ${share(sum.missed, sum.bells)}, windows ${share(sum.late, sum.windows)}, ` +
        `told otherwise ${((100 * changed) / plans).toFixed(0)} % of ${plans}, slowest plan ${slowest.toFixed(0)} ms`,
    );
  }
}
