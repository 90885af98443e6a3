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
  expect(gathered(few)).toEqual(few);

  const many = [0, 20, 40, 60].map((x) => place('A1', x, x === 40 ? 'covered' : 'bare'));
  expect(gathered([step, ...many, place('B1', 10)])).toEqual([
    step,
    { code: 'covered', tile: 'A1', mm: 66, box: { x: 0, y: 10, width: 66, height: 5 } },
    place('B1', 10),
  ]);
});

test('on a sheet alone every place is told', () => {
  const places = [0, 20, 40, 60, 80].map((x) => place(null, x));
  expect(gathered(places)).toEqual(places);
});
