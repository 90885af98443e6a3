import { planJob } from '../plan';
import type { Point } from '../geometry';
import { randomOf } from '../random';
import { jobOn, shelf } from '@tests/support/jobs';
import { seenAt, type Projective } from './camera';
import { levelDoubt, levelFindings, levelOf, levelPlan, type LevelPlan } from '.';

/** A tee as wide as most, a print on its chest. */
const CHEST: LevelPlan = {
  pieceId: 'front',
  print: { x: 0, y: 0, width: 250, height: 200 },
  face: { x: -130, y: -80, width: 510, height: 700 },
};
const PHOTO = { widthPx: 4000, heightPx: 3000 };
/** A photo from above, not quite: 6 pixels a millimetre, the blank's middle in its own. */
const MAP: Projective = [6, 0.3, 2000, -0.35, 6, 900, 2e-5, 6e-5, 1];
const RAD = Math.PI / 180;

/** The six points in a photo of a print turned about its middle and put aside, told in the blank's own directions from its middle. */
function pointsOf({ print, face }: LevelPlan, turnDeg: number, asideMm: number, lens = 0): Point[] {
  const [c, s] = [Math.cos(turnDeg * RAD), Math.sin(turnDeg * RAD)];
  const middle = { x: print.x + print.width / 2, y: print.y + print.height / 2 };
  const own = { x: middle.x - (face.x + face.width / 2) + asideMm, y: middle.y - face.y };
  const corner = (u: number, v: number) => {
    const [x, y] = [(u * print.width) / 2, (v * print.height) / 2];
    return { x: own.x + c * x - s * y, y: own.y + s * x + c * y };
  };
  const all = [
    ...[corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1)],
    ...[
      { x: -face.width / 2, y: 30 },
      { x: face.width / 2, y: 30 },
    ],
  ];
  return all.map(({ x, y }) => seenAt({ map: MAP, lens, ...PHOTO }, x, y));
}

test.each([
  [0, 0],
  [2.2, 0],
  [-1.4, 9],
  [0, -6],
])('a print turned by %d° and %d mm aside is seen so', (turnDeg, asideMm) => {
  const level = levelOf(CHEST, pointsOf(CHEST, turnDeg, asideMm), PHOTO);
  expect(level?.tiltDeg.value).toBeCloseTo(turnDeg, 6);
  expect(level?.asideMm.value).toBeCloseTo(asideMm, 5);
  expect(level?.acrossMm).toBeCloseTo(510, 5);
  const told = level && levelFindings(level, CHEST).map(({ code }) => code);
  expect(told).toEqual([
    ...(turnDeg === 0 ? [] : ['crooked']),
    // what the points and the lens leave open at the side of so wide a blank is more than 6 mm at times
    ...(Math.abs(asideMm) > 2 * (level?.asideMm.within ?? 0) && asideMm !== 0 ? ['aside'] : []),
  ]);
});

test('what points not quite hit, and a lens, leave open is not said to be less than it is', () => {
  const random = randomOf(5);
  let [tilt, aside, count] = [0, 0, 0];
  for (; count < 300; count++) {
    const put = (v: number) => v + (random() + random() + random() - 1.5) * 2 * 6;
    const points = pointsOf(CHEST, 0, 0, 0.03 * (random() - 0.5)).map(({ x, y }) => ({
      x: put(x),
      y: put(y),
    }));
    const level = levelOf(CHEST, points, PHOTO);
    if (level && Math.abs(level.tiltDeg.value) <= 2 * level.tiltDeg.within) tilt++;
    if (level && Math.abs(level.asideMm.value) <= 2 * level.asideMm.within) aside++;
  }
  expect(tilt / count).toBeGreaterThan(0.94);
  expect(aside / count).toBeGreaterThan(0.94);
});

test('a line that is not across the blank, and a print too small in the photo, tell nothing', () => {
  const points = pointsOf(CHEST, 5, 20);
  const short = points.with(5, {
    x: ((points[4]?.x ?? 0) + (points[5]?.x ?? 0)) / 2,
    y: points[5]?.y ?? 0,
  });
  const other = levelOf(CHEST, short, PHOTO);
  expect(other && levelDoubt(other)).toBe('other-line');
  expect(other && levelFindings(other, CHEST)).toEqual([]);

  const badge: LevelPlan = { ...CHEST, print: { x: 0, y: 0, width: 40, height: 30 } };
  const small = levelOf(badge, pointsOf(badge, 5, 0), PHOTO);
  expect(small && levelDoubt(small)).toBe('too-small');
});

test('corners in another order are none of a print seen from above', () => {
  const [a, b, c, d, ...line] = pointsOf(CHEST, 0, 0) as [Point, Point, Point, Point];
  expect(levelOf(CHEST, [b, a, d, c, ...line], PHOTO)).toBeNull();
});

test('told of prints that leave the sides of a flat blank free, and of no other', () => {
  const plansOn = (blankId: string) => {
    const job = jobOn(blankId);
    return planJob(job, shelf).pieces.flatMap((piece) => levelPlan(piece, job.blank.form) ?? []);
  };
  expect(plansOn('mug-12oz')).toEqual([]);
  expect(plansOn('round-coaster')).toEqual([]);
  expect(plansOn('mouse-mat')).toEqual([]);
  const [tee] = plansOn('tee');
  expect(tee?.face.width).toBeGreaterThan((tee?.print.width ?? 0) + 20);
});
