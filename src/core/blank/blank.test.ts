import { mug12oz, mugJob, onLatteCup, withForm } from '@tests/support/jobs';
import { sagitta } from '../geometry';
import type { Blank } from '../model';
import { inches } from '../units';
import { facesOf } from '.';
import {
  type CupForm,
  convertForm,
  measuringDoubt,
  midCircumferenceMm,
  uprightHeightMm,
  wallOf,
  MEASURES,
  isCup,
} from '../form';

const measured = (form: Parameters<typeof withForm>[1]) => withForm(mugJob(), form).blank;
const latte = (form: Parameters<typeof onLatteCup>[1] = {}) => onLatteCup(mugJob(), form).blank;
const cupOf = ({ form }: Blank): CupForm => {
  if (!isCup(form)) throw new Error('not a cup');
  return form;
};
const around = (blank: Blank) => midCircumferenceMm(wallOf(cupOf(blank)));

const onlyFace = (blank: Blank) => {
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
  const mug = measured({ girthMm: inches(10.5) });
  expect(around(mug) / Math.PI / 25.4).toBeCloseTo(3.34, 2);
  const across = measured({ girthMeasuredAs: 'diameter', girthMm: around(mug) / Math.PI });
  expect(around(across)).toBeCloseTo(inches(10.5), 6);
});

describe('diameter and circumference are easily confused', () => {
  test('a tape’s 10 1/4 in taken as the diameter would make a bucket', () => {
    const doubt = measuringDoubt(measured({ girthMeasuredAs: 'diameter' }).form);
    expect(doubt?.misread).toMatchObject({
      ...{ kind: 'girth', readAs: 'diameter', tooLarge: true, other: 'circumference' },
    });
    expect(doubt?.instead).toMatchObject({ girthMeasuredAs: 'circumference' });
  });

  test('3.26 in across taken as the circumference would make a thimble', () => {
    const doubt = measuringDoubt(measured({ girthMm: inches(3.26) }).form);
    const { misread } = doubt ?? {};
    expect(misread).toMatchObject({ kind: 'girth', tooLarge: false });
    expect(misread?.kind === 'girth' && misread.acrossMm / 25.4).toBeCloseTo(1.04, 2);
  });

  test('a likely cup raises no question', () => {
    expect(measuringDoubt(mug12oz().form)).toBeNull();
  });
});

test('with the handle on the right, the right half of the wrap faces its holder', () => {
  const face = onlyFace(mug12oz());
  const at = (id: string) => face.datums.find((datum) => datum.id === id)?.x ?? Number.NaN;
  const round = around(mug12oz());
  const handleMiddle = face.widthMm + cupOf(mug12oz()).handleGapMm / 2;
  expect(handleMiddle - at('right-holder')).toBeCloseTo(round / 4, 6);
  expect(at('left-holder') - (handleMiddle - round)).toBeCloseTo(round / 4, 6);
  expect(handleMiddle - at('opposite-handle')).toBeCloseTo(round / 2, 6);
});

test('without a handle the wrap is the whole circumference and no handle is drawn', () => {
  const face = onlyFace(measured({ handleGapMm: 0 }));
  expect(face.widthMm).toBeCloseTo(inches(10.25), 6);
  expect(face.zones.map(({ kind }) => kind)).not.toContain('handle');
});

describe('a tapered cup', () => {
  test('is true at mid-height, and its paper is a ring sector without the handle’s share', () => {
    const blank = latte();
    const face = onlyFace(blank);
    expect(face.widthMm).toBeCloseTo(inches((11.25 + 7.75) / 2 - 1.75), 6);
    const sector = face.development;
    if (!sector) throw new Error('not bent');
    const middle = (sector.rimRadiusMm + sector.baseRadiusMm) / 2;
    expect(middle * sector.sweepRad).toBeCloseTo(face.widthMm, 6);
    expect(sector.rimRadiusMm - sector.baseRadiusMm).toBeCloseTo(inches(4.1), 6);
  });

  test('a taper of zero is the straight wrap', () => {
    const straight = onlyFace(mug12oz());
    const form = convertForm(mug12oz().form, 'tapered-wrap');
    expect(onlyFace({ ...mug12oz(), form })).toEqual(straight);
    expect(convertForm(form, 'straight-wrap')).toEqual(mug12oz().form);
  });

  test('measured straight up or along the wall, it is the same cup', () => {
    const upright = uprightHeightMm(wallOf(cupOf(latte())));
    expect(upright).toBeLessThan(inches(4.1));
    const again = onlyFace(latte({ heightMeasuredAs: 'upright', heightMm: upright }));
    expect(again.heightMm).toBeCloseTo(inches(4.1), 6);
  });

  test('how wrong a rectangle would be: the rim’s arc rises over its chord', () => {
    const sector = onlyFace(latte()).development;
    if (!sector) throw new Error('not bent');
    // ρ = 4.1 · 11.25 / 3.5 in, sweep = 3.5 / 4.1 · 7.75 / 9.5
    const expected = inches((4.1 * 11.25) / 3.5) * (1 - Math.cos(((3.5 / 4.1) * (7.75 / 9.5)) / 2));
    expect(sagitta(sector)).toBeCloseTo(expected, 6);
  });

  test('either girth read the wrong way is asked about', () => {
    expect(measuringDoubt(latte({ baseGirthMm: 60 }).form)?.misread).toMatchObject({
      ...{ figureMm: 60, tooLarge: false },
    });
    expect(measuringDoubt(latte().form)).toBeNull();
  });
});

test('the record of a form is of the kind it stands for, and begins with measures that can be kept', () => {
  for (const [kind, { schema, start }] of Object.entries(MEASURES))
    expect(schema.parse(start)).toMatchObject({ kind });
});
