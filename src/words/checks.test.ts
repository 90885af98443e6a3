import { planJob } from '@/core/plan';
import { CHECK_CODES, FIX_CODES } from '@/core/check';
import { ZONE_IDS } from '@/core/form';
import { FAULT_IDS, TRANSFER_KINDS } from '@/core/model';
import { TRADE_UNITS, type UnitStyle } from './units';
import { artwork, covering, jobOn, shelf } from '@tests/support/jobs';
import { withPictureRows } from '@/core/job';
import {
  CHECK_WORDS,
  checkWords,
  driverSetting,
  edgeSmearWords,
  FAULT_WORDS,
  FIX_WORDS,
  labelLines,
  misreadWords,
  printFaultWords,
  sayIn,
  sheetTexts,
  TRANSFER_WORDS,
  ZONE_WORDS,
} from '.';

const METRIC: UnitStyle = { length: 'mm', temperature: '°C' };

test.each([
  ['finding', CHECK_CODES, CHECK_WORDS],
  ['way out', FIX_CODES, FIX_WORDS],
  ['part of a face', ZONE_IDS, ZONE_WORDS],
  ['transfer', TRANSFER_KINDS, TRANSFER_WORDS],
  ['fault', FAULT_IDS, FAULT_WORDS],
] as const)('every %s has its words, and every word its code', (_what, codes, words) => {
  expect(Object.keys(words).sort()).toEqual([...codes].sort());
});

describe('figures that are asked about', () => {
  const girth = {
    ...({ kind: 'girth', readAs: 'diameter', other: 'circumference', tooLarge: true } as const),
    ...{ figureMm: 260.35, acrossMm: 260.35, otherAcrossMm: 260.35 / Math.PI },
  };
  test('a tape’s 10 1/4 in taken as the diameter would make a bucket', () => {
    const { question, answer } = misreadWords(girth, sayIn(TRADE_UNITS));
    expect(question).toMatch(/diameter of 10 1\/4 in makes a bucket.*mean the circumference/);
    expect(answer).toBe('It is the circumference');
  });

  test('inches typed as millimetres', () => {
    const misread = {
      ...({ kind: 'unit', measure: 'sock-width', meant: 'in' } as const),
      ...{ figureMm: 3.5, meantMm: 88.9 },
    };
    const { question, answer } = misreadWords(misread, sayIn(METRIC));
    expect(question).toBe(
      '3.5 mm is an unlikely width for a sock. Was it read in inches and typed as millimetres? Then it is 88.9 mm.',
    );
    expect(answer).toBe('It was inches');
  });
});

describe('what is written on a sheet', () => {
  const sheetOf = (id: string, part: object = {}) => {
    const job = covering(jobOn(id));
    const plan = planJob({ ...job, sheet: { ...job.sheet, ...part } }, shelf);
    const [sheet] = plan.sheets;
    if (!sheet?.marks.foot) throw new Error('no label');
    return { ...sheet, foot: sheet.marks.foot };
  };

  test('the label says size, scale and mirroring in as many lines as it has room for', () => {
    for (const id of ['round-coaster', 'wall-panel']) {
      const { foot } = sheetOf(id);
      const lines = labelLines(foot.label, TRADE_UNITS);
      expect(lines).toHaveLength(foot.lines.length);
      expect(lines[0]).toMatch(/print at 100 %/);
      expect(lines.at(-1)).toMatch(/mirror (ON|OFF)/);
    }
    expect(labelLines(sheetOf('round-coaster').foot.label, METRIC)[0]).toMatch(/cut to \d.* mm/);
    expect([true, false].map(driverSetting)).toEqual(['mirror ON', 'mirror OFF']);
  });

  test('who measures in millimetres finds no inch at the check bar', () => {
    const sheet = sheetOf('round-coaster');
    const stops = (units: UnitStyle) => sheet.foot.bar.stops.map(sheetTexts(sheet, units).stop);
    expect(stops(METRIC)).toEqual(['0', '100 mm', null]);
    expect(stops(TRADE_UNITS)).toEqual(['0', '100 mm', '4 in']);
  });
});

test('edge colours are smeared outwards only where a machine cuts the pieces', () => {
  const [cutter] = shelf.cutters;
  expect(edgeSmearWords(null)).toMatch(/off/);
  expect(edgeSmearWords(cutter ?? null)).toMatch(new RegExp(`on, since ${cutter?.name ?? '?'}`));
});

test('what went wrong on paper is told with its figure', () => {
  expect(printFaultWords({ kind: 'scaled', scale: 0.943 }, METRIC)).toMatch(/94\.3 %/);
  const cut = { kind: 'clipped', lostShare: 0.02, missingMm: 3 } as const;
  expect(printFaultWords(cut, METRIC)).toMatch(/2\.0 % of the ink.*up to 3 mm/);
  const [letter, a4] = [
    { widthMm: 215.9, heightMm: 279.4 },
    { widthMm: 210, heightMm: 297 },
  ];
  expect(printFaultWords({ kind: 'paper', paper: a4, page: letter }, METRIC)).toMatch(
    /210 × 297 mm.*215\.9 × 279\.4 mm/,
  );
});

test('what is wrong with several pictures of one place is said once, the worst of them', () => {
  const picture = (n: number, px: number) =>
    artwork({
      ...{ sha256: String(n).repeat(64), name: `${n}.png` },
      ...{ storedWidthPx: px, storedHeightPx: px },
    });
  const designs = [picture(1, 9000), picture(2, 300), picture(3, 250)];
  let n = 0;
  const rows = withPictureRows(jobOn('pillow', picture(1, 9000)), 'p1', designs, () => `r${++n}`);
  const found = planJob(rows, shelf).checks.filter(({ code }) => code === 'resolution');
  expect(found).toMatchObject([{ facts: { art: '2.png' }, more: 1 }]);
  expect(found.map((check) => checkWords(check, TRADE_UNITS).text)).toEqual([
    expect.stringMatching(/So with one more picture of this place\.$/),
  ]);
});
