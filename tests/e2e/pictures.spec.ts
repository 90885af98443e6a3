import { clearPngPicture, jpegPicture, pngPicture, rawPicture } from '../support/pictures';
import { findCorner, HALF_CLEAR_MARK } from '../support/rendered';
import sharp from 'sharp';
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import {
  checks,
  downloaded,
  expect,
  givePicture,
  goTo,
  saved,
  startMug,
  startOn,
  test,
} from './bench';

/** A valid PNG of 400 megapixels in one colour: a few hundred kilobytes. */
const hugePicture = () =>
  sharp({
    create: { width: 20_000, height: 20_000, channels: 3, background: '#246' },
    limitInputPixels: false,
  })
    .png({ compressionLevel: 1 })
    .toBuffer();

test('files that cannot be used are explained and lose nothing', async ({ page }) => {
  await startMug(page);
  await goTo(page, 'Art');
  const png = await pngPicture(1200, 520);
  await givePicture(page, 'good.png', png);
  await expect(page.getByText('1200 × 520 px')).toBeVisible();
  const wrong: readonly (readonly [string, Buffer, RegExp])[] = [
    [
      'text.png',
      Buffer.from('Hollow Ridge Star Party'),
      /“text.png”: This is not a PNG, JPEG or WebP/,
    ],
    ['empty.png', Buffer.alloc(0), /“empty.png”: The file is empty \(0 bytes\)/],
    ['cut.png', png.subarray(0, png.length / 2), /“cut.png”: The PNG ends in the middle/],
    [
      'damaged.png',
      Buffer.from(png).fill(0, 60, 4000),
      /“damaged.png”: 1200 × 520 pixels, but it cannot be decoded/,
    ],
    ['huge.png', await hugePicture(), /“huge.png”: It is 20000 × 20000 pixels \(400 megapixels\)/],
  ];
  for (const [name, buffer, says] of wrong) {
    await givePicture(page, name, buffer);
    await expect(page.getByRole('alert').getByText(says)).toBeVisible();
    await page.getByRole('alert').getByRole('button', { name: 'Close' }).click();
    await expect(page.getByText('1200 × 520 px')).toBeVisible();
  }
});

test('dye on navy is seen as dark as it will be; a paper that covers as bright', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Tee, cotton, navy');
  await goTo(page, 'Art');
  const yellow = { width: 900, height: 900, channels: 3, background: '#ffe040' } as const;
  await givePicture(page, 'sun.png', await sharp({ create: yellow }).png().toBuffer());
  const placed = page.getByRole('button', { name: /^Picture sun.png/ });
  const turned = page.getByRole('img', { name: 'The finished thing' });
  /** Brightest red of what is shown a little off its middle, where no line is. */
  const red = async (what: typeof placed): Promise<number> => {
    const { data, info } = await sharp(await what.screenshot())
      .raw()
      .toBuffer({ resolveWithObject: true });
    const at = (x: number, y: number) =>
      Math.round(y * info.height) * info.width + Math.round(x * info.width);
    return data[at(0.45, 0.45) * info.channels] as number;
  };
  await expect.poll(() => red(placed)).toBeLessThan(60);
  await checks(page)
    .getByRole('button', { name: 'Use transfer paper for dark fabric' })
    .first()
    .click();
  await expect.poll(() => red(placed)).toBeGreaterThan(240);
  await expect.poll(() => red(turned)).toBeGreaterThan(150);
});

test('a turned JPEG stands upright on the stage and in the PDF; a see-through PNG lets the paper show', async ({
  page,
}) => {
  await startMug(page);
  await goTo(page, 'Art');
  await givePicture(page, 'turned.jpg', await jpegPicture(520, 1200, 6), 'image/jpeg');
  await expect(page.getByText('1200 × 520 px')).toBeVisible();
  const shape = await page
    .locator('svg image')
    .first()
    .evaluate(async (image: SVGImageElement) => {
      const picture = new Image();
      picture.src = image.href.baseVal;
      await picture.decode();
      return [picture.naturalWidth, picture.naturalHeight];
    });
  expect(shape).toEqual([1200, 520]);

  const clear = await clearPngPicture(1200, 520);
  await page
    .getByLabel('Other picture file')
    .setInputFiles({ name: 'clear.png', mimeType: 'image/png', buffer: clear });
  await expect(page.getByText('50 % see-through')).toBeVisible();
  await page.getByRole('button', { name: 'Exact' }).click();
  await page.getByRole('textbox', { name: 'Width' }).fill('4 in');
  await saved(page);
  await goTo(page, 'Sheets');
  const { path } = await downloaded(page, 'Save the PDF');
  execFileSync('pdftoppm', ['-r', '300', '-png', '-singlefile', path, path]);
  const page300 = sharp(readFileSync(`${path}.png`)).removeAlpha();
  // the art lies in the middle of the piece; mirrored back, its left half is half see-through
  const { width = 0 } = await page300.metadata();
  const wanted = rawPicture(1200, 520, 4);
  const rendered = await page300.flop().raw().toBuffer();
  const corner = findCorner(rendered, width, HALF_CLEAR_MARK);
  const at = (x: number, y: number) => rendered[((corner.y + y) * width + corner.x + x) * 3] ?? 0;
  const source = (x: number, y: number) => wanted[(y * 1200 + x) * 4] ?? 0;
  for (const y of [300, 400, 500]) {
    expect(Math.abs(at(900, y) - source(900, y))).toBeLessThan(6);
    expect(Math.abs(at(500, y) - (source(500, y) * 128 + 255 * 127) / 255)).toBeLessThan(6);
  }
});

test('taking a picture in can be stopped', async ({ page }) => {
  await startMug(page);
  await goTo(page, 'Art');
  // every pixel of a PNG is decoded: there is time to stop it
  const large = await sharp({
    create: { width: 9000, height: 6500, channels: 3, background: '#a52' },
  })
    .png()
    .toBuffer();
  await givePicture(page, 'large.png', large, 'image/png');
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('Drop or paste a picture here')).toBeVisible();
  await givePicture(page, 'large.png', large, 'image/png');
  await expect(page.getByText('9000 × 6500 px')).toBeVisible();
});

test('a WebP is taken in and printed', async ({ page }) => {
  await startMug(page);
  await goTo(page, 'Art');
  const webp = await sharp(await pngPicture(1000, 430))
    .webp()
    .toBuffer();
  await givePicture(page, 'sky.webp', webp, 'image/webp');
  await expect(page.getByText('1000 × 430 px')).toBeVisible();
  await goTo(page, 'Sheets');
  const { path } = await downloaded(page, 'Save the PDF');
  expect(execFileSync('pdfimages', ['-list', path]).toString()).toMatch(/1000\s+430\s+rgb/);
});
