import fc from 'fast-check';
import { artwork, jobOn, shelf, times } from '@tests/support/jobs';
import { withPass } from '../shelf';
import { FIRST_PASS, onEveryPass, onPass, passIds, printedPasses, seenFrom, withoutPass } from '.';

/** A dyed tee with vinyl and a film on it. */
const tee = withPass(
  withPass(jobOn('tee', artwork()), 'v', 'vinyl', shelf),
  'f',
  'film-clear',
  shelf,
);

test('a job is the same job from whichever pass it is seen', () => {
  for (const id of passIds(tee)) {
    expect(onPass(tee, id, (seen) => seen)).toEqual(tee);
    const seen = seenFrom(tee, id);
    expect(seen.further).toHaveLength(2);
    expect(seen.blank).toBe(tee.blank);
  }
  expect(seenFrom(tee, 'v')).toMatchObject({ transfer: 'vinyl', placements: [] });
  expect(seenFrom(tee, 'nobody')).toBe(tee);
});

test('what of a job is printed is found whichever pass comes first', () => {
  const transfers = (job: typeof tee) => printedPasses(job).map(({ transfer }) => transfer);
  expect(transfers(tee)).toEqual(['sublimation', 'film-clear']);
  const vinyl: typeof tee = { ...jobOn('tee', artwork()), transfer: 'vinyl' };
  expect(transfers(vinyl)).toEqual([]);
  expect(transfers(withPass(vinyl, 'd', 'sublimation', shelf))).toEqual(['sublimation']);
});

test('what is changed at one pass changes no other', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...passIds(tee)),
      fc.constantFrom(...passIds(tee)),
      fc.double({ min: 0, max: 40, noNaN: true }),
      (at, other, bleedMm) => {
        const changed = onPass(tee, at, (seen) => ({ ...seen, bleedMm }));
        expect(seenFrom(changed, at).bleedMm).toBe(bleedMm);
        if (other !== at)
          expect(seenFrom(changed, other)).toMatchObject({
            bleedMm: seenFrom(tee, other).bleedMm,
            transfer: seenFrom(tee, other).transfer,
          });
      },
    ),
  );
});

test('what is made is the job’s, whichever pass it is told at', () => {
  const changed = onPass(tee, 'v', (seen) => times(seen, 6));
  for (const id of passIds(changed)) expect(seenFrom(changed, id).items[0]?.copies).toBe(6);
});

test('every pass is changed alike, and passes are taken off, the first as well', () => {
  const named = onEveryPass(tee, (seen) => ({ ...seen, bleedMm: 1 }));
  expect(passIds(named).map((id) => seenFrom(named, id).bleedMm)).toEqual([1, 1, 1]);
  expect(passIds(withoutPass(tee, 'v'))).toEqual([FIRST_PASS, 'f']);
  const left = withoutPass(tee, FIRST_PASS);
  expect([left.transfer, ...left.further.map(({ transfer }) => transfer)]).toEqual([
    'vinyl',
    'film-clear',
  ]);
  const alone = jobOn('tee', artwork());
  expect(withoutPass(alone, FIRST_PASS)).toEqual(alone);
});
