import { artwork, jobOn, mugJob, shelf, withForm } from '@tests/support/jobs';
import { outset, rectRing, regionArea, regionBox, type Region } from '../geometry';
import { withArt } from '../job';
import type { Job } from '../model';
import { planJob } from '../plan';
import { inches } from '../units';
import { cutFilesFor, DYE_SHEET_MM, jigsFor, knockOut, TAB_MM, type Purpose, type Sketch } from '.';

const square = artwork({ storedWidthPx: 800, storedHeightPx: 800 });
const jigs = (job: Job) => {
  const { faces, pieces } = planJob(job, shelf);
  return jigsFor({ job, faces, pieces, ruler: 'in' });
};
const named = (job: Job, kind: Sketch['kind']): Sketch => {
  const found = jigs(job).find((sketch) => sketch.kind === kind);
  if (!found) throw new Error(`no ${kind}`);
  return found;
};
const linesOf = (sketch: Sketch, purpose: Purpose): Region =>
  sketch.lines.filter((each) => each.purpose === purpose).map(({ points }) => points);

test('each blank gets the jigs that help with it', () => {
  expect(jigs(mugJob()).map(({ kind }) => kind)).toEqual(['cover-paper', 'sleeve-pattern']);
  expect(jigs(jobOn('tee', square)).map(({ kind }) => kind)).toEqual([
    'collar-ruler',
    'lay-on-guide',
  ]);
  expect(jigs(jobOn('round-coaster', square)).map(({ kind }) => kind)).toEqual([
    'corner-stops',
    'lay-on-guide',
  ]);
});

test('the cover paper is a little larger than the wrap, its window exactly the print', () => {
  const narrow = {
    ...mugJob(square, { sizing: { mode: 'exact', widthMm: 60, heightMm: 60, locked: true } }),
  };
  const strip: Job = { ...narrow, wrap: { ...narrow.wrap, parts: 'strip' } };
  const cover = named(strip, 'cover-paper');
  const [, window] = linesOf(cover, 'cut');
  const [piece] = planJob(strip, shelf).pieces;
  expect(cover.widthMm).toBeGreaterThan(inches(8.75));
  expect(regionBox([window ?? []]).width).toBeCloseTo(piece?.widthMm ?? 0, 3);
  // the print's middle is where it was planned: in the middle of the wrap
  const box = regionBox([window ?? []]);
  expect(box.x + box.width / 2).toBeCloseTo(cover.widthMm / 2, 3);
});

test('the nest holds the blank as measured', () => {
  const nest = named(jobOn('round-coaster', square), 'corner-stops');
  const [, hole] = linesOf(nest, 'cut');
  expect(regionBox([hole ?? []]).width).toBeCloseTo(inches(4), 3);
});

test('the fold jig bears the pair’s own fold and outlines', () => {
  const both = withArt(jobOn('medallion', square), square, 'p2', 'back');
  const jig = named({ ...both, fold: { gapMm: 19.05 } }, 'fold-jig');
  expect(linesOf(jig, 'fold')).toHaveLength(1);
  expect(linesOf(jig, 'mark')).toHaveLength(2);
});

test('the sleeve is half the girth and some, with a snip only where there is a handle', () => {
  const sleeve = named(mugJob(), 'sleeve-pattern');
  expect(sleeve.widthMm).toBeGreaterThan(inches(10.25 / 2));
  expect(linesOf(sleeve, 'cut')).toHaveLength(2);
  const tumbler = named(withForm(mugJob(), { handleGapMm: 0 }), 'sleeve-pattern');
  expect(linesOf(tumbler, 'cut')).toHaveLength(1);
});

test('what is knocked out and what is left are the whole sheet', () => {
  const shapes: Region = [
    [
      { x: 0, y: 0 },
      { x: 60, y: 10 },
      { x: 30, y: 70 },
    ],
  ];
  const sheet = outset(regionBox(shapes), TAB_MM);
  const { positive, negative } = knockOut(shapes, [rectRing(sheet)]);
  expect(regionArea(positive) + regionArea(negative)).toBeCloseTo(sheet.width * sheet.height, 3);
  expect(regionArea(positive)).toBeCloseTo(regionArea(shapes), 3);
  expect(sheet.width).toBeLessThan(DYE_SHEET_MM);
});

describe('files for cutter and pen', () => {
  const job = jobOn('round-coaster', square);
  const { faces, pieces } = planJob(job, shelf);
  const [piece] = pieces;
  if (!piece) throw new Error('no piece');

  test('cover cut line, pen work and both knock-outs', () => {
    expect(cutFilesFor({ piece, job, faces, mirrored: true }).map(({ kind }) => kind)).toEqual([
      'cut-line',
      'pen-work',
      'motif',
      'ground',
    ]);
  });

  test('the square cut after pen work covers the whole blank', () => {
    const pen = cutFilesFor({ piece, job, faces, mirrored: true })[1];
    if (!pen) throw new Error('no pen work');
    const square4 = regionBox(linesOf(pen, 'cut'));
    expect(square4.width).toBeGreaterThan(inches(4));
    expect(linesOf(pen, 'draw')).toHaveLength(1);
  });

  test('mirrored left for right, and only then', () => {
    const off = {
      ...job,
      placements: job.placements.map((each) => ({
        ...each,
        sizing: { mode: 'exact' as const, widthMm: 20, heightMm: 20, locked: true },
        at: { ...each.at, dxMm: 25 },
      })),
    };
    const [moved] = planJob(off, shelf).pieces;
    if (!moved) throw new Error('no piece');
    const middle = (mirrored: boolean) => {
      const pen = cutFilesFor({ piece: moved, job: off, faces, mirrored })[1];
      const box = regionBox(pen ? linesOf(pen, 'draw') : []);
      return box.x + box.width / 2 - (pen?.widthMm ?? 0) / 2;
    };
    expect(middle(false)).toBeCloseTo(25, 3);
    expect(middle(true)).toBeCloseTo(-25, 3);
  });
});
