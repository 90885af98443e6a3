/** One design, several things: a table of rows with pictures, names, blanks and copies of their own. */
import { pngPicture } from '../support/pictures';
import { PDFDocument } from '@cantoo/pdf-lib';
import { downloaded, expect, field, goTo, saved, startMug, startOn, test } from './bench';

const NAMES = ['fern', 'moss', 'heather', 'birch'];
const files = async () =>
  Promise.all(
    NAMES.map(async (name, i) => ({
      name: `${name}.png`,
      mimeType: 'image/png',
      buffer: await pngPicture(1400 + 20 * i, 900),
    })),
  );

test('four mugs, four pictures: dropped at once, each its own row, print and outcome', async ({
  page,
}) => {
  await startMug(page);
  await goTo(page, 'Art');
  await page.getByLabel('Picture file', { exact: true }).setInputFiles(await files());
  await page.getByRole('button', { name: 'A thing for each' }).click();
  await expect(page.getByText('4 things in 4 rows.')).toBeVisible();

  // the stage shows the row that is chosen, and what is swapped there is that row's alone
  await expect(page.getByText('1400 × 900 px')).toBeVisible();
  await page.getByRole('button', { name: 'The next row' }).click();
  await expect(page.getByText('1420 × 900 px')).toBeVisible();
  await page.getByLabel('Other picture file').setInputFiles({
    ...{ name: 'lichen.png', mimeType: 'image/png' },
    buffer: await pngPicture(1500, 900),
  });
  await expect(page.getByText('1500 × 900 px')).toBeVisible();
  await page.getByRole('button', { name: 'The next row' }).click();
  await expect(page.getByText('1440 × 900 px')).toBeVisible();

  // made smaller on one, it is smaller on all
  await field(page, 'Width').fill('3 in');
  await page.getByRole('button', { name: 'The row before' }).click();
  await expect(field(page, 'Width')).toHaveValue('3 in');

  await goTo(page, 'Sheets');
  await expect(page.getByText('4 things in 4 rows.')).toBeVisible();
  await expect(page.getByText('Sheet 1 of 2: 2 pieces')).toBeVisible();
  const { bytes } = await downloaded(page, 'Save the PDF');
  expect((await PDFDocument.load(bytes)).getPageCount()).toBe(2);

  await page.reload();
  await expect(page.getByText('Sheet 1 of 2: 2 pieces')).toBeVisible();
  await goTo(page, 'Record');
  await page.getByRole('button', { name: /^Some came out otherwise/ }).click();
  for (const name of ['fern', 'moss', 'heather', 'birch'])
    await expect(page.getByRole('combobox', { name: `How ${name} came out` })).toBeVisible();
});

test('the table: names pasted, a colour, copies, one row less; undone step by step', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Tee, polyester');
  await goTo(page, 'Art');
  await page.getByLabel('Picture file', { exact: true }).setInputFiles({
    ...{ name: 'badge.png', mimeType: 'image/png' },
    buffer: await pngPicture(1500, 1500),
  });
  await expect(page.getByText('1500 × 1500 px')).toBeVisible();
  await page.getByRole('button', { name: /^Make several/ }).click();
  const table = page.getByRole('dialog');
  await table.getByRole('button', { name: 'Names, a row for each' }).click();
  await table.getByRole('textbox', { name: 'Names, one a line' }).fill('Ada\nBen\nZoë');
  await table.getByRole('button', { name: 'A row for each name' }).click();
  await expect(table.getByText('3 things in 3 rows')).toBeVisible();

  const ben = table.getByRole('group', { name: 'Ben' });
  await ben.getByRole('textbox', { name: 'Copies' }).fill('4');
  await ben.getByRole('combobox', { name: 'Colour' }).click();
  await page.getByRole('option', { name: 'navy' }).click();
  await expect(table.getByText('6 things in 3 rows')).toBeVisible();
  await table.getByRole('button', { name: 'Take Ada off' }).click();
  await table.getByRole('button', { name: 'Done' }).click();
  // dye on one dark tee among pale ones spoils it
  await expect(
    page.getByRole('region', { name: 'Checks' }).getByText(/transparent: on navy/),
  ).toBeVisible();
  await expect(page.getByText('5 things in 2 rows.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('6 things in 3 rows.')).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByText('6 things in 3 rows.')).toBeVisible();
});

test('the list comes again with a guest more and how many of each: who was on it keeps their tee', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Tee, polyester');
  await goTo(page, 'Art');
  await page.getByRole('button', { name: /^Make several/ }).click();
  const table = page.getByRole('dialog');
  const list = async (text: string) => {
    await table.getByRole('button', { name: 'Names, a row for each' }).click();
    await table.getByRole('textbox', { name: 'Names, one a line' }).fill(text);
    await table.getByRole('button', { name: 'A row for each name' }).click();
  };
  await list('Ada\nBen');
  const ben = table.getByRole('group', { name: 'Ben' });
  await ben.getByRole('combobox', { name: 'Colour' }).click();
  await page.getByRole('option', { name: 'navy' }).click();
  await list('Name\tCopies\tSize\nCleo\t2\tXXL\nBen\t4\nAda');
  await expect(page.getByText(/copies from “Copies”, 7 in all; sizes from “Size”/)).toBeVisible();
  await expect(table.getByText('7 things in 3 rows')).toBeVisible();
  const cleo = table.getByRole('group', { name: /^Cleo/ });
  await expect(cleo.getByRole('combobox', { name: 'Size' })).toHaveText('2XL');
  await expect(cleo.getByRole('textbox', { name: /^Across/ })).toHaveValue(/^26/);
  await expect(ben.getByRole('combobox', { name: 'Colour' })).toHaveText('navy');
  await expect(ben.getByRole('textbox', { name: 'Copies' })).toHaveValue('4');

  await list('Cleo\nDora\nAda');
  await expect(page.getByText('“Dora” takes the row of “Ben” (navy).')).toBeVisible();
  const colour = table
    .getByRole('group', { name: 'Dora' })
    .getByRole('combobox', { name: 'Colour' });
  await expect(colour).toHaveText('navy');
  // taken back, the list left Ben his row: nothing of it is started anew
  await table.getByRole('button', { name: 'Done' }).click();
  await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: 'Start anew' }).click();
  await page.getByRole('button', { name: 'Open the table' }).click();
  await expect(ben.getByRole('combobox', { name: 'Colour' })).toHaveText('navy');

  await list('Cleo\nDora\nAda');
  await page.getByRole('button', { name: 'Start anew' }).click();
  await expect(colour).toHaveText('white');
});

test('who is renamed in the table is lettered anew', async ({ page }) => {
  await page.goto('/own');
  await startOn(page, 'Round coaster, 4 in');
  await goTo(page, 'Art');
  await page.getByRole('button', { name: /^Lettering and names/ }).click();
  await field(page, 'Words').fill('For {name}');
  await field(page, 'Names, one a line').fill('Ada\nBen');
  await page.getByRole('button', { name: 'Add as a new line' }).click();
  await expect(page.getByText('2 things in 2 rows.')).toBeVisible();
  await page.getByRole('button', { name: 'Open the table' }).click();
  const table = page.getByRole('dialog');
  const second = table.getByRole('textbox', { name: 'Name' }).nth(1);
  // no letters that ship have it: a box would be pressed, or another font
  await second.fill('月');
  await second.press('Tab');
  await expect(table.getByRole('alert').filter({ hasText: 'has no “月”' })).toBeVisible();
  await second.fill('Bartholomew');
  await second.press('Tab');
  await expect(table.getByRole('alert')).toHaveCount(0);
  await table.getByRole('button', { name: 'Done' }).click();
  await page.getByRole('button', { name: 'The next row' }).click();
  await expect(page.getByText('For Bartholomew', { exact: true }).first()).toBeVisible();
});
