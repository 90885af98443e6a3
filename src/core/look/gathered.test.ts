import type { LookFinding } from './findings';
import { gathered } from './gathered';

const place = (tile: string | null, x: number, code: 'bare' | 'covered' = 'bare'): LookFinding => ({
  ...{ code, tile, mm: 6 },
  box: { x, y: 10, width: 6, height: 5 },
});

test('a few places of a tile are told one by one, many as the tile', () => {
  const step: LookFinding = {
    ...{ code: 'step', between: ['A1', 'A2'], mm: 1 },
    box: { x: 0, y: 0, width: 8, height: 200 },
  };
  const few = [step, place('A1', 10), place('A1', 30), place('B1', 10)];
  expect(gathered(few, 3)).toEqual(few);

  const many = [0, 20, 40, 60].map((x) => place('A1', x, x === 40 ? 'covered' : 'bare'));
  expect(gathered([step, ...many, place('B1', 10)], 3)).toEqual([
    step,
    { code: 'covered', tile: 'A1', mm: 66, box: { x: 0, y: 10, width: 66, height: 5 } },
    place('B1', 10),
  ]);
});

test('on a sheet alone every place is told', () => {
  const places = [0, 20, 40, 60, 80].map((x) => place(null, x));
  expect(gathered(places, 3)).toEqual(places);
});

test('two tiles in each other’s places are one finding, three that went round are three', () => {
  const swap = (tile: string, shows: string, x: number): LookFinding => ({
    ...{ code: 'tile-swapped', tile, shows, exchanged: null },
    box: { x, y: 0, width: 50, height: 50 },
  });
  expect(gathered([swap('A1', 'B2', 0), place('C1', 200), swap('B2', 'A1', 100)], 3)).toEqual([
    { ...swap('A1', 'B2', 0), exchanged: { x: 100, y: 0, width: 50, height: 50 } },
    place('C1', 200),
  ]);
  const round = [swap('A1', 'A2', 0), swap('A2', 'A3', 50), swap('A3', 'A1', 100)];
  expect(gathered(round, 3)).toEqual(round);
});

test('what comes apart in the photo is one place, as what the largest part is', () => {
  const part: LookFinding = {
    ...{ code: 'covered', tile: null, mm: 4 },
    box: { x: 19, y: 12, width: 2, height: 4 },
  };
  expect(gathered([part, place(null, 10), place(null, 40)], 0)).toEqual([
    { code: 'bare', tile: null, mm: 11, box: { x: 10, y: 10, width: 11, height: 6 } },
    place(null, 40),
  ]);
});

test('what the flap of a sheet in a wrong place hides of its neighbour is told with that sheet, and nothing further off', () => {
  const turned: LookFinding = {
    ...{ code: 'tile-turned', tile: 'A1', turnDeg: 180 },
    box: { x: 0, y: 0, width: 50, height: 50 },
  };
  const hidden: LookFinding = {
    ...{ code: 'bare', tile: 'A2', mm: 4 },
    box: { x: 50.5, y: 10, width: 2, height: 4 },
  };
  const own: LookFinding = { ...hidden, box: { ...hidden.box, x: 57 } };
  expect(gathered([turned, hidden, own], 3)).toEqual([turned, own]);
  expect(gathered([hidden, own], 3)).toEqual([hidden, own]);
});
