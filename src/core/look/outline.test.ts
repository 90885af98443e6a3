import { paperOutline } from './outline';
import type { Plane } from './plane';

const WIDTH = 800;
const HEIGHT = 600;
const CORNERS = [
  { x: 120, y: 90 },
  { x: 690, y: 60 },
  { x: 730, y: 520 },
  { x: 80, y: 480 },
] as const;

/** Whether a place is right of every side of a four-sided outline, seen clockwise, by at least so much. */
const within = (corners: readonly { x: number; y: number }[], x: number, y: number, by = 0) =>
  corners.every((a, i) => {
    const b = corners[(i + 1) % 4] ?? a;
    const [ux, uy] = [b.x - a.x, b.y - a.y];
    return (ux * (y - a.y) - uy * (x - a.x)) / Math.hypot(ux, uy) >= by;
  });

const photo = (lightAt: (x: number, y: number) => number): Plane => ({
  ...{ width: WIDTH, height: HEIGHT },
  data: Float32Array.from({ length: WIDTH * HEIGHT }, (_, i) =>
    lightAt((i % WIDTH) + 0.5, Math.floor(i / WIDTH) + 0.5),
  ),
});

/** How far the found corners are from those meant, in the best turn, pixels. */
const farOff = (found: readonly { x: number; y: number }[]) =>
  Math.min(
    ...[0, 1, 2, 3].map((turn) =>
      Math.max(
        ...CORNERS.map(({ x, y }, i) => {
          const own = found[(i + turn) % 4];
          return own ? Math.hypot(own.x - x, own.y - y) : Infinity;
        }),
      ),
    ),
  );

test('the corners of a sheet on a darker table are found within a few pixels, dark art on it or none', () => {
  for (const art of [235, 60]) {
    const found = paperOutline(
      photo((x, y) => (within(CORNERS, x, y, 25) ? art : within(CORNERS, x, y) ? 228 : 75)),
    );
    expect(found).not.toBeNull();
    expect(farOff(found ?? [])).toBeLessThan(4);
  }
});

test('something light beside the sheet does not count', () => {
  const found = paperOutline(
    photo((x, y) => (within(CORNERS, x, y) || Math.hypot(x - 30, y - 560) < 25 ? 228 : 75)),
  );
  expect(farOff(found ?? [])).toBeLessThan(4);
});

test('no outline is told of a table as light as the paper, of a sheet cut off by the photo, or of a round thing', () => {
  expect(paperOutline(photo((x, y) => (within(CORNERS, x, y) ? 228 : 215)))).toBeNull();
  expect(paperOutline(photo((x, y) => (within(CORNERS, x + 200, y) ? 228 : 75)))).toBeNull();
  expect(paperOutline(photo((x, y) => (Math.hypot(x - 400, y - 300) < 200 ? 228 : 75)))).toBeNull();
});
