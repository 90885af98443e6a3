import { quantile, thoughtOf, windowOf, type Thought } from '@/core/log/window';
import { byHabit, byLadder, crafterOf, isWithin, proposed, RECIPE } from '../support/crafters';

const CRAFTERS = Array.from({ length: 120 }, (_, i) => crafterOf(2000 + i));

test('80 % intervals hold about eight times in ten, after three and after twelve records', () => {
  const held = (records: number, of: (thought: Thought) => number) =>
    CRAFTERS.filter((crafter) => {
      const { draws } = windowOf(RECIPE, [], byHabit(crafter, records).tried);
      const values = draws.parameters.map((each) => of(thoughtOf(each)));
      const truth = of(crafter.truth);
      return (
        truth >= quantile(values, draws.shares, 0.1) && truth <= quantile(values, draws.shares, 0.9)
      );
    }).length / CRAFTERS.length;
  // 120 crafters scatter by 3.7 % themselves; a thousand are counted by the bench
  for (const records of [3, 12]) {
    expect(Math.abs(held(records, ({ middle }) => middle) - 0.8)).toBeLessThan(0.11);
    expect(Math.abs(held(records, ({ tenDegrees }) => tenDegrees) - 0.8)).toBeLessThan(0.11);
  }
});

test('a ladder of three serves far-off crafters as well as seven pieces by habit', () => {
  const count = 60;
  const [byThree, bySeven] = [0, 1].map((habit) => {
    const far = Array.from({ length: count }, (_, i) => crafterOf(5000 + i, 0.6));
    return far.filter((crafter) => {
      const { next } = habit ? byHabit(crafter, 6) : { next: [] };
      const at = habit ? (next.at(-1) ?? RECIPE) : proposed(byLadder(crafter, [3]));
      return isWithin(crafter, at);
    }).length;
  });
  expect(byThree).toBeGreaterThanOrEqual(bySeven ?? 0);
});
