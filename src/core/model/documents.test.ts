import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { DEMO_RECORDS } from '@/demo/records';
import { blankOf, mugJob } from '@tests/support/jobs';
import {
  FIRST_PASS,
  plainItem,
  TRANSFER_KINDS,
  DOCUMENT_KINDS,
  DOCUMENTS,
  readDocument,
  type DocumentKind,
  type Raw,
} from '.';
import { documentFaultWords } from '@/words';

const FOLDER = 'tests/fixtures/documents';
/** The version that brought a kind. */
const FIRST: Readonly<Partial<Record<DocumentKind, number>>> = { cutter: 2, figures: 3 };
/** What later versions keep in another shape, and from which version on it stays. */
const RESHAPED: Readonly<Partial<Record<DocumentKind, Readonly<Record<string, number>>>>> = {
  job: { heat: 5, names: 6, sizes: 6, sheet: 6, placements: 6, further: 6 },
  paper: { preprinted: 5 },
  run: { stepIndex: 4, countdownFrom: 4, program: 5 },
  record: { transfer: 4, program: 5 },
};
const sample = (kind: DocumentKind, version: number): unknown =>
  JSON.parse(readFileSync(`${FOLDER}/${kind}.v${version}.json`, 'utf8'));
const ever = DOCUMENT_KINDS.flatMap((kind) => {
  const first = FIRST[kind] ?? 1;
  return Array.from(
    { length: DOCUMENTS[kind].version - first + 1 },
    (_, i) => [kind, first + i] as const,
  );
});

test.each(ever)('a %s of version %i, as it was written then, is read', (kind, version) => {
  const read = readDocument(kind, version, sample(kind, version));
  const kept = Object.entries(sample(kind, version) as Raw).filter(
    ([key]) => version >= (RESHAPED[kind]?.[key] ?? 0),
  );
  expect(read).toMatchObject({ ok: true, value: Object.fromEntries(kept) });
});

test.each(['run', 'record'] as const)(
  'the faces of a program of an old %s get their code',
  (kind) => {
    const read = readDocument(kind, 4, sample(kind, 4));
    expect(read.ok && read.value.program?.faces).toEqual([{ id: 'wrap', called: 'wrap' }]);
  },
);

test('further transfers of an old job become passes, pressed where its print lies', () => {
  const old = sample('job', 4) as Raw;
  const heat = { ...(old.heat as Raw), also: ['vinyl', 'sublimation', 'vinyl'] };
  const read = readDocument('job', 4, { ...old, heat });
  // its own transfer named once more was no further one
  expect(read.ok && read.value.further).toMatchObject([
    { id: 'vinyl', transfer: 'vinyl', placements: [], heat: { machineId: 'mug-press' } },
  ]);
});

test('names, sizes and copies of an old job become rows of what is made', () => {
  const old = sample('job', 5) as Raw & { placements: Raw[]; arts: Raw[]; sheet: Raw };
  const [ada, ben] = ['1', '2'].map((digit) => digit.repeat(64));
  const whole = {
    ...old,
    names: ['Ada', 'Ben'],
    arts: [...old.arts, ...[ada, ben].map((sha256) => ({ ...old.arts[0], sha256 }))],
    placements: old.placements.map((each) => ({ ...each, perName: [ada, ben] })),
    sizes: [
      { size: 'XL', widthMm: 600, copies: 2 },
      { size: 'S', widthMm: 450, copies: 0 },
    ],
    sheet: { ...old.sheet, copies: 3 },
  };
  const own = (artSha256: unknown) => [{ placementId: 'placement-1', artSha256 }];
  const read = readDocument('job', 5, whole);
  expect(read.ok && read.value.items).toEqual([
    { ...plainItem('1'), name: 'Ada', copies: 3, pictures: own(ada) },
    { ...plainItem('2'), name: 'Ben', copies: 3, pictures: own(ben) },
    { ...plainItem('size-1'), copies: 6, size: { name: 'XL', widthMm: 600 } },
  ]);
  // names that nothing was lettered with made one thing
  const unlettered = {
    ...old,
    names: ['Ada', 'Ben'],
    sizes: [],
    sheet: { ...old.sheet, copies: 4 },
  };
  const plain = readDocument('job', 5, unlettered);
  expect(plain.ok && plain.value.items).toEqual([{ ...plainItem('first'), copies: 4 }]);
});

test('as many further transfers as an old job could name are kept; two of one identity are refused', () => {
  const old = sample('job', 4) as Raw;
  const also = TRANSFER_KINDS.filter((kind) => kind !== old.transfer).slice(0, 6);
  const read = readDocument('job', 4, { ...old, heat: { ...(old.heat as Raw), also } });
  expect(read.ok && read.value.further.map(({ transfer }) => transfer)).toEqual(also);
  const now = sample('job', 5) as { further: { id: string }[] };
  for (const ids of [['v', 'v'], [FIRST_PASS]]) {
    const further = ids.map((id) => ({ ...now.further[0], id }));
    expect(readDocument('job', 5, { ...now, further })).toMatchObject({
      ok: false,
      reason: { code: 'unfit' },
    });
  }
});

test('no sample is of a version that never was', () => {
  const known = new Set(ever.map(([kind, version]) => `${kind}.v${version}.json`));
  const files = readdirSync(FOLDER).filter((name) => !name.includes('-file.'));
  expect(files.filter((name) => !known.has(name))).toEqual([]);
});

describe('what cannot be read says why and never throws', () => {
  test.each<[string, unknown, number, string, RegExp]>([
    ['nothing', undefined, 4, 'empty', /is empty/],
    ['{}', {}, 4, 'unfit', /id is missing/],
    ['a list', [], 4, 'empty', /is empty/],
    ['a newer one', mugJob(), 99, 'newer', /newer Lucky Sheet/],
    ['no version', mugJob(), Number.NaN, 'no-version', /not a version/],
    ['version 0', mugJob(), 0, 'no-version', /not a version/],
  ])('%s', (_what, body, version, code, says) => {
    const read = readDocument('job', version, body);
    expect(read).toMatchObject({ ok: false, reason: { code } });
    expect(read.ok ? '' : documentFaultWords(read.reason)).toMatch(says);
  });

  test.each(ever)('a %s of version %i with each part broken', (kind, version) => {
    const whole = sample(kind, version) as Raw;
    for (const key of Object.keys(whole))
      for (const wrong of [null, [], {}, 'x', -1e9, [[[]]]])
        expect(() => readDocument(kind, version, { ...whole, [key]: wrong })).not.toThrow();
  });
});

describe('what version 4 bounds is brought within its bounds, not lost', () => {
  test('a timer of a microsecond and a plate of 5 × 3 mm', () => {
    const machine = { ...(sample('machine', 3) as Raw), timerMaxS: 1e-6 };
    const read = readDocument('machine', 3, { ...machine, plate: { widthMm: 5, heightMm: 3 } });
    expect(read).toMatchObject({
      ok: true,
      value: { timerMaxS: 5, plate: { widthMm: 20, heightMm: 20 } },
    });
  });

  test('an apron 5e-303 mm wide', () => {
    const { form } = blankOf('apron');
    const apron = { ...blankOf('apron'), form: { ...form, widthMm: 5e-303 } };
    expect(readDocument('blank', 3, apron)).toMatchObject({
      ok: true,
      value: { form: { widthMm: 0.1 } },
    });
  });

  test('an outline that crosses itself more than may be is refused, whole, and it is said why', () => {
    const outline = (rings: number[][][]) => ({
      ...blankOf('medallion'),
      form: { kind: 'outline', rings, edgeKeepOutMm: 0, sides: 1 },
    });
    // a disc whose edge runs back over itself by hundredths of a millimetre, sixty times
    const knots = Array.from({ length: 60 }, (_, i) => {
      const angle = (i * 2 * Math.PI) / 60;
      const at = (turn: number, radius: number) => [
        60 + radius * Math.cos(angle + turn),
        60 + radius * Math.sin(angle + turn),
      ];
      return [at(0, 50), at(4e-4, 50.01), at(2e-4, 49.99), at(1e-4, 50.01)];
    }).flat();
    const bowTie = [
      [0, 0],
      [60, 60],
      [60, 0],
      [0, 60],
    ];
    for (const version of [3, 4]) {
      expect(readDocument('blank', version, outline([bowTie]))).toMatchObject({ ok: true });
      const dense = readDocument('blank', version, outline([knots]));
      expect(dense.ok ? '' : documentFaultWords(dense.reason)).toMatch(/crosses itself 50 times/);
    }
  });
});

test('the demo’s records are of the version they are stored as', () => {
  expect(
    DEMO_RECORDS.map((record) => readDocument('record', DOCUMENTS.record.version, record).ok),
  ).not.toContain(false);
  expect(existsSync(FOLDER)).toBe(true);
});
