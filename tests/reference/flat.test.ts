import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { applyAffine, chain, holds, inverse, mirrorIn, type Point } from '@/core/geometry';
import { withArt } from '@/core/job';
import { USUAL_FOLD_GAP_MM } from '@/core/layout';
import type { Job } from '@/core/model';
import { artwork, jobOn } from '../support/jobs';
import { pngPicture } from '../support/pictures';
import { printToFile, renderWithPoppler, type Printed, type Rendered } from '../support/printed';
import { inspectImage } from '@/files/image';
import { sha256Of } from '@/files/sha256';

const DPI = 150;
const cover = (job: Job): Job => ({
  ...job,
  placements: job.placements.map((each) => ({ ...each, sizing: { mode: 'cover' as const } })),
});

async function pictureArt() {
  const bytes = await pngPicture(600, 600);
  const facts = inspectImage(bytes);
  if (!facts.ok) throw new Error(facts.reason);
  return { bytes, art: artwork({ ...facts.value, sha256: await sha256Of(bytes) }) };
}

const rgbAt = ({ data, width, pxPerMm }: Rendered, { x, y }: Point): number[] => {
  const at = (Math.floor(y * pxPerMm) * width + Math.floor(x * pxPerMm)) * 3;
  return [...data.subarray(at, at + 3)];
};
const apart = (a: readonly number[], b: readonly number[]) =>
  Math.max(...a.map((value, i) => Math.abs(value - (b[i] ?? 0))));

/** Places of the face, as a grid, well inside its ink. */
function* spots(printed: Printed, slotAt: number) {
  const slot = printed.piece.slots[slotAt];
  if (!slot) throw new Error('no such face');
  const { x, y, width, height } = slot.face;
  for (let i = 1; i < 12; i++) {
    for (let j = 1; j < 12; j++) {
      const strip = { x: x + (width * i) / 12, y: y + (height * j) / 12 };
      if (holds(slot.ink, strip)) yield { strip, face: applyAffine(inverse(slot.toStrip), strip) };
    }
  }
}

test('a folded pair, printed and read by Poppler: folded back, both faces show the picture upright in register', async () => {
  const { bytes, art } = await pictureArt();
  const pair = cover({
    ...withArt(jobOn('medallion', art), art, 'p2', 'back'),
    fold: { gapMm: USUAL_FOLD_GAP_MM },
  });
  const printed = await printToFile(pair, bytes);
  const page = await renderWithPoppler(printed.path, DPI);
  const wanted = await sharp(bytes).removeAlpha().raw().toBuffer();
  const picture = (u: number, v: number) => {
    const at = (Math.floor(v * 600) * 600 + Math.floor(u * 600)) * 3;
    return [...wanted.subarray(at, at + 3)];
  };
  const side = printed.piece.arts[0]?.box.width ?? 0;
  const bleed = pair.bleedMm;
  for (const slot of [0, 1]) {
    let [seen, off] = [0, 0];
    for (const { strip, face } of spots(printed, slot)) {
      const onPage = applyAffine(printed.item.matrix, strip);
      const [u, v] = [(face.x + bleed) / side, (face.y + bleed) / side];
      seen++;
      // a grid of blocks 40 px wide: a place on a block's edge may fall on either
      const near = [-2, 0, 2].flatMap((dx) =>
        [-2, 0, 2].map((dy) => apart(rgbAt(page, onPage), picture(u + dx / 600, v + dy / 600))),
      );
      if (Math.min(...near) > 14) off++;
    }
    expect(seen).toBeGreaterThan(80);
    expect(off).toBe(0);
  }
});

test('the control: read without the half turn, the back does not fit', async () => {
  const { bytes, art } = await pictureArt();
  const pair = cover({
    ...withArt(jobOn('medallion', art), art, 'p2', 'back'),
    fold: { gapMm: USUAL_FOLD_GAP_MM },
  });
  const printed = await printToFile(pair, bytes);
  const page = await renderWithPoppler(printed.path, DPI);
  const back = printed.piece.slots[1];
  if (!back) throw new Error('no back');
  const [corner, opposite] = [0.3, 0.7].map((share) =>
    applyAffine(chain(printed.item.matrix), {
      x: back.face.x + back.face.width * share,
      y: back.face.y + back.face.height * share,
    }),
  );
  if (!corner || !opposite) throw new Error('no places');
  expect(apart(rgbAt(page, corner), rgbAt(page, opposite))).toBeGreaterThan(30);
});

test('ink ends at the disc’s edge with its bleed: beyond it the paper is white', async () => {
  const { bytes, art } = await pictureArt();
  const printed = await printToFile(cover(jobOn('round-coaster', art)), bytes);
  const page = await renderWithPoppler(printed.path, DPI);
  const { widthMm: side } = printed.piece;
  const at = (share: number) =>
    applyAffine(printed.item.matrix, {
      x: side / 2 + (side / 2) * share * Math.SQRT1_2,
      y: side / 2 + (side / 2) * share * Math.SQRT1_2,
    });
  expect(rgbAt(page, at(1.02))).toEqual([255, 255, 255]);
  expect(apart(rgbAt(page, at(0.98)), [255, 255, 255])).toBeGreaterThan(20);
  // mirrored in the file, as the plan says
  expect(printed.item.matrix[0]).toBe(mirrorIn(1)[0]);
  expect(readFileSync(printed.path).length).toBeGreaterThan(1000);
});
