import { mug12oz } from '@tests/support/jobs';
import { inches } from '../units';
import { circumferenceMm, diameterMm, facesOf, measuringDoubt } from '.';

const measured = (form: Partial<ReturnType<typeof mug12oz>['form']>) => {
  const mug = mug12oz();
  return { ...mug, form: { ...mug.form, ...form } };
};

const onlyFace = (blank: Parameters<typeof facesOf>[0]) => {
  const [face] = facesOf(blank);
  if (!face) throw new Error('no face');
  return face;
};

test('a 12 oz straight mug wraps at 8.75 × 3.79 in, art up to 3.6 in high (common practice, no source)', () => {
  const face = onlyFace(mug12oz());
  expect(face.widthMm).toBeCloseTo(inches(8.75), 6);
  expect(face.heightMm).toBeCloseTo(inches(3.79), 6);
  expect(face.safe.height).toBeCloseTo(inches(3.6), 6);
});

test('10 1/2 in round is 3.34 in across (common practice, no source)', () => {
  const { form } = measured({ girthMm: inches(10.5) });
  expect(diameterMm(form) / 25.4).toBeCloseTo(3.34, 2);
  const across = { ...form, girthMeasuredAs: 'diameter' as const, girthMm: diameterMm(form) };
  expect(circumferenceMm(across)).toBeCloseTo(inches(10.5), 6);
});

describe('diameter and circumference are easily confused', () => {
  test('a tape’s 10 1/4 in taken as the diameter would make a bucket', () => {
    const doubt = measuringDoubt(measured({ girthMeasuredAs: 'diameter' }), 'in');
    expect(doubt?.question).toMatch(
      /diameter of 10 1\/4 in makes a bucket.*mean the circumference/,
    );
    expect(doubt?.instead.form.girthMeasuredAs).toBe('circumference');
  });

  test('3.26 in across taken as the circumference would make a thimble', () => {
    const doubt = measuringDoubt(measured({ girthMm: inches(3.26) }), 'in');
    expect(doubt?.question).toMatch(/thimble, 1\.04 in across/);
  });

  test('a likely cup raises no question', () => {
    expect(measuringDoubt(mug12oz(), 'in')).toBeNull();
  });
});

test('with the handle on the right, the right half of the wrap faces its holder', () => {
  const face = onlyFace(mug12oz());
  const at = (id: string) => face.datums.find((datum) => datum.id === id)?.x ?? Number.NaN;
  const round = circumferenceMm(mug12oz().form);
  const handleMiddle = face.widthMm + mug12oz().form.handleGapMm / 2;
  expect(handleMiddle - at('right-holder')).toBeCloseTo(round / 4, 6);
  expect(at('left-holder') - (handleMiddle - round)).toBeCloseTo(round / 4, 6);
  expect(handleMiddle - at('opposite-handle')).toBeCloseTo(round / 2, 6);
});

test('without a handle the wrap is the whole circumference and no handle is drawn', () => {
  const face = onlyFace(measured({ handleGapMm: 0 }));
  expect(face.widthMm).toBeCloseTo(inches(10.25), 6);
  expect(face.zones.map(({ kind }) => kind)).not.toContain('handle');
});
