import { facesOf } from '@/core/blank';
import { blankOf, mug12oz } from '@tests/support/jobs';
import { snapped } from './snap';

const faceOf = (id: string) => {
  const [face] = facesOf(blankOf(id));
  if (!face) throw new Error('no face');
  return face;
};
const box = (x: number, y: number, width = 40, height = 20) => ({ x, y, width, height });

test('near a datum line the middle of the art is pulled onto it', () => {
  const [face] = facesOf(mug12oz());
  if (!face) throw new Error('no face');
  const right = face.datums.find(({ id }) => id === 'right-holder');
  const to = (right?.x ?? 0) - 20;
  expect(snapped(box(to + 1.5, 30), face, 2).x).toBeCloseTo(to, 9);
  expect(snapped(box(to + 2.5, 30), face, 2).x).toBeCloseTo(to + 2.5, 9);
});

test('near the edge of the safe area the art’s own edge is pulled there', () => {
  const face = faceOf('garden-panel');
  const { safe } = face;
  expect(snapped(box(safe.x + 0.8, 100), face, 1).x).toBeCloseTo(safe.x, 9);
  const last = safe.y + safe.height - 20;
  expect(snapped(box(50, last - 0.7), face, 1).y).toBeCloseTo(last, 9);
});

test('the nearest of several wins, and far from everything nothing moves', () => {
  const face = faceOf('tee');
  const neck = face.datums.find(({ id }) => id === 'neckline')?.x ?? 0;
  expect(snapped(box(neck - 20 - 3, 300), face, 5).x).toBeCloseTo(neck - 20, 9);
  expect(snapped(box(150, 333.3), face, 0.01)).toEqual(box(150, 333.3));
});
