import { shelf } from '@tests/support/jobs';
import type { Printer } from '../model';
import { TRANSFERS, type Transfer } from '../transfer';
import { planMirror, readsRight } from '.';

const printer = (part: Partial<Printer>): Printer => {
  const [first] = shelf.printers;
  if (!first) throw new Error('no printer');
  return { ...first, ...part };
};

const dye = TRANSFERS.sublimation;
/** Opaque paper for dark cloth is the transfer that is not mirrored: face up, read as it lies. */
const faceUp: Transfer = { ...dye, mirrored: false, imageSide: 'face up' };

const bools = [false, true];
const everyCase = bools.flatMap((driverCanMirror) =>
  bools.flatMap((mirrorsOnItsOwn) =>
    (['file', 'driver'] as const).map((by) => ({ driverCanMirror, mirrorsOnItsOwn, by })),
  ),
);

test.each(everyCase)('a dye print is flipped exactly once: %j', ({ by, ...habits }) => {
  const plan = planMirror(dye, printer(habits), by);
  expect(plan.flips).toBe(1);
  expect(plan.readsRight).toBe(true);
});

test.each(everyCase)('what is not mirrored comes out straight: %j', ({ by, ...habits }) => {
  const plan = planMirror(faceUp, printer(habits), by);
  expect(plan.flips % 2).toBe(0);
  expect(plan.readsRight).toBe(true);
});

test('the commonest spoilings: flipped in file and driver, or nowhere', () => {
  const flips = (...who: boolean[]) =>
    readsRight(
      who.map((flip) => ({ flips: flip })),
      dye,
    );
  expect(flips(true, true, false)).toBe(false);
  expect(flips(false, false, false)).toBe(false);
  expect(flips(false, true, false)).toBe(true);
});

test('who mirrors follows from what the printer can', () => {
  expect(planMirror(dye, printer({}), 'driver').by).toBe('driver');
  expect(planMirror(dye, printer({ mirrorsOnItsOwn: true }), 'driver')).toMatchObject({
    by: 'printer',
  });
  expect(planMirror(dye, printer({ driverCanMirror: false }), 'driver').by).toBe('file');
});
