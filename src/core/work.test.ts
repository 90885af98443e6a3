import { metered, onceFor, spend, TooMuchWork, within } from './work';

test('what was worked out is not worked out again, and charged as if it were', () => {
  let times = 0;
  const cost = onceFor(({ units }: { units: number }) => {
    times++;
    spend(units, 'motifs');
    return units;
  }, 'motifs');
  const thing = { units: 30 };
  expect(metered(() => cost(thing))).toEqual({ value: 30, units: 30 });
  expect(metered(() => cost(thing))).toEqual({ value: 30, units: 30 });
  expect(times).toBe(1);
  // so that what is refused is refused whether it was asked before or not
  const twice = () => within(50, () => cost(thing) + cost(thing));
  expect(twice).toThrow(TooMuchWork);
  expect(within(60, () => cost(thing) + cost(thing))).toBe(60);
});

test('what was refused is not taken for worked out', () => {
  const cost = onceFor(({ units }: { units: number }) => {
    spend(units, 'motifs');
    return units;
  }, 'motifs');
  const thing = { units: 10 };
  expect(() => within(5, () => cost(thing))).toThrow(TooMuchWork);
  expect(within(20, () => cost(thing))).toBe(10);
});
