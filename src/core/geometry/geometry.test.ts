import fc from 'fast-check';
import {
  applyAffine,
  chain,
  determinant,
  intersection,
  mapBox,
  mirrorIn,
  scaling,
  translation,
} from '.';

const figure = fc.double({ min: -500, max: 500, noNaN: true });

test('ISO 32000-1 §8.3.3: x′ = a·x + c·y + e, y′ = b·x + d·y + f; scale, then move', () => {
  const map = chain(scaling(2, 3), translation(10, 20));
  expect(map).toEqual([2, 0, 0, 3, 10, 20]);
  expect(applyAffine(map, { x: 1, y: 1 })).toEqual({ x: 12, y: 23 });
});

test('mirroring twice is doing nothing, once turns lettering round', () => {
  fc.assert(
    fc.property(figure, figure, figure, (width, x, y) => {
      const back = applyAffine(chain(mirrorIn(width), mirrorIn(width)), { x, y });
      return Math.abs(back.x - x) < 1e-9 && back.y === y && determinant(mirrorIn(width)) === -1;
    }),
  );
});

test('a mirrored box keeps its size and its distance from the other side', () => {
  const box = mapBox(mirrorIn(100), { x: 10, y: 5, width: 30, height: 20 });
  expect(box).toEqual({ x: 60, y: 5, width: 30, height: 20 });
});

test('boxes apart share nothing', () => {
  const apart = intersection(
    { x: 0, y: 0, width: 5, height: 5 },
    { x: 9, y: 9, width: 5, height: 5 },
  );
  expect([apart.width, apart.height]).toEqual([0, 0]);
});
