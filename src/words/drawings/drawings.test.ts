import { artwork, jobOn, mugJob, shelf } from '@tests/support/jobs';
import { jigsFor } from '@/core/jig';
import { planJob } from '@/core/plan';
import { TRADE_UNITS } from '../units';
import { assemblyGuide, patternOf } from '..';
import { textWidthMm, wrapped } from './wrap';

test('the assembly guide fits its page and names every sheet and step', () => {
  const job = jobOn('wall-panel', artwork());
  const plan = planJob(job, shelf);
  const [tiling, piece] = [plan.tilings[0], plan.pieces[0]];
  if (!tiling || !piece) throw new Error('not tiled');
  const { paper } = plan.tools;
  const guide = assemblyGuide(piece, tiling, true, paper, 'Star chart');
  expect(guide.heightMm).toBeLessThanOrEqual(paper.heightMm);
  const words = guide.texts.map(({ text }) => text);
  for (const { name } of tiling.tiles) {
    expect(words).toContain(name);
    expect(words.some((text) => text.startsWith(`${name}. `))).toBe(true);
  }
  for (const { y } of guide.texts) expect(y).toBeLessThan(guide.heightMm);
  // A1 is laid first, upper left on the table, which is upper right as seen
  const a1 = guide.texts.find(({ text }) => text === 'A1');
  const a2 = guide.texts.find(({ text }) => text === 'A2');
  expect((a1?.x ?? 0) < (a2?.x ?? 0)).toBe(true);
  expect(tiling.tiles[0]?.shown.x).toBeGreaterThan(tiling.tiles[1]?.shown.x ?? 0);
});

test('a jig is named, says how it is used, and bears its figures in the person’s unit', () => {
  const job = mugJob();
  const { faces, pieces } = planJob(job, shelf);
  const said = (units: typeof TRADE_UNITS) =>
    jigsFor({ job, faces, pieces, ruler: units.length }).map((sketch) => patternOf(sketch, units));
  const [cover, sleeve] = said(TRADE_UNITS);
  expect(cover).toMatchObject({ id: 'cover-paper', name: 'Cover paper with window' });
  expect(cover?.texts[0]?.text).toBe('rim · full wrap 8 3/4 in and a little more');
  expect(sleeve?.texts.map(({ text }) => text)).toEqual(['rim', 'base', 'snip for the handle']);
  const metric = said({ length: 'mm', temperature: '°C' }).flatMap(({ texts }) => texts);
  expect(metric.map(({ text }) => text).join(' ')).not.toMatch(/\bin\b/);
});

describe('text is broken by how wide it is set', () => {
  test('no line is wider than it may, and no word is lost', () => {
    const text = 'Cut its left and lower edges on the line. '.repeat(8).trim();
    const lines = wrapped(text, 80, 3, '   ');
    for (const each of lines) expect(textWidthMm(each, 3)).toBeLessThanOrEqual(80);
    expect(lines.map((each) => each.trim()).join(' ')).toBe(text);
    expect(lines.slice(1).every((each) => each.startsWith('   '))).toBe(true);
  });

  test('a single word wider than the line stays whole', () => {
    expect(wrapped('Nachtsichtgerätschaftsbeutel', 10, 3)).toHaveLength(1);
  });
});
