import sharp from 'sharp';
import { axeFaults, choose, dragPoint, expect, lookedIn, test } from './bench';

const PHOTO = { width: 1600, height: 1200 };
/** The blank of the demo's tee, 508 mm wide, and its print of 270.16 mm in the middle of it, in pixels of the photo. */
const PX_PER_MM = 2.6;
const BLANK = { left: 800 - 254 * PX_PER_MM, right: 800 + 254 * PX_PER_MM, top: 60 };
const MIDDLE = { x: 800, y: 620 };
const HALF = (270.16 / 2) * PX_PER_MM;

/** A photo of a tee with the back of its print, turned clockwise. */
const photoOf = (turnDeg: number) =>
  sharp(
    Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="${PHOTO.width}" height="${PHOTO.height}">
        <rect width="100%" height="100%" fill="#5a4636"/>
        <rect x="${BLANK.left}" y="${BLANK.top}" width="${BLANK.right - BLANK.left}" height="1200" fill="#8b93a6"/>
        <rect x="${MIDDLE.x - HALF}" y="${MIDDLE.y - HALF}" width="${2 * HALF}" height="${2 * HALF}" fill="#f4f4f0"
          transform="rotate(${turnDeg} ${MIDDLE.x} ${MIDDLE.y})"/></svg>`,
    ),
  )
    .png()
    .toBuffer();

test('a print that lies crooked on a tee is told by six points on a photo, with how sure that is', async ({
  page,
}) => {
  const drag = (name: string, x: number, y: number) =>
    dragPoint(page, { name, photo: 'The print on its blank' }, x / PHOTO.width, y / PHOTO.height);
  await page.goto('/demo');
  await expect(page.getByRole('heading', { name: 'Comet mug' })).toBeVisible();
  await page.goto('/demo/job/demo-tee/press');
  await page.getByRole('button', { name: 'Look before heat, by a photo' }).click();
  await choose(page, 'What is in the photo', 'Level on the blank: Front · M');
  const photo = page.getByLabel('Photo of the print');
  await photo.setInputFiles({
    ...{ name: 'letter.png', mimeType: 'image/png', buffer: Buffer.from('no picture at all') },
  });
  await expect(page.getByText(/^The photo cannot be decoded/)).toBeVisible();
  await photo.setInputFiles({
    ...{ name: 'tee.png', mimeType: 'image/png', buffer: await photoOf(3) },
  });
  await expect(page.getByText('Drag the six points', { exact: false })).toBeVisible();
  const [c, s] = [Math.cos((3 * Math.PI) / 180), Math.sin((3 * Math.PI) / 180)];
  for (const [name, u, v] of [
    ['Corner upper left', -1, -1],
    ['Corner upper right', 1, -1],
    ['Corner lower right', 1, 1],
    ['Corner lower left', -1, 1],
  ] as const)
    await drag(name, MIDDLE.x + HALF * (c * u - s * v), MIDDLE.y + HALF * (s * u + c * v));
  // nothing is told before every point was put somewhere
  await expect(page.getByText(/2 to go/)).toBeVisible();
  await drag('Left side of the blank', BLANK.left, 160);
  await drag('Right side of the blank', BLANK.right, 160);
  await expect(
    page.getByText(/turned clockwise on its blank by (2\.[6-9]|3\.[0-4])°/),
  ).toBeVisible();
  await expect(page.getByText(/its right end higher/)).toBeVisible();
  await expect(page.getByText(/± 0\.\d°/)).toBeVisible();
  await expect(page.getByText(/all is (well|good)|all good/i)).toHaveCount(0);
  expect(await axeFaults(page)).toEqual([]);

  // another line is not taken for the blank's width
  await drag('Right side of the blank', 1000, 160);
  await expect(page.getByText(/^Nothing can be told: by the size of the print/)).toBeVisible();
  await expect(page.getByText(/its right end higher/)).toHaveCount(0);
  await drag('Right side of the blank', BLANK.right, 160);
  await expect(page.getByText(/its right end higher/)).toBeVisible();

  // the same photo held against something else is looked at anew
  await choose(page, 'What is in the photo', 'Level on the blank: Front · S');
  await expect(page.getByText(/its right end higher/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Hold the same photo against this' }).click();
  await expect(page.getByText('Drag the six points', { exact: false })).toBeVisible();

  // where the points lay in the end is part of the run
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Begin', exact: true }).click();
  await expect.poll(async () => (await lookedIn(page)).join()).toContain('"crooked"');
});
