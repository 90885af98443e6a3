import { randomOf } from '../random';
import { projected } from './camera';
import { cornersOf, matched } from './corners';
import { CORNER_REACH, evened, type Plane } from './plane';
import { found, wantedAt } from './register';

const PX_PER_MM = 2;
/** Where a sheet of a larger print lies in it, mm. */
const SHEET = { x: 205, y: 690, width: 203, height: 200 };

/** Night with a line of blocky letters on it, 12 mm apart. */
function lineOfLetters(): Plane {
  const [width, height] = [600 * PX_PER_MM, 900 * PX_PER_MM];
  const data = new Float32Array(width * height).fill(30);
  const random = randomOf(5);
  const square = 5; // pixels
  for (let letter = 0; letter < 45; letter++)
    for (let row = 0; row < 7; row++)
      for (let column = 0; column < 4; column++) {
        if (random() < 0.5) continue;
        const x = (30 + 12 * letter) * PX_PER_MM + column * square;
        const y = 780 * PX_PER_MM + row * square;
        for (let v = y; v < y + square; v++) data.fill(230, v * width + x, v * width + x + square);
      }
  return { width, height, data };
}

/** The sheet as it is seen by itself; where only so much of its width is seen, mm, night beyond that. */
function sheetSeen(whole: Plane, seenMm: number): Plane {
  const [width, height] = [SHEET.width * PX_PER_MM, SHEET.height * PX_PER_MM];
  const data = new Float32Array(width * height).fill(30);
  for (let v = 0; v < height; v++)
    for (let u = 0; u < seenMm * PX_PER_MM; u++)
      data[v * width + u] =
        whole.data[(v + SHEET.y * PX_PER_MM) * whole.width + u + SHEET.x * PX_PER_MM] ?? 0;
  return { width, height, data };
}

const whole = lineOfLetters();
const wanted = wantedAt(whole, PX_PER_MM, PX_PER_MM, 4000);
const lies = (seenMm: number) => {
  const corners = cornersOf(evened(sheetSeen(whole, seenMm), CORNER_REACH), 700);
  const part = { pxPerMm: PX_PER_MM, cellMm: 25 };
  return found(corners, wanted, matched(corners, wanted.corners), 7, part);
};

test('a sheet with one line of words on it is known by them', () => {
  const one = lies(SHEET.width);
  expect(one?.matches).toBeGreaterThan(20);
  const at = projected(one?.map ?? [1, 0, 0, 0, 1, 0, 0, 0, 1], SHEET.x + 100, 790);
  expect(at.x / PX_PER_MM).toBeCloseTo(100, 0);
  expect(at.y / PX_PER_MM).toBeCloseTo(790 - SHEET.y, 0);
});

test('a single letter tells nothing of where it lies', () => {
  expect(lies(16)).toBeNull();
});
