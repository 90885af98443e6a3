import { quantile, thoughtOf, windowOf, type Thought } from '@/core/log/window';
import {
  byHabit,
  byLadder,
  crafterOf,
  isWithin,
  proposed,
  RECIPE,
  type Crafter,
} from '../tests/support/crafters';

const percent = (share: number) => `${(100 * share).toFixed(1)} %`;

/** Whether what is said to hold eight times in ten holds what is true, of one figure of a window. */
function holds(crafter: Crafter, records: number, of: (thought: Thought) => number): boolean {
  const { draws } = windowOf(RECIPE, [], byHabit(crafter, records).tried);
  const values = draws.parameters.map((parameters) => of(thoughtOf(parameters)));
  const [least, most] = [0.1, 0.9].map((share) => quantile(values, draws.shares, share));
  const truth = of(crafter.truth);
  return truth >= (least ?? NaN) && truth <= (most ?? NaN);
}

/** How crafters of a kind fare: by habit after each piece, by designed ladders of so many. */
function fares(count: number, middleSd: number): void {
  const habit = new Array<number>(13).fill(0);
  const ladders = new Map([1, 2, 3, 4].map((pieces) => [pieces, 0]));
  let after12 = 0;
  for (let seed = 1; seed <= count; seed++) {
    const crafter = crafterOf(seed, middleSd);
    const { tried, next } = byHabit(crafter, 12);
    [RECIPE, ...next].forEach(
      (at, n) => (habit[n] = (habit[n] ?? 0) + Number(isWithin(crafter, at))),
    );
    after12 += Number(isWithin(crafter, proposed(tried)));
    for (const pieces of ladders.keys()) {
      const again = crafterOf(seed, middleSd);
      const good = isWithin(again, proposed(byLadder(again, [pieces])));
      ladders.set(pieces, (ladders.get(pieces) ?? 0) + Number(good));
    }
  }
  console.log(
    `${count} crafters, middle of the window off by ± ${middleSd} in ln of time (unknown to them):`,
  );
  console.log(`  proposed after 12 records by habit: good in ${percent(after12 / count)}`);
  console.log(`  habit, after 0–12 pieces: ${habit.map((n) => percent(n / count)).join(', ')}`);
  for (const [pieces, good] of ladders)
    console.log(`  ladder of ${pieces}: good in ${percent(good / count)}`);
}

/** npm run bench window: calibration and simulated crafters. */
export function benchWindow(count = 1000): void {
  for (const records of [3, 12]) {
    const crafters = Array.from({ length: count }, (_, i) => crafterOf(i + 1));
    const share = (of: (thought: Thought) => number) =>
      percent(crafters.filter((crafter) => holds(crafter, records, of)).length / count);
    console.log(
      `80 % intervals after ${records} records hold: middle ${share(({ middle }) => middle)}, lower edge ${share(({ middle, wide }) => middle - wide / 2)} of ${count}`,
    );
  }
  fares(count, 0.4);
  fares(count, 0.6);
}
