import fc from 'fast-check';
import { placeAt, projected, refinedView, seenAt, undone, fittedMap, type View } from './camera';

const { hypot, cos, sin } = Math;

/** Photos of a sheet of 216 × 279 mm: moved, turned, seen from the side, through a lens. */
const view = fc
  .record({
    turn: fc.double({ min: -3, max: 3, noNaN: true }),
    scale: fc.double({ min: 6, max: 12, noNaN: true }),
    lean: fc.tuple(
      fc.double({ min: -8e-4, max: 8e-4, noNaN: true }),
      fc.double({ min: -8e-4, max: 8e-4, noNaN: true }),
    ),
    lens: fc.double({ min: -0.06, max: 0.06, noNaN: true }),
  })
  .map(({ turn, scale, lean: [g, h], lens }): View => {
    const [c, s] = [scale * cos(turn), scale * sin(turn)];
    // the sheet's middle in the photo's, whatever the turn
    const w = g * 108 + h * 140 + 1;
    const x = 2000 * w - (c * 108 - s * 140);
    const y = 1500 * w - (s * 108 + c * 140);
    return { map: [c, -s, x, s, c, y, g, h, 1], lens, widthPx: 4000, heightPx: 3000 };
  });

const place = fc.record({
  x: fc.double({ min: 40, max: 170, noNaN: true }),
  y: fc.double({ min: 60, max: 220, noNaN: true }),
});

test('what a pixel shows is seen at that pixel', () => {
  fc.assert(
    fc.property(view, place, (own, { x, y }) => {
      const at = seenAt(own, x, y);
      const back = placeAt(own, at.x, at.y);
      expect(hypot(back.x - x, back.y - y)).toBeLessThan(0.01);
    }),
  );
});

test('a projective map is undone by its inverse, and found again from places', () => {
  fc.assert(
    fc.property(view, ({ map }) => {
      const corners = [
        { x: 0, y: 0 },
        { x: 216, y: 0 },
        { x: 216, y: 279 },
        { x: 0, y: 279 },
        { x: 80, y: 120 },
      ];
      const pairs = corners.map((from) => ({
        from,
        to: projected(map, from.x, from.y),
        weight: 1,
      }));
      const again = fittedMap(pairs);
      if (!again) throw new Error('not found');
      for (const { from, to } of pairs) {
        const there = projected(again, from.x, from.y);
        expect(hypot(there.x - to.x, there.y - to.y)).toBeLessThan(0.01);
        const back = projected(undone(map), to.x, to.y);
        expect(hypot(back.x - from.x, back.y - from.y)).toBeLessThan(1e-3);
      }
    }),
    { numRuns: 40 },
  );
});

test('view and lens are found together from what is seen, a tenth of it wrong', () => {
  fc.assert(
    fc.property(view, (own) => {
      const pairs = Array.from({ length: 120 }, (_, i) => {
        const from = { x: 12 + (i % 10) * 21, y: 12 + Math.floor(i / 10) * 23 };
        const to = seenAt(own, from.x, from.y);
        return { from, to: i % 10 === 3 ? { x: to.x + 40, y: to.y - 25 } : to, weight: 1 };
      });
      const first = { ...own, lens: 0 };
      const found = refinedView(first, pairs, 1.5);
      for (const { from } of pairs) {
        const [a, b] = [seenAt(own, from.x, from.y), seenAt(found, from.x, from.y)];
        // a pixel is a tenth of a millimetre here
        expect(hypot(a.x - b.x, a.y - b.y)).toBeLessThan(3);
      }
    }),
    { numRuns: 30 },
  );
});

test('four places on a line tell no map', () => {
  const on = [0, 1, 2, 3].map((x) => ({ from: { x, y: 2 * x }, to: { x, y: x }, weight: 1 }));
  const map = fittedMap(on);
  // either none, or one that is no use: it must not be taken for a photo's
  expect(fittedMap(on.slice(0, 3))).toBeNull();
  expect(map === null || map.every(Number.isFinite)).toBe(true);
});
