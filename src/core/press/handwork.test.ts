/** What hands do for this very job, in the right order (common practice, no source). */
import { artwork, covering, factsWith, jobOn, shelf } from '@tests/support/jobs';
import { USUAL_FOLD_GAP_MM } from '../layout';
import { withArt, withPictureRows } from '../job';
import type { Job, Operation } from '../model';
import { withPass } from '../shelf';
import { planJob } from '../plan';
import { inches } from '../units';
import { operationWords } from '@/words';
import { TRADE_UNITS } from '@/words/units';

const square = artwork({ storedWidthPx: 1500, storedHeightPx: 1500 });
const programOf = (job: Job) => planJob(job, shelf).press.program;
const tasksOf = (job: Job) => programOf(job).operations.map(({ does }) => does);
const half = (from: number, to: number): [number, number][] => [
  [from, 0],
  [to, 0],
  [to, 1],
  [from, 1],
];

test('a two-sided strip is folded over a light, the blank slid in, instead of laid', () => {
  const both = withArt(jobOn('medallion', square), square, 'p2', 'back');
  const folded = tasksOf({ ...covering(both), fold: { gapMm: USUAL_FOLD_GAP_MM } });
  expect(folded).toContain('fold-over-light');
  expect(folded).not.toContain('lay-and-tape');
  expect(folded.indexOf('trim-to-marks')).toBeLessThan(folded.indexOf('fold-over-light'));
  expect(tasksOf(covering(both))).not.toContain('fold-over-light');
});

test('loose pieces come under a mask, and it is off before any heat', () => {
  const mosaic = artwork({
    transparentShare: 0.5,
    facts: factsWith({ silhouette: [half(0, 0.45), half(0.55, 1)] }),
  });
  const tee = jobOn('tee', mosaic);
  const does = tasksOf({
    ...tee,
    cut: { line: 'contour', marginMm: 1, holes: 'keep', apart: true },
  });
  const [on, laid, off] = ['mask-on', 'lay-and-tape', 'mask-off'].map((task) =>
    does.indexOf(task as Operation['does']),
  );
  expect([on, laid, off].every((at) => (at ?? -1) > 0)).toBe(true);
  expect(laid).toBe((on ?? 0) + 1);
  expect(off).toBe((laid ?? 0) + 1);
  expect(does.lastIndexOf('press-flat')).toBeGreaterThan(off ?? 0);
});

test('a sock’s edges are rolled before either side is laid; the second is laid anew', () => {
  const socks = jobOn('socks-m', square);
  const onAll = socks.placements.flatMap((each) =>
    ['left-outside', 'left-inside'].map((faceId, i) => ({ ...each, id: `p${i}`, faceId })),
  );
  const does = tasksOf({ ...socks, placements: onAll });
  expect(does.filter((task) => task === 'roll-edges')).toHaveLength(2);
  does.forEach((task, i) => {
    if (task === 'roll-edges') expect(does[i + 1]).toBe('lay-and-tape');
  });
  const again = does.indexOf('turn-over-and-stack');
  expect(does.slice(again, again + 4)).toEqual([
    ...['turn-over-and-stack', 'lint-off', 'roll-edges', 'lay-and-tape'],
  ]);
});

test('a shirt is folded for its centre line while the press warms up', () => {
  const does = tasksOf(jobOn('tee', square));
  expect(does.indexOf('crease-centre')).toBeGreaterThan(does.indexOf('switch-on'));
  expect(does.indexOf('crease-centre')).toBeLessThan(does.indexOf('warm-up-to-figure'));
});

test('a tumbler is turned, and where its seam lies then is said', () => {
  const job = jobOn('tumbler-20oz', square);
  const program = programOf({ ...job, heat: { ...job.heat, machineId: 'tumbler-press' } });
  const turn = program.operations.find(({ does }) => does === 'turn-half-round');
  expect(turn && operationWords(turn, program, TRADE_UNITS).detail).toMatch(/seam to the opening/);
});

describe('in a batch it is said which thing is in the machine', () => {
  let n = 0;
  const pictures = ['fern', 'moss', 'heather', 'birch'].map((name, i) =>
    artwork({ sha256: String(i).repeat(64), name: `${name}.png` }),
  );
  const four = withPictureRows(jobOn('mug-12oz', square), 'p1', pictures, () => `row-${++n}`);
  const titles = (job: Job) => {
    const program = programOf(job);
    return program.operations
      .filter(({ kind }) => kind === 'press')
      .map((each) => operationWords(each, program, TRADE_UNITS).title);
  };

  test('mug by mug, by its name', () => {
    expect(titles(four)).toEqual([
      'Press, load 1 of 4: fern',
      'Press, load 2 of 4: moss',
      'Press, load 3 of 4: heather',
      'Press, load 4 of 4: birch',
    ]);
  });

  test('copies one by one; nothing where all are alike', () => {
    const twice = {
      ...four,
      items: four.items.slice(0, 2).map((item) => ({ ...item, copies: 2 })),
    };
    expect(titles(twice).map((title) => title.split(': ')[1])).toEqual([
      ...['fern', 'fern', 'moss', 'moss'],
    ]);
    const alike = {
      ...four,
      items: four.items.slice(0, 1).map((item) => ({ ...item, copies: 2 })),
    };
    expect(titles(alike)).toEqual(['Press, load 1 of 2', 'Press, load 2 of 2']);
  });
});

test('what is peeled hot must be begun within seconds', () => {
  const tee = jobOn('tee', square);
  const program = programOf({ ...tee, heat: { ...tee.heat, coolSchool: 'A' } });
  const peel = program.operations.findIndex(({ does }) => does === 'peel-hot');
  expect(program.operations[peel]?.withinS).toBe(10);
});

describe('where the paper lies, by tape measure from this blank’s own edges', () => {
  const detailOf = (job: Job, does: Operation['does']) => {
    const program = programOf(job);
    const found = program.operations.find((each) => each.does === does);
    return found ? operationWords(found, program, TRADE_UNITS).detail : '';
  };
  const motif = (job: Job): Job => ({
    ...job,
    placements: job.placements.map((each) => ({
      ...each,
      sizing: { mode: 'exact', widthMm: inches(4), heightMm: inches(4), locked: true },
      at: { datum: 'centre', dxMm: 0, dyMm: 0 },
    })),
    cut: { ...job.cut, marginMm: 0 },
  });

  test('both ends of a motif on a pillow 15½ in square: 5¾ in all round', () => {
    expect(detailOf(motif(jobOn('pillow', square)), 'lay-and-tape')).toContain(
      'Its paper lies 5 3/4 in from the left edge, 5 3/4 in from the right edge, 5 3/4 in from ' +
        'the top edge and 5 3/4 in from the bottom edge. Measure at both ends.',
    );
  });

  test('nothing where paper covers the face, or lies otherwise on the next thing', () => {
    expect(detailOf(covering(jobOn('pillow', square)), 'lay-and-tape')).not.toMatch(/paper lies/);
    const wide = artwork({ sha256: 'b'.repeat(64), storedWidthPx: 1500, storedHeightPx: 500 });
    let n = 0;
    const two = withPictureRows(
      motif(jobOn('pillow', square)),
      'p1',
      [square, wide],
      () => `r${++n}`,
    );
    expect(detailOf(two, 'lay-and-tape')).not.toMatch(/paper lies/);
  });
});

test('an attachment is fitted before it is switched on, and off again before another machine', () => {
  const cap = jobOn('cap', square);
  const on = (job: Job, machineId: string): Job => ({ ...job, heat: { ...job.heat, machineId } });
  const does = tasksOf(on(cap, 'cap-attachment'));
  expect(does.slice(0, 2)).toEqual(['fit-attachment', 'switch-on']);
  const vinyl = { ...withPass(on(cap, 'cap-attachment'), 'v', 'vinyl', shelf) };
  const flat = {
    ...vinyl,
    further: vinyl.further.map((pass) => ({
      ...pass,
      placements: cap.placements,
      heat: { ...pass.heat, machineId: 'plate-press' },
    })),
  };
  const both = tasksOf(flat);
  const off = both.indexOf('attachment-off');
  expect(off).toBeGreaterThan(both.indexOf('press-flat'));
  expect(both.slice(off)).toContain('switch-on');
  expect(tasksOf(on(jobOn('tee', square), 'plate-press'))).not.toContain('fit-attachment');
  // a hand-held press is another thing altogether: nothing is taken off for it
  const byHand = {
    ...flat,
    further: flat.further.map((pass) => ({
      ...pass,
      heat: { ...pass.heat, machineId: 'hand-press' },
    })),
  };
  expect(tasksOf(byHand)).not.toContain('attachment-off');
});

test('both socks lie on the plate where it holds them: two presses of two prints, not four of one', () => {
  const socks = jobOn('socks-m', square);
  const [first] = socks.placements;
  if (!first) throw new Error('no print');
  const faces = ['left-outside', 'left-inside', 'right-outside', 'right-inside'];
  const pair = {
    ...socks,
    placements: faces.map((faceId, i) => ({ ...first, id: `p${i}`, faceId })),
  };
  const on = (widthMm: number) => ({
    ...shelf,
    machines: shelf.machines.map((each) =>
      each.id === pair.heat.machineId ? { ...each, plate: { widthMm, heightMm: 260 } } : each,
    ),
  });
  const count = (widthMm: number, task: string) =>
    planJob(pair, on(widthMm)).press.program.operations.filter(({ does }) => does === task).length;
  expect([count(380, 'press-both-socks'), count(380, 'press-socks')]).toEqual([2, 0]);
  expect([count(150, 'press-both-socks'), count(150, 'press-socks')]).toEqual([0, 4]);
  const prints = (widthMm: number) =>
    planJob(pair, on(widthMm)).press.supplies.find(({ is }) => is === 'print')?.count;
  expect([prints(380), prints(150)]).toEqual([4, 4]);
});
