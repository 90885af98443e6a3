import type { Page } from '@playwright/test';
import { PDFDocument } from '@cantoo/pdf-lib';
import { unzipSync } from 'fflate';
import sharp from 'sharp';
import { jpegPicture, pngPicture } from '../support/pictures';
import { downloaded, expect, givePicture, goTo, startOn, test } from './bench';

const pagesOf = async (bytes: Buffer) => (await PDFDocument.load(bytes)).getPages();

test('a wall panel of 24 × 36 in over letter sheets: seams moved, a part kept whole, all sheets in one PDF', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Fabric wall panel, 24 × 36 in');
  await goTo(page, 'Art');
  await givePicture(page, 'sky.jpg', await jpegPicture(1600, 2400), 'image/jpeg');
  await expect(page.getByText('1600 × 2400 px')).toBeVisible();
  await page.getByRole('button', { name: 'Cover', exact: true }).click();
  await goTo(page, 'Sheets');
  const checks = page.getByRole('region', { name: 'Checks' });
  await expect(checks.getByText(/sheets of US letter, \d × \d, taped together/)).toBeVisible();

  await page.getByRole('button', { name: 'On the table' }).click();
  const seam = page.getByRole('slider', { name: 'Upright seam 1: arrow keys move it' });
  const before = await seam.getAttribute('aria-valuetext');
  await seam.focus();
  await seam.press('ArrowRight');
  // it may stand as far right as its sheets can hold
  if ((await seam.getAttribute('aria-valuetext')) === before) await seam.press('ArrowLeft');
  await expect(seam).not.toHaveAttribute('aria-valuetext', before ?? '');
  await expect(page.getByText(/Set by hand|As good as the best/)).toBeVisible();
  await page.getByRole('button', { name: 'Back to the best places' }).click();
  await expect(seam).toHaveAttribute('aria-valuetext', before ?? '');

  await page.getByRole('button', { name: 'Mark a part no seam may cross' }).click();
  const table = page.getByRole('group', { name: /^The sheets of/ });
  const box = await table.boundingBox();
  if (!box) throw new Error('no table');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x - 20, y - 60);
  await page.mouse.down();
  await page.mouse.move(x + 15, y - 20, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByText(/^Part 1, /)).toBeVisible();
  await page.getByRole('button', { name: 'Let seams cross part 1' }).click();
  await expect(page.getByText(/^Part 1, /)).toHaveCount(0);

  await page.getByRole('button', { name: /^Trim and lay/ }).click();
  await expect(page.getByText(/Lay it down first, printed side up/)).toBeVisible();
  await page.getByRole('textbox', { name: 'Overlap of two sheets' }).fill('0');
  await expect(checks.getByText(/overlap by 0/)).toBeVisible();
  await checks.getByRole('button', { name: 'Overlap by 1/4 in' }).click();

  const sheets = Number(
    (await page.getByRole('link', { name: /^Sheets/ }).textContent())?.match(/(\d+) sheets/)?.[1],
  );
  expect(sheets).toBeGreaterThanOrEqual(12);
  const pdf = await downloaded(page, 'Save the PDF');
  const pages = await pagesOf(pdf.bytes);
  expect(pages).toHaveLength(sheets);
  for (const each of pages)
    expect([each.getWidth(), each.getHeight()].sort((a, b) => a - b)).toEqual([612, 792]);
  // the picture is in it once, not once a sheet
  expect(pdf.bytes.length).toBeLessThan(2_000_000);

  await page.getByRole('button', { name: 'Sheets', exact: true }).click();
  const png = await downloaded(page, 'Save the shown sheet as PNG, 300 ppi');
  const { width, height, density } = await sharp(png.bytes).metadata();
  expect([width, height].sort((a, b) => (a ?? 0) - (b ?? 0))).toEqual([2550, 3300]);
  expect(density).toBe(300);
});

/** Begins to letter a line for each name on a new mug. */
async function beginNames(page: Page, names: readonly string[]): Promise<void> {
  await page.goto('/own');
  await startOn(page, 'Straight mug, 12 oz');
  await goTo(page, 'Art');
  await page.getByRole('button', { name: /^Lettering/ }).click();
  await page.getByRole('textbox', { name: 'Words' }).fill('{name}');
  await page.getByRole('textbox', { name: 'Names, one a line' }).fill(names.join('\n'));
  await page.getByRole('button', { name: 'Add as a new line' }).click();
}

/** Mugs alike but for the name in their lettering, at the Art station. */
async function mugsNamed(page: Page, names: readonly string[]): Promise<void> {
  await beginNames(page, names);
  await expect(page.getByText(`${names.length} names`).first()).toBeVisible();
}

const OBSERVERS = Array.from({ length: 24 }, (_, i) => `Observer ${i + 1}`);

test('names go on being lettered while one looks at another station, or are stopped', async ({
  page,
}) => {
  await beginNames(page, OBSERVERS);
  await goTo(page, 'Blank');
  const told = page.getByRole('banner').getByRole('link', { name: /^Setting/ });
  await expect(told).toHaveText(/^Setting “Observer \d+”, \d+ %$/);
  await page.getByRole('textbox', { name: 'Name of the job' }).fill('Night watch');
  await told.click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByText('Drop or paste a picture here')).toBeVisible();

  await page.getByRole('button', { name: /^Lettering/ }).click();
  await page.getByRole('textbox', { name: 'Words' }).fill('{name}');
  await page.getByRole('textbox', { name: 'Names, one a line' }).fill(OBSERVERS.join('\n'));
  await page.getByRole('button', { name: 'Add as a new line' }).click();
  await goTo(page, 'Sheets');
  await expect(page.getByText('Sheet 1 of 12: ', { exact: false })).toBeVisible();
  await expect(told).toHaveCount(0);
  await page.reload();
  await expect(page.getByText('Sheet 1 of 12: ', { exact: false })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Name of the job' })).toHaveValue('Night watch');
});

test('twenty-four named mugs: one piece a name, printed with progress and stopped at will', async ({
  page,
}) => {
  await mugsNamed(page, OBSERVERS);
  await goTo(page, 'Sheets');
  await expect(page.getByText(/^Sheet 1 of \d+: /)).toBeVisible();

  // the PDF is done before a hand could stop it
  await page.getByRole('button', { name: /^Save all \d+ sheets as PNG/ }).click();
  await page.getByRole('button', { name: 'Stop' }).click();
  await expect(page.getByRole('progressbar')).toHaveCount(0);
  const { bytes } = await downloaded(page, 'Save the PDF');
  const sheets = Number(
    (await page.getByText(/^Sheet 1 of \d+: /).textContent())?.match(/of (\d+)/)?.[1],
  );
  expect(await pagesOf(bytes)).toHaveLength(sheets);
  // two wraps share a letter sheet
  expect(sheets).toBe(12);
});

test('three named mugs: every sheet as PNG in one archive; the trial lays the name that is chosen', async ({
  page,
}) => {
  await mugsNamed(page, ['Vega', 'Deneb', 'Altair']);
  await goTo(page, 'Sheets');
  await expect(page.getByText(/^Sheet 1 of 2: /)).toBeVisible();
  await expect(page.getByText(/smears the edge colours: off/)).toBeVisible();
  const { bytes } = await downloaded(page, 'Save all 2 sheets as PNG, in a ZIP');
  const files = Object.entries(unzipSync(bytes));
  expect(files.map(([name]) => name.slice(0, 2))).toEqual(['1 ', '2 ']);
  for (const [, file] of files) expect((await sharp(file).metadata()).density).toBe(300);

  await page.getByRole('button', { name: 'Try it without paper' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText(/along cut edges only/)).toBeVisible();
  await dialog.getByRole('combobox', { name: 'Piece to lay and press' }).click();
  await page.getByRole('option', { name: /Altair/ }).click();
  await dialog.getByRole('switch', { name: 'Mirror in the print dialog' }).click();
  await dialog.getByRole('button', { name: 'Print and press' }).click();
  await expect(dialog.getByRole('alert').first()).toContainText(/mirror/i);
});

test('copies share a sheet; what is left of it is kept and offered first', async ({ page }) => {
  await page.goto('/own');
  await startOn(page, 'Round coaster, 4 in');
  await goTo(page, 'Art');
  await givePicture(page, 'moon.png', await pngPicture(1300, 1300));
  await expect(page.getByText('1300 × 1300 px')).toBeVisible();
  await goTo(page, 'Sheets');
  const ticks = page.getByRole('navigation', { name: 'Stations' });
  await page.getByRole('textbox', { name: 'Copies of the whole job' }).fill('6');
  await expect(ticks).toContainText(/[23] sheets/);
  await page.getByRole('switch', { name: 'Pieces share sheets' }).click();
  await expect(ticks).toContainText('6 sheets');
  await page.getByRole('textbox', { name: 'Copies of the whole job' }).fill('0');
  await expect(page.getByText('A whole number from 1 to 1000.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Copies of the whole job' }).fill('1');
  await page.getByRole('combobox', { name: 'Paper', exact: true }).click();
  await page.getByRole('option', { name: /^US legal/ }).click();
  await page.getByRole('button', { name: /^Keep the offcut/ }).click();
  const checks = page.getByRole('region', { name: 'Checks' });
  await checks.getByRole('button', { name: 'Use the offcut' }).click();
  await expect(page.getByText(/^Offcut of /).first()).toBeVisible();
  await page.getByRole('button', { name: 'Used up: strike this offcut off' }).click();
  await expect(page.getByText('This offcut is used up.')).toBeVisible();
});

test('a trial without paper shows what wrong driver settings would spoil', async ({ page }) => {
  await page.goto('/own');
  await startOn(page, 'Straight mug, 12 oz');
  await goTo(page, 'Art');
  await givePicture(page, 'comet.png', await pngPicture(1750, 780));
  await expect(page.getByText('1750 × 780 px')).toBeVisible();
  await page.getByRole('button', { name: 'Cover', exact: true }).click();
  await goTo(page, 'Sheets');
  await page.getByRole('button', { name: 'Try it without paper' }).click();
  const trial = page.getByRole('dialog', { name: 'Trial print, without paper' });
  await expect(trial.getByText(/is the picture that was meant/)).toBeVisible();
  const go = trial.getByRole('button', { name: 'Print and press' });
  await trial.getByRole('switch', { name: 'Mirror in the print dialog' }).click();
  await go.click();
  await expect(trial.getByText(/flipped once too often/)).toBeVisible();
  await trial.getByRole('switch', { name: 'Mirror in the print dialog' }).click();
  await trial.getByRole('switch', { name: 'Fit to page' }).click();
  await go.click();
  await expect(trial.getByText(/came out at 9\d\.\d % of its size/)).toBeVisible();
  await expect(trial.getByRole('alert')).toHaveCount(1);
  await trial.getByRole('button', { name: 'Close' }).click();

  await page.getByRole('textbox', { name: 'Across the paper, mm' }).fill('992');
  await expect(page.getByText('From 80 to 120 mm; measure it again.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Along the paper, mm' }).fill('99.2');
  await expect(page.getByRole('textbox', { name: 'Along the paper, mm' })).toHaveValue('99.2');
});
