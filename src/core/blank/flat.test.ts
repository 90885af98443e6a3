import { blankOf, mugJob, withForm } from '@tests/support/jobs';
import { regionArea, regionBox } from '../geometry';
import type { Blank } from '../model';
import { type FormOf, convertForm, MEASURES, holeMiddleMm, measuringDoubt } from '../form';
import { inches } from '../units';
import { facesOf, usualBleedMm } from '.';

const front = (blank: Blank) => {
  const [face] = facesOf(blank);
  if (!face) throw new Error('no face');
  return face;
};
const discOf = (id: string): FormOf<'disc'> => {
  const { form } = blankOf(id);
  if (form.kind !== 'disc') throw new Error('not a disc');
  return form;
};

test('a “12 × 18 in” panel measured 11½ × 17½: face as measured, nominal kept apart (common practice, no source)', () => {
  const blank = blankOf('garden-panel');
  const face = front(blank);
  expect([face.widthMm, face.heightMm]).toEqual([inches(11.5), inches(17.5)]);
  expect(blank.form).toMatchObject({ nominal: { widthMm: inches(12), heightMm: inches(18) } });
  // half an inch overall on fabric panels makes the art 12 × 18 again
  expect(face.widthMm + 2 * usualBleedMm(blank)).toBeCloseTo(inches(12), 9);
  expect(face.heightMm + 2 * usualBleedMm(blank)).toBeCloseTo(inches(18), 9);
});

describe('a 3 in disc with a hanging hole (common practice, no source)', () => {
  const blank = blankOf('medallion');

  test('wants art of 3.2 in', () => {
    expect(front(blank).widthMm + 2 * usualBleedMm(blank)).toBeCloseTo(inches(3.2), 9);
  });

  test('has a hole of 0.25 in whose edge is 0.2 in from the rim', () => {
    const hole = front(blank).zones.find(({ kind }) => kind === 'hole');
    const box = regionBox(hole?.region ?? []);
    expect(box.y).toBeCloseTo(inches(0.2), 6);
    expect(box.height).toBeCloseTo(inches(0.25), 6);
    expect(box.x + box.width / 2).toBeCloseTo(inches(1.5), 6);
  });

  test('has another hole when the distance runs to its middle', () => {
    const form = discOf('medallion');
    const toCentre = { ...form, holeMeasuredTo: 'centre' } as const;
    expect(holeMiddleMm(form) - holeMiddleMm(toCentre)).toBeCloseTo(inches(0.125), 9);
  });

  test('has a back that is the front turned over, so an off-centre outline is mirrored there', () => {
    const rings: FormOf<'outline'>['rings'] = [
      [
        [0, 0],
        [40, 0],
        [0, 30],
      ],
    ];
    const form = { kind: 'outline', rings, edgeKeepOutMm: 0, sides: 2 } as const;
    const [obverse, reverse] = facesOf({ ...blank, form: { ...form, rings } });
    const corner = (x: number, y: number) => (face: typeof obverse) =>
      face?.region[0]?.some((point) => Math.hypot(point.x - x, point.y - y) < 1e-6);
    expect(corner(0, 30)(obverse)).toBe(true);
    expect(corner(40, 30)(reverse)).toBe(true);
    expect(corner(0, 30)(reverse)).toBe(false);
  });
});

describe('a tee', () => {
  const face = front(blankOf('tee'));

  test('is measured from the neckline, chest motifs beside the centre line', () => {
    const at = (id: string) => face.datums.find((datum) => datum.id === id);
    expect(face.home).toBe('neckline');
    expect(at('neckline')).toMatchObject({ x: inches(10), y: inches(3.5) });
    // the wearer's left is on the right of who looks
    expect((at('left-chest')?.x ?? 0) > inches(10)).toBe(true);
    expect((at('right-chest')?.x ?? 0) + (at('left-chest')?.x ?? 0)).toBeCloseTo(inches(20), 9);
  });

  test('has no cloth in the collar and keeps off seams, hem and pocket', () => {
    const collar = face.zones.find(({ id }) => id === 'collar');
    const half = (Math.PI * inches(3.5) * inches(3.5)) / 2; // half an ellipse 7 in wide, 3.5 in deep
    expect(Math.abs(regionArea(collar?.region ?? []) - half) / half).toBeLessThan(0.001);
    const kinds = facesOf(blankOf('hoodie'))[0]?.zones.map(({ id }) => id);
    expect(kinds).toEqual(['seam-left', 'seam-right', 'hem', 'collar', 'pocket']);
  });

  test('has four faces; an apron and a cap have one', () => {
    expect(facesOf(blankOf('tee')).map(({ called }) => called)).toEqual([
      'front',
      'back',
      'sleeve-left',
      'sleeve-right',
    ]);
    expect(facesOf(blankOf('apron'))).toHaveLength(1);
    expect(facesOf(blankOf('cap'))).toHaveLength(1);
  });
});

test('socks are four prints, each wider than its insert by the roll on both sides', () => {
  const faces = facesOf(blankOf('socks-m'));
  expect(faces).toHaveLength(4);
  expect(faces[0]?.widthMm).toBeCloseTo(inches(3.25 + 0.5), 9);
  expect(faces[0]?.safe.width).toBeCloseTo(inches(3.25), 9);
});

describe('unusual straight walls', () => {
  const face = (part: Parameters<typeof withForm>[1]) => front(withForm(mugJob(), part).blank);

  test('paper stops before a hump', () => {
    expect(face({ humpMm: 10 }).heightMm).toBeCloseTo(inches(3.79) - 10, 9);
  });

  test('a rim that bows up by 4 mm takes two thirds of that more paper (area under a parabola)', () => {
    const plain = regionArea(face({}).region);
    const bowed = face({ rimCurveMm: 4 });
    expect(regionArea(bowed.region) - plain).toBeCloseTo((2 / 3) * 4 * bowed.widthMm, 0);
    expect(regionBox(bowed.region).y).toBeCloseTo(-4, 6);
  });

  test('notched round the handle, the paper closes above and below its roots', () => {
    const notched = face({ handleNotch: { fromMm: 20, toMm: 70 } });
    expect(notched.widthMm).toBeCloseTo(inches(10.25), 6);
    const gap = inches(1.5);
    const whole = inches(10.25) * inches(3.79);
    expect(regionArea(notched.region)).toBeCloseTo(whole - gap * 50, 1);
    const [plain] = [face({})];
    const x = (of: typeof plain) => of.datums.find(({ id }) => id === 'right-holder')?.x ?? 0;
    expect(x(notched) - x(plain)).toBeCloseTo(gap / 2, 9);
  });
});

describe('inches typed as millimetres', () => {
  test.each([
    ['panel', { widthMm: 11.5, heightMm: 17.5 }, 'panel-width'],
    ['disc', { diameterMm: 3 }, 'disc-diameter'],
    ['garment', { widthMm: 20, lengthMm: 29 }, 'garment-width'],
    ['socks', { widthMm: 3.5, lengthMm: 9 }, 'sock-width'],
  ] as const)('are asked about on a %s', (kind, part, measure) => {
    const start = convertForm(blankOf('mug-12oz').form, kind);
    expect(measuringDoubt(start)).toBeNull();
    const doubt = measuringDoubt({ ...start, ...part } as typeof start);
    expect(doubt?.misread).toMatchObject({ kind: 'unit', measure, meant: 'in' });
    expect(measuringDoubt(doubt?.instead ?? start)).toBeNull();
  });

  test('and millimetres typed as inches', () => {
    const form = { ...convertForm(blankOf('mug-12oz').form, 'panel'), widthMm: inches(292) };
    expect(measuringDoubt(form as typeof form & FormOf<'panel'>)?.misread).toMatchObject({
      ...{ kind: 'unit', meant: 'mm' },
    });
  });
});

test.each(Object.keys(MEASURES))(
  'a %s to start from has faces of some size, each with a home',
  (kind) => {
    const form = convertForm(blankOf('tee').form, kind as keyof typeof MEASURES);
    const faces = facesOf({ ...blankOf('tee'), form });
    expect(faces.length).toBeGreaterThan(0);
    for (const face of faces) {
      expect(face.widthMm * face.heightMm).toBeGreaterThan(0);
      expect(face.datums.map(({ id }) => id)).toContain(face.home);
    }
  },
);
