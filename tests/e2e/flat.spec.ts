import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { PDFDocument } from '@cantoo/pdf-lib';
import sharp, { type Sharp } from 'sharp';
import { pngPicture } from '../support/pictures';
import { downloaded, expect, givePicture, goTo, saved, startOn, test } from './bench';

/** The label at the foot is left out: each draws it with a letter of its own. */
const ABOVE_LABEL = 0.7;

/** Share of a page's pixels that a PNG draws otherwise than Poppler draws the PDF, both at 100 dots an inch. */
async function differing(pdf: Buffer, png: Buffer): Promise<number> {
  const folder = mkdtempSync(join(tmpdir(), 'sheet-'));
  writeFileSync(join(folder, 'page.pdf'), pdf);
  execFileSync('pdftoppm', ['-r', '100', '-png', '-singlefile', 'page.pdf', 'page'], {
    cwd: folder,
  });
  const drawn = sharp(join(folder, 'page.png'));
  const { width, height } = await drawn.metadata();
  const grey = (image: Sharp) =>
    image
      .resize(width, height, { fit: 'fill' })
      .extract({ left: 0, top: 0, width, height: Math.round(ABOVE_LABEL * height) })
      .blur(1)
      .greyscale()
      .raw()
      .toBuffer();
  const [one, other] = [await grey(drawn), await grey(sharp(png))];
  let off = 0;
  for (let i = 0; i < one.length; i++) if (Math.abs((one[i] ?? 0) - (other[i] ?? 0)) > 64) off++;
  return off / one.length;
}

test('a two-sided disc from blank to press plan: both faces on one strip, folded', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Round medallion, 3 in, two-sided');
  await page.getByRole('textbox', { name: 'Diameter, measured' }).fill('2 15/16');
  await expect(page.getByText('Sold as 3 × 3 in; yours differs by 1/16 in')).toBeVisible();

  await goTo(page, 'Art');
  await givePicture(page, 'front.png', await pngPicture(900, 900));
  await page.getByRole('button', { name: 'Cover', exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'Width' })).toHaveValue('3.14 in');
  await page.getByRole('tab', { name: 'Back' }).click();
  await givePicture(page, 'back.png', await pngPicture(800, 800));
  await page.getByRole('button', { name: 'Cover', exact: true }).click();
  await page.getByRole('button', { name: 'One strip to fold' }).click();
  await expect(page.getByText(/Front and back are printed apart/)).toHaveCount(0);
  await page.getByRole('button', { name: 'As printed' }).click();
  await expect(page.getByText('mirrored', { exact: true })).toBeVisible();
  await saved(page);
  await page.reload();

  await goTo(page, 'Sheets');
  const { bytes } = await downloaded(page, 'Save the PDF');
  expect((await PDFDocument.load(bytes)).getPageCount()).toBe(1);
  const { bytes: png } = await downloaded(page, 'Save the shown sheet as PNG, 300 ppi');
  expect(await differing(bytes, png)).toBeLessThan(0.0005);
  await page.getByRole('button', { name: /^Jigs in true size/ }).click();
  const jig = await downloaded(page, 'Fold jig as SVG');
  expect(jig.bytes.toString()).toMatch(/<g id="fold"/);
  const nest = await downloaded(page, 'Nest for the blank as PDF');
  expect((await PDFDocument.load(nest.bytes)).getPageCount()).toBe(1);
  await page.getByRole('button', { name: /^For cutting and pen/ }).click();
  const pen = await downloaded(page, 'Pen work as SVG');
  expect(pen.bytes.toString()).toMatch(/<g id="draw".*<g id="cut"/);

  await goTo(page, 'Heat');
  const card = page.getByRole('group', { name: 'Press card' });
  await expect(card).toContainText('360 °F · 4 min 10 s · light');
  await expect(card).toContainText('firm pressure cracks it');
});

test('a tee in its sizes: hung below the neckline, each size with its own width', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Tee, polyester');
  await goTo(page, 'Art');
  await givePicture(page, 'badge.png', await pngPicture(1500, 1500));
  const drop = page.getByRole('textbox', { name: 'Drop below the neckline' });
  await expect(drop).toHaveValue('3 in');
  await drop.fill('2 1/2');
  await expect(page.getByRole('textbox', { name: 'From the shoulder' })).toHaveValue('6 in');
  await page.getByRole('textbox', { name: 'Width' }).fill('6 in');
  await page.getByRole('button', { name: /^Make several/ }).click();
  const table = page.getByRole('dialog');
  for (const [at, size, share] of [
    [1, 'S', 'art at 90 %'],
    [2, 'L', 'art at 110 %'],
  ] as const) {
    await table.getByRole('button', { name: 'One more row' }).click();
    await table.getByRole('combobox', { name: 'Size' }).nth(at).click();
    await page.getByRole('option', { name: size, exact: true }).click();
    await expect(table.getByText(share)).toBeVisible();
  }
  await table.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByText('3 things in 3 rows.')).toBeVisible();
  await goTo(page, 'Sheets');
  await expect(page.getByText('Sheet 1 of 3: Front · M')).toBeVisible();
  await page.getByRole('button', { name: 'Sheet after' }).click();
  await expect(page.getByText('Sheet 2 of 3: Front · S')).toBeVisible();
  await page.goBack();
  await expect(page.getByText('3 things in 3 rows.')).toBeVisible();
  // cotton does not hold dye
  await goTo(page, 'Blank');
  await page.getByRole('combobox', { name: 'Material' }).click();
  await page.getByRole('option', { name: 'cotton' }).click();
  await expect(page.getByText(/Pure cotton does not hold dye/)).toBeVisible();
});

test('a motif repeated over a panel is dragged onto the middle and counted', async ({ page }) => {
  await page.goto('/own');
  await startOn(page, 'Mouse mat');
  await goTo(page, 'Art');
  await givePicture(page, 'motif.png', await pngPicture(400, 400));
  await page.getByRole('textbox', { name: 'Width' }).fill('1 in');
  const motif = page.getByRole('button', { name: /Picture motif.png/ });
  const box = await motif.locator('rect').boundingBox();
  if (!box) throw new Error('no motif on the stage');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 120, y + 60, { steps: 6 });
  await page.mouse.move(x + 4, y + 3, { steps: 6 });
  await page.mouse.up();
  // 4 pixels off the middle it snaps back onto it
  await expect(page.getByRole('textbox', { name: 'From the left edge' })).toHaveValue('4 1/8 in');
  await page.getByRole('button', { name: /^Repeat/ }).click();
  await page.getByRole('button', { name: 'Brick' }).click();
  await page.getByRole('textbox', { name: 'How many across' }).fill('5');
  await page.getByRole('textbox', { name: 'How many rows' }).fill('4');
  await page.getByRole('button', { name: 'Whole ones only' }).click();
  await expect(page.getByText(/whole and 0 cut on the face/)).toBeVisible();
  await page.getByRole('textbox', { name: 'How many rows' }).fill('0');
  await expect(page.getByText('A whole number from 1 to 60.')).toBeVisible();
});

test('a button under the finger stays there until it is lifted, whatever comes meanwhile', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Round medallion, 3 in, two-sided');
  await goTo(page, 'Art');
  // the second before the first is there: it waits its turn, each on the face that was shown
  await givePicture(page, 'front.png', await pngPicture(900, 900));
  await page.getByRole('tab', { name: 'Back' }).click();
  await givePicture(page, 'back.png', await pngPicture(800, 800));
  const fold = page.getByRole('button', { name: 'One strip to fold' });
  const top = async () => (await fold.boundingBox())?.y;
  const before = await top();
  // covered, the picture needs no way out of its own, and what stood below it moves up
  await page.getByRole('button', { name: 'Cover', exact: true }).click();
  await expect.poll(top).not.toBe(before);
  const above = await top();
  await fold.hover();
  await page.mouse.down();
  await page.keyboard.press('Control+z');
  await page.waitForTimeout(300);
  expect(await top()).toBe(above);
  await page.mouse.up();
  await expect(page.getByText(/Front and back are printed apart/)).toHaveCount(0);
});
