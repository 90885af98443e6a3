import { artwork, blankOf, jobOn, mugJob, NOW, shelf } from '@tests/support/jobs';
import { facesOf } from '../blank';
import { planJob } from '../plan';
import { BUILT_IN_SHELF, withTransfer } from '../shelf';
import { inches } from '../units';
import {
  hangBelow,
  inOtherOrder,
  newJob,
  onEveryFace,
  replaceEverywhere,
  withArt,
  withBlank,
  withItem,
} from '.';

const square = artwork({ storedWidthPx: 600, storedHeightPx: 600 });

test.each(BUILT_IN_SHELF.blanks.map((blank) => [blank.name, blank] as const))(
  '%s: a job on it can be planned, and its machine can press it',
  (_name, blank) => {
    const job = withArt(newJob('j', 'j', blank, NOW), square, 'p1');
    const { pieces, checks } = planJob(job, shelf);
    expect(pieces.length).toBeGreaterThan(0);
    expect(checks.map(({ id }) => id)).not.toContain('no-recipe');
  },
);

test('on a tee art hangs 3 in below the neckline, about half as wide as the shirt (from memory)', () => {
  const [art] = planJob(jobOn('tee', square), shelf).pieces[0]?.arts ?? [];
  const [placement] = jobOn('tee', square).placements;
  expect(placement?.at.datum).toBe('neckline');
  expect(art?.box.width).toBeCloseTo(inches(20) * 0.52, 6);
  expect(placement?.at.dyMm).toBeCloseTo(inches(3) + (art?.box.height ?? 0) / 2, 6);
});

test('art that says its own size is taken at that size', () => {
  const real = { ...square, realMm: { widthMm: 60, heightMm: 60 } };
  expect(jobOn('garden-panel', real).placements[0]?.sizing).toMatchObject({ widthMm: 60 });
});

test('hung below a point: the drop is to the art’s upper edge', () => {
  const [placement] = jobOn('tee', square).placements;
  if (!placement) throw new Error('no placement');
  const hung = hangBelow(placement, 'left-chest', 80, 50);
  expect(hung.at).toEqual({ datum: 'left-chest', dxMm: 0, dyMm: 90 });
});

describe('another blank under the same art', () => {
  test('from a mug to a disc: on its face, with its bleed and a press that can', () => {
    const job = withBlank(mugJob(), blankOf('medallion'), shelf);
    expect(job.placements[0]).toMatchObject({ faceId: 'front', at: { datum: 'centre' } });
    expect(job.bleedMm).toBeCloseTo(inches(0.1), 9);
    expect(job.heat.machineId).toBe('hand-press');
    expect(planJob(job, shelf).pieces).toHaveLength(1);
  });

  test('from one mug to another nothing moves', () => {
    const job = withBlank(mugJob(), blankOf('mug-15oz'), shelf);
    expect(job.placements).toEqual(mugJob().placements);
    expect(job.heat).toEqual(mugJob().heat);
  });

  test('sizes belong to garments', () => {
    const job = withItem(jobOn('tee', square), 'first', { size: { name: 'L', widthMm: 560 } });
    expect(withBlank(job, blankOf('hoodie'), shelf).items[0]?.size?.name).toBe('L');
    expect(withBlank(job, blankOf('tote'), shelf).items[0]?.size).toBeNull();
  });
});

test('the same on every face: four prints of a pair of socks', () => {
  let n = 0;
  const job = onEveryFace(jobOn('socks-m', square), 'left-outside', () => `p${++n + 1}`);
  expect(job.placements.map(({ faceId }) => faceId)).toEqual(
    facesOf(job.blank).map(({ id }) => id),
  );
  expect(new Set(job.placements.map(({ id }) => id)).size).toBe(4);
});

test('layers change places on their own face only', () => {
  const b = artwork({ sha256: 'b'.repeat(64) });
  const job = withArt(withArt(jobOn('pillow', square), b, 'p2', 'back'), b, 'p3');
  expect(inOtherOrder(job, 'p1', 1).placements.map(({ id }) => id)).toEqual(['p3', 'p2', 'p1']);
  expect(inOtherOrder(job, 'p1', -1)).toBe(job);
});

test('a prepared picture takes the place of the original wherever it is used', () => {
  const made = artwork({ sha256: 'c'.repeat(64), madeFrom: square.sha256 });
  const twice = withArt(jobOn('pillow', square), square, 'p2', 'back');
  const job = replaceEverywhere(twice, square.sha256, made);
  expect(job.placements.map(({ artSha256 }) => artSha256)).toEqual([made.sha256, made.sha256]);
  expect(job.arts.map(({ madeFrom }) => madeFrom)).toEqual([square.sha256]);
});

test('another transfer brings its machine, printer and paper along, and takes them back', () => {
  const job = jobOn('tee-navy', artwork());
  const vinyl = withTransfer(job, 'vinyl', shelf);
  expect(vinyl).toMatchObject({ transfer: 'vinyl', sheet: { paperId: 'printed-12' } });
  const paper = withTransfer(vinyl, 'dark-paper', shelf);
  expect(paper.sheet).toMatchObject({ paperId: 'letter', printerId: 'ordinary-inkjet' });
  const iron = { ...job, heat: { ...job.heat, machineId: 'iron' } };
  expect(withTransfer(iron, 'light-paper', shelf).heat.machineId).toBe('iron');
  expect(withTransfer(iron, 'film-white', shelf).heat.machineId).toBe('hand-press');
  expect(withTransfer(paper, 'sublimation', shelf).sheet).toEqual(job.sheet);
});
