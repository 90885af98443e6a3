import { artwork, mugJob, shelf, withForm } from '@tests/support/jobs';
import { facesOf } from '../blank';
import { bottom, regionBox, right } from '../geometry';
import type { Job, Placement } from '../model';
import { planJob } from '../plan';
import { inches } from '../units';
import { inkRegion, placedBox, placedProportion, rebase, stretch } from '.';

const boxOf = (job: Job) => {
  const [piece] = planJob(job, shelf).pieces;
  const art = piece?.arts[0];
  if (!piece || !art) throw new Error('no art');
  return { piece, art, box: art.box };
};

const exact = (widthIn: number, heightIn: number, locked = false): Placement['sizing'] => ({
  mode: 'exact',
  widthMm: inches(widthIn),
  heightMm: inches(heightIn),
  locked,
});

test('8.5 × 5 in forced into the 8.75 × 3.79 in wrap is 36 % too wide (common practice, no source)', () => {
  const picture = artwork({ storedWidthPx: 2550, storedHeightPx: 1500 });
  const { box } = boxOf(mugJob(picture, { sizing: exact(8.75, 3.79) }));
  expect(stretch(placedProportion(picture, 0), box)).toBeCloseTo(0.36, 2);
});

test('cover fills face and bleed in the picture’s own proportions', () => {
  const { piece, box, art } = boxOf(mugJob(artwork(), { sizing: { mode: 'cover' } }));
  expect(piece.widthMm).toBeCloseTo(inches(8.75 + 2 / 16), 6);
  expect(box.x).toBeLessThanOrEqual(1e-9);
  expect(right(box)).toBeGreaterThanOrEqual(piece.widthMm - 1e-9);
  expect(bottom(box)).toBeGreaterThanOrEqual(piece.heightMm - 1e-9);
  expect(stretch(placedProportion(artwork(), 0), box)).toBeCloseTo(0, 9);
  expect(art.cutOffShare).toBeGreaterThan(0);
});

test('fit keeps the whole picture in the safe area', () => {
  const { piece, box, art } = boxOf(mugJob());
  expect(box.height).toBeLessThanOrEqual(inches(3.6) + 1e-9);
  expect(box.x + box.width / 2).toBeCloseTo(piece.widthMm / 2, 6);
  expect(art.cutOffShare).toBeCloseTo(0, 9);
});

test('a picture turned by its EXIF tag is placed upright', () => {
  const turned = artwork({ storedWidthPx: 1200, storedHeightPx: 2700, orientation: 6 });
  expect(boxOf(mugJob(turned)).box).toEqual(boxOf(mugJob()).box);
});

test('re-measuring the blank moves the art with its datum', () => {
  const at = { datum: 'right-holder', dxMm: 0, dyMm: 0 };
  const job = mugJob(artwork(), { sizing: exact(2, 1), at });
  const wider = withForm(job, { girthMm: inches(11.25) });
  expect(boxOf(wider).box.x - boxOf(job).box.x).toBeCloseTo(inches(0.75), 6);
});

test('measuring from another datum moves nothing', () => {
  const job = mugJob(artwork(), { sizing: exact(2, 1) });
  const [face] = facesOf(job.blank);
  const [placement] = job.placements;
  if (!face || !placement) throw new Error('no face');
  const rebased = { ...placement, at: rebase(placement, face, 'left-holder') };
  const trim = regionBox(inkRegion(face, job));
  const before = placedBox(placement, artwork(), face, trim);
  expect(placedBox(rebased, artwork(), face, trim).x).toBeCloseTo(before.x, 9);
});
