/**
 * A tapered wrap's PDF, rendered by Poppler, cut and rolled back to the wall by the frustum formula,
 * against the picture it was made from (decoded and scaled by sharp).
 */
import sharp from 'sharp';
import { bend, mirrorIn, applyAffine, then } from '@/core/geometry';
import { onLatteCup } from '@tests/support/jobs';
import { jpegPicture, pngPicture } from '@tests/support/pictures';
import { jobWith, printToFile, renderWithPoppler } from '@tests/support/printed';

/** Looked up once: global names are slow inside the test runner's sandbox. */
const { abs, round } = Math;
/** Places compared along the wall and round it. */
const ACROSS = 240;
const DOWN = 100;

async function rolledBack(bytes: Buffer) {
  const job = await jobWith(bytes, (plain) => {
    const cup = onLatteCup(plain);
    return {
      ...cup,
      sheet: { ...cup.sheet, paperId: 'legal' },
      placements: cup.placements.map((each) => ({
        ...each,
        sizing: { mode: 'exact' as const, widthMm: 180, heightMm: 75, locked: true },
      })),
    };
  });
  const { path, piece, item, art } = await printToFile(job, bytes);
  const page = await renderWithPoppler(path);
  const { width, height } = art.box;
  const source = await sharp(bytes)
    .rotate()
    .resize(ACROSS, DOWN, { fit: 'fill' })
    .removeAlpha()
    .raw()
    .toBuffer();
  const bent = piece.bend;
  if (!bent) throw new Error('the piece is not bent');
  let total = 0;
  let mirrored = 0;
  const unmirrored = then(mirrorIn(piece.widthMm), item.matrix);
  for (let v = 0; v < DOWN; v++) {
    for (let u = 0; u < ACROSS; u++) {
      const onStrip = {
        x: art.box.x + ((u + 0.5) / ACROSS) * width,
        y: art.box.y + ((v + 0.5) / DOWN) * height,
      };
      const onPiece = bend(onStrip, piece.strip, bent.sector, bent.centre);
      const off = (map: typeof item.matrix) => {
        const dot = applyAffine(map, onPiece);
        const at = (round(dot.y * page.pxPerMm) * page.width + round(dot.x * page.pxPerMm)) * 3;
        return abs((page.data[at] ?? 0) - (source[(v * ACROSS + u) * 3] ?? 0));
      };
      total += off(item.matrix);
      mirrored += off(unmirrored);
    }
  }
  const count = ACROSS * DOWN;
  return { meanOff: total / count, meanOffUnmirrored: mirrored / count, page, piece, item };
}

test('rolled onto the cup, the print is the picture; level lines are level', async () => {
  const { meanOff, meanOffUnmirrored } = await rolledBack(await pngPicture(1800, 750));
  expect(meanOff).toBeLessThan(2.5);
  expect(meanOffUnmirrored).toBeGreaterThan(25); // the comparison can fail
});

test('a JPEG turned by its EXIF tag is bent upright', async () => {
  const { meanOff } = await rolledBack(await jpegPicture(750, 1800, 6));
  expect(meanOff).toBeLessThan(3);
});

test('outside the cut line’s inside nothing but the line is inked near the piece', async () => {
  const { page, piece, item } = await rolledBack(await pngPicture(900, 375));
  // a little inside the piece's outline, where no art lies, the paper is white
  const inside = piece.strip;
  const bent = piece.bend;
  if (!bent) throw new Error('the piece is not bent');
  for (let u = 0.02; u < 1; u += 0.02) {
    const onPiece = bend({ x: u * inside.widthMm, y: 1 }, inside, bent.sector, bent.centre);
    const dot = applyAffine(item.matrix, onPiece);
    const at = (round(dot.y * page.pxPerMm) * page.width + round(dot.x * page.pxPerMm)) * 3;
    expect(page.data[at]).toBe(255);
  }
});
