/** The cheap proof on plain paper, drawn by Poppler beside the print it stands for. */
import sharp from 'sharp';
import { applyAffine } from '@/core/geometry';
import { planPlainProof } from '@/core/plainProof';
import { withPlaces } from '@tests/support/jobs';
import { jobWith, printToFile, renderWithPoppler, type Printed } from '@tests/support/printed';

const [WIDTH, HEIGHT] = [1200, 525];
const [DARK, PALE] = [90, 230];

test('a proof on plain paper is the picture as it is seen, in true size, though the print is mirrored', async () => {
  // left half dark, right half pale
  const bytes = await sharp({
    create: {
      width: WIDTH,
      height: HEIGHT,
      channels: 3,
      background: { r: PALE, g: PALE, b: PALE },
    },
  })
    .composite([
      {
        input: {
          create: {
            width: WIDTH / 2,
            height: HEIGHT,
            channels: 3,
            background: { r: DARK, g: DARK, b: DARK },
          },
        },
        left: 0,
        top: 0,
      },
    ])
    .png()
    .toBuffer();
  const job = withPlaces(await jobWith(bytes), {
    sizing: { mode: 'exact', widthMm: 101.6, heightMm: 44.45, locked: true },
  });
  const print = await printToFile(job, bytes);
  expect(print.item.mirrored).toBe(true);
  const proof = await printToFile(job, bytes, undefined, (plan) => ({
    ...plan,
    sheets: planPlainProof(job, plan.pieces, plan.tools).plan.sheets,
  }));
  expect(proof.item.mirrored).toBe(false);
  const half = async (printed: Printed, side: 0 | 1) => {
    const { data, width, pxPerMm } = await renderWithPoppler(printed.path, 100);
    const { box } = printed.art;
    const middle = applyAffine(printed.item.matrix, {
      x: box.x + box.width / 2,
      y: box.y + box.height / 2,
    });
    const x = Math.round((middle.x + (side - 0.5) * (box.width / 2)) * pxPerMm);
    const value = data[(Math.round(middle.y * pxPerMm) * width + x) * 3] ?? 0;
    return Math.abs(value - DARK) < 4 ? 'dark' : Math.abs(value - PALE) < 4 ? 'pale' : value;
  };
  expect([await half(proof, 0), await half(proof, 1)]).toEqual(['dark', 'pale']);
  expect([await half(print, 0), await half(print, 1)]).toEqual(['pale', 'dark']);
  /** How wide it is dark along the middle of the picture, mm. */
  const size = async ({ path, art: { box }, item }: Printed) => {
    const { data, width, pxPerMm } = await renderWithPoppler(path, 100);
    const { y } = applyAffine(item.matrix, { x: box.x, y: box.y + box.height / 2 });
    const from = Math.round(y * pxPerMm) * width;
    const dark = Array.from({ length: width }, (_, x) => data[(from + x) * 3] ?? 0).filter(
      (value) => Math.abs(value - DARK) < 4,
    );
    return dark.length / pxPerMm;
  };
  // the dark half is 2 in wide on either
  expect(Math.abs((await size(proof)) - 50.8)).toBeLessThan(0.6);
});
