/**
 * The planner of evenings against what others published and what can be counted out: job shops of Fisher & Thompson
 * (1963) and Lawrence (1984) with their known optima, every tiny evening gone through completely, and a checker of its own.
 */
import { decoderOf, inTurn, lowerBound, planEvening, tryAll, withSettings } from '@/core/evening';
import { randomOf } from '@/core/random';
import { faultsIn, randomEvening } from '../support/evenings';
import { earliestEnd } from '../support/exhaustive';
import { jobShop } from '../support/jobShops';

describe('published job shops', () => {
  test.each([
    ['la01', 666],
    ['la05', 593],
  ] as const)('%s: its optimum of %d is reached and proved', (name, optimum) => {
    const { schedule, boundS } = planEvening(jobShop(name), { seed: 1, looks: 60_000 });
    expect(schedule.endS).toBe(optimum);
    expect(boundS).toBe(optimum);
  });

  test('ft06: 55 by every seed', () => {
    for (let seed = 1; seed <= 6; seed++)
      expect(planEvening(jobShop('ft06'), { seed, looks: 20_000 }).schedule.endS).toBe(55);
    expect(lowerBound(jobShop('ft06'))).toBe(52);
  });

  test('ft10: at most 965 (its optimum is 930) within 300 000 plans', () => {
    const evening = jobShop('ft10');
    const { schedule } = planEvening(evening, { seed: 1, looks: 300_000 });
    expect(schedule.endS).toBeGreaterThanOrEqual(930);
    expect(schedule.endS).toBeLessThanOrEqual(965);
    expect(faultsIn(evening, schedule)).toEqual([]);
  });
});

test('three hundred tiny evenings, gone through completely: hardly ever later, no bound too high', () => {
  const random = randomOf(7);
  let [count, agreed, excess] = [0, 0, 0];
  while (count < 300) {
    const evening = randomEvening(random, 3, 3);
    const best = earliestEnd(evening, 4000);
    if (best === null) continue;
    count++;
    const { schedule, boundS, order } = planEvening(evening, { seed: 1, looks: 3000 });
    // of an evening so small every order is tried
    const { order: least, all } = tryAll(evening, order, 60_000);
    expect(all).toBe(true);
    const through = decoderOf(evening).schedule(least);
    expect(faultsIn(evening, through)).toEqual([]);
    expect(through.endS).toBeLessThanOrEqual(schedule.endS);
    expect(boundS).toBeLessThanOrEqual(best);
    expect(through.endS).toBeGreaterThanOrEqual(best);
    if (through.endS === best) agreed++;
    excess += (through.endS - best) / Math.max(1, best);
  }
  expect(agreed / count).toBeGreaterThanOrEqual(0.97);
  // left: work begun so that a part of other work, laid aside after it, just fits before
  expect(excess / count).toBeLessThanOrEqual(0.002);
});

test('two thousand evenings: no plan breaks a rule, and none ends before its bound', () => {
  const random = randomOf(11);
  for (let i = 0; i < 2000; i++) {
    const evening = randomEvening(random, 6, 6);
    const { schedule, boundS } = planEvening(evening, { seed: i, looks: 20 });
    expect(faultsIn(evening, schedule)).toEqual([]);
    expect(schedule.endS).toBeGreaterThanOrEqual(boundS);
    const turn = decoderOf(evening).schedule(withSettings(evening, inTurn(evening)));
    expect(faultsIn(evening, turn)).toEqual([]);
    expect(schedule.endS).toBeLessThanOrEqual(turn.endS);
  }
});

test('the same seed gives the same plan', () => {
  const evening = randomEvening(randomOf(3), 6, 6);
  const plan = () => planEvening(evening, { seed: 5, looks: 500 });
  expect(plan()).toEqual(plan());
});
