import { patchesOf } from './residue';
import { samplesOf, tintOf } from './tint';
import type { Colours } from './colours';

const plane = (value: number) => new Float32Array(60 * 60).fill(value);
const all = (value: number): Colours => ({
  ...{ width: 60, height: 60, pxPerMm: 1 },
  planes: [plane(value), plane(value), plane(value)],
});

test('where every sheet is astray nothing tells of colours, and no ink is said to be off', () => {
  const wanted = all(40);
  const seen = all(NaN);
  const tint = tintOf(wanted, samplesOf(wanted), seen);
  expect(patchesOf(tint, seen, [{ x: 0, y: 0, width: 60, height: 60 }])).toEqual([]);
});
