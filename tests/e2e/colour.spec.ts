import sharp from 'sharp';
import { photographed, pressTruth } from '../support/photographed';
import { findMarks } from '@/core/colour';
import { axeFaults, dragPoint, expect, givePicture, goTo, startOn, test } from './bench';

const lettering = (fill: string) =>
  sharp(
    Buffer.from(
      `<svg xmlns="http://www.w3.org/2000/svg" width="1800" height="700"><g fill="${fill}">
       <rect x="100" y="100" width="90" height="500"/><rect x="300" y="100" width="500" height="90"/>
       <circle cx="1200" cy="350" r="240"/></g></svg>`,
    ),
  )
    .png()
    .toBuffer();

test('pale pink on a grey tee is caught before printing, outlined, and on white it passes', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Tee, polyester');
  await page.getByRole('combobox', { name: 'Colour' }).click();
  await page.getByRole('option', { name: 'grey' }).click();
  await goTo(page, 'Art');
  await givePicture(page, 'nova.png', await lettering('#fbe4ea'));
  const told = page.getByText(
    /The pale pink part of “nova\.png” will hardly show on grey: difference \d of 11/,
  );
  await expect(told.first()).toBeVisible();
  await expect(page.getByTestId('faint')).toHaveCount(1);
  const colours = page.getByRole('button', { name: /^Colours on this blank/ });
  await expect(colours).toContainText('1 hardly show');
  for (const look of ['On the screen', 'On paper, before heat', 'Pressed on this blank'])
    await expect(page.getByRole('img', { name: look })).toBeVisible();
  // the corner of the pressed picture is the bare blank, as the page has it
  const corner = () =>
    page.getByRole('img', { name: 'Pressed on this blank' }).evaluate((canvas) => {
      const brush = (canvas as HTMLCanvasElement).getContext('2d');
      return [...(brush?.getImageData(1, 1, 1, 1).data ?? [])];
    });
  await expect.poll(corner).toEqual([0x8d, 0x91, 0x96, 255]);
  expect(await axeFaults(page)).toEqual([]);

  await page.getByRole('button', { name: 'Make it on white' }).first().click();
  await expect(told).toHaveCount(0);
  await expect(page.getByTestId('faint')).toHaveCount(0);
  await expect.poll(corner).toEqual([255, 255, 255, 255]);
  await page.keyboard.press('Control+z');
  await expect(told.first()).toBeVisible();
});

test('a wide-gamut photograph is measured by its own profile', async ({ page }) => {
  const bytes = await sharp({
    create: { width: 600, height: 400, channels: 3, background: { r: 234, g: 51, b: 35 } },
  })
    .withIccProfile('p3')
    .png()
    .toBuffer();
  const [r, g, b] = await sharp(bytes).toColourspace('srgb').removeAlpha().raw().toBuffer();
  await page.goto('/own');
  await startOn(page, 'Mouse mat');
  await goTo(page, 'Art');
  await givePicture(page, 'wide.png', bytes);
  await page.getByRole('button', { name: /^About this picture/ }).click();
  const swatch = page.getByRole('list', { name: 'Main colours' }).getByRole('listitem').first();
  const shown = await swatch
    .locator('div')
    .first()
    .evaluate((each) => getComputedStyle(each).backgroundColor);
  const channels = (/\d+, \d+, \d+/.exec(shown)?.[0] ?? '').split(', ').map(Number);
  [r, g, b].forEach((v, c) => expect(Math.abs((channels[c] ?? 0) - (v ?? 0))).toBeLessThan(4));
  // the figures in the file are others
  const bare = await sharp(bytes, { ignoreIcc: true }).removeAlpha().raw().toBuffer();
  expect(Math.abs((channels[0] ?? 0) - (bare[0] ?? 0))).toBeGreaterThan(10);
});

test('own colours: the chart is put on a blank, its photo read, kept, forecast with and corrected for', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Mouse mat');
  await goTo(page, 'Art');
  await givePicture(page, 'nova.png', await lettering('#0000ff'));
  await page.getByRole('button', { name: /^Colours on this blank/ }).click();
  await page.getByRole('button', { name: 'Measure your own colours' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Put it on this blank' }).click();
  await expect(page.getByText('1780 × 1500 px')).toBeVisible();

  await page.getByRole('button', { name: /^Colours on this blank/ }).click();
  await page.getByRole('button', { name: 'Measure your own colours' }).click();
  const photo = dialog.getByLabel('Photo of the pressed chart');
  await photo.setInputFiles({
    ...{ name: 'letters.png', mimeType: 'image/png' },
    buffer: await lettering('#0000ff'),
  });
  await expect(dialog.getByText(/0 of the four corner marks were found/)).toBeVisible();
  await photo.setInputFiles({
    ...{ name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture at all') },
  });
  await expect(dialog.getByText(/“notes\.jpg”: This is not a PNG, JPEG or WebP/)).toBeVisible();
  const { width, height, data } = photographed(11, pressTruth);
  const kept = (pixels: Uint8ClampedArray | Uint8Array) =>
    sharp(Buffer.from(pixels), { raw: { width, height, channels: 4 } })
      .removeAlpha()
      .jpeg({ quality: 92 })
      .toBuffer();

  // a thumb lies on one of its marks: they are pointed at
  const marks = findMarks({ width, height, data });
  const thumb = data.slice();
  const hidden = marks[0] ?? { x: 0, y: 0 };
  for (let y = -26; y <= 26; y++)
    thumb.fill(
      188,
      4 * ((Math.round(hidden.y) + y) * width + Math.round(hidden.x) - 26),
      4 * ((Math.round(hidden.y) + y) * width + Math.round(hidden.x) + 26),
    );
  await photo.setInputFiles({
    ...{ name: 'thumb.jpg', mimeType: 'image/jpeg', buffer: await kept(thumb) },
  });
  await expect(dialog.getByText(/of the four corner marks were found/)).toBeVisible();
  const names = ['upper left', 'upper right', 'lower right', 'lower left'];
  for (const [i, { x, y }] of marks.entries())
    await dragPoint(
      page,
      { name: `Corner ${names[i]}`, photo: 'The photographed sheet' },
      x / width,
      y / height,
    );
  await dialog.getByRole('button', { name: 'Read it by these marks' }).click();
  await expect(dialog.getByText(/^Found and read/)).toBeVisible();

  const taken = await kept(data);
  await photo.setInputFiles({ name: 'chart.jpg', mimeType: 'image/jpeg', buffer: taken });
  await expect(dialog.getByText(/^Found and read\. The light differed by \d+ %/)).toBeVisible();
  expect(await axeFaults(page)).toEqual([]);
  await dialog.getByRole('button', { name: 'Keep it for this paper and printer' }).click();
  await expect(
    page.getByText(/By your own colours, measured on “Mouse mat.*from a photo/),
  ).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'nova.png', exact: true }).click();
  await page.getByRole('button', { name: /^Colours on this blank/ }).click();
  await expect(page.getByText(/By your own colours/)).toBeVisible();
  await expect(page.getByText('Out of reach of your dyes:')).toContainText('blue');

  await page.getByRole('button', { name: /^About this picture/ }).click();
  await page.getByRole('button', { name: /^Prepare/ }).click();
  await dialog.getByRole('button', { name: 'For your own colours' }).click();
  await expect(dialog.getByRole('img', { name: 'After' })).toBeVisible();
  await dialog.getByRole('button', { name: 'Use this' }).click();
  await expect(page.getByRole('button', { name: 'Back to the original' })).toBeVisible();
});
