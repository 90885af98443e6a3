import { clockSetBy } from './clock';

const HOUR = 3_600_000;

test.each([
  ['a tick', 250, 250, 0],
  ['an hour back', 250 - HOUR, 250, -HOUR],
  ['an hour forward', 250 + HOUR, 250, HOUR],
  ['half an hour forward, kept right meanwhile', 250 + HOUR / 2 + 900, 250, HOUR / 2 + 900],
  ['set back by a minute', 250 - 60_000, 250, -60_000],
  ['asleep for nine minutes, both clocks going', 540_000, 540_000, 0],
  ['asleep for nine minutes, one standing still', 540_000, 250, 0],
  ['asleep for 70 minutes, one standing still', 70 * 60_000, 250, 0],
  ['kept right by a fraction', -300, 250, 0],
])('%s: %i ms on the wall, %i ms steady', (_what, wall, steady, by) => {
  expect(clockSetBy(wall, steady)).toBe(by);
});
