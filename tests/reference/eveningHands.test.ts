/**
 * Evenings pressed by hands that are not ours: times drawn at random round what is usual (logarithmically normal, as
 * is assumed of handwork), told what to do by the guide alone. Whether bells are missed is counted, not planned.
 */
import { progressOf, replanned } from '@/core/evening';
import { byBestPlan, EVENINGS, eveningCalled } from '../support/demoEvenings';
import { pressed } from '../support/simulatedHands';

const LOOKS = 60;
const TIMES = 4;

test('six evenings: planned within two in a hundred of the best; four times each, hardly a bell or window is missed, none takes a quarter longer', () => {
  const sum = { bells: 0, missed: 0, windows: 0, late: 0 };
  for (const wanted of Object.values(EVENINGS).slice(0, 6)) {
    const { made, run, plan } = byBestPlan(eveningCalled(wanted));
    const { schedule, boundS } = plan;
    expect(schedule.endS).toBeLessThanOrEqual(1.02 * boundS);
    for (let seed = 1001; seed <= 1000 + TIMES; seed++) {
      let events = -1;
      const one = pressed(made, run, seed, (_made, now, nowS) => {
        if (now.events.length === events) return now;
        events = now.events.length;
        return replanned(made, now, nowS, LOOKS);
      });
      expect(one.endS).toBeLessThan(1.25 * schedule.endS);
      // everything that was planned has been done
      expect(progressOf(made, one.run, one.endS + 1).pieces.map(({ block }) => block)).toEqual(
        made.evening.pieces.map(({ blocks }) => blocks.length),
      );
      for (const key of ['bells', 'missed', 'windows', 'late'] as const) sum[key] += one[key];
    }
  }
  expect(sum.bells).toBeGreaterThan(400);
  expect(sum.missed / sum.bells).toBeLessThanOrEqual(0.0025);
  expect(sum.late / sum.windows).toBeLessThanOrEqual(0.03);
});
