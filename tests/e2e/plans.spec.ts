import type { Page } from '@playwright/test';
import {
  checks,
  choose,
  downloaded,
  expect,
  field,
  givePicture,
  goTo,
  startOn,
  test,
} from './bench';
import { pngPicture } from '@tests/support/pictures';

const card = (page: Page) => page.getByRole('group', { name: 'Press card' });

async function withPicture(page: Page, blank: string, width = 1200, height = 1200): Promise<void> {
  await page.goto('/own');
  await startOn(page, blank);
  await goTo(page, 'Art');
  await givePicture(page, 'star.png', await pngPicture(width, height));
  await expect(page.getByText(`${width} × ${height} px`)).toBeVisible();
}

test('a 24 × 36 in panel with a 10 × 10 in hand press: twelve placements, in either order', async ({
  page,
}) => {
  await withPicture(page, 'Fabric wall panel, 24 × 36 in', 1600, 2400);
  await page.getByRole('button', { name: 'Cover', exact: true }).click();
  await goTo(page, 'Heat');
  await expect(card(page)).toContainText('380 °F · 60 s · light');
  await expect(card(page)).toContainText('Press sections 1 to 12 of 12');
  await page.getByRole('button', { name: 'Plate on the blank' }).click();
  const stage = page.getByRole('group', { name: /^Placements of the plate on/ });
  await expect(stage).toContainText('12');
  await expect(page.getByText(/12 placements of 10 × 10 in/)).toBeVisible();
  await page.getByRole('button', { name: 'Corners first' }).click();
  await expect(page.getByRole('button', { name: 'Corners first' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );

  // a cooler border makes the plate smaller, and is kept for the machine
  await page.getByRole('button', { name: /What it can do/ }).click();
  await field(page, 'Cooler border all round').fill('1 in');
  await expect(page.getByText(/15 placements of 8 × 8 in/)).toBeVisible();
  await field(page, 'Plate less display, °F').fill('-5');
  await expect(page.getByText(/Set it to 385 °F/)).toContainText('5 °F cooler than it shows');
  await page.reload();
  await expect(page.getByText(/Set it to 385 °F/)).toBeVisible();

  await page.getByRole('button', { name: 'Press card' }).click();
  const pdf = await downloaded(page, 'Save as PDF');
  expect(pdf.bytes.subarray(0, 5).toString()).toBe('%PDF-');
});

test('a two-sided thin medallion on a press whose timer ends at 75 s', async ({ page }) => {
  await withPicture(page, 'Round medallion, 3 in, two-sided');
  await goTo(page, 'Heat');
  await choose(page, 'Heat source', 'Clamshell press');
  await page.getByRole('button', { name: /What it can do/ }).click();
  await field(page, 'Longest its timer runs').fill('75 s');
  await expect(card(page)).toContainText('Timer: 75 + 75 + 75 + 25 s without opening.');
  await expect(card(page)).toContainText('Press, timer 4 of 4');
  await expect(checks(page).getByText(/run it 75 \+ 75 \+ 75 \+ 25 s/)).toBeVisible();
  await choose(page, 'Pressure', 'firm');
  await expect(checks(page).getByText(/crack under firm pressure/)).toBeVisible();
  await checks(page).getByRole('button', { name: 'Press lightly' }).click();
  await expect(checks(page).getByText(/crack under/)).toHaveCount(0);
});

test('a dark cotton tee by three ways, weighed side by side and taken', async ({ page }) => {
  await withPicture(page, 'Tee, cotton, navy');
  await goTo(page, 'Heat');
  await expect(checks(page).getByText(/Pure cotton does not hold dye/)).toBeVisible();
  await page.getByRole('button', { name: 'Weigh the ways side by side' }).click();
  const ways = page.getByRole('table', { name: 'Ways side by side' });
  for (const way of [
    'Transfer paper for dark fabric',
    'Heat-transfer vinyl',
    'White dye-receptive film and print',
  ])
    await expect(ways.getByRole('button', { name: `Take ${way}` })).toBeVisible();
  await expect(ways).toContainText('329 °F · 25 s · firm');
  await ways.getByRole('button', { name: 'Take White dye-receptive film and print' }).click();
  await page.getByRole('button', { name: 'Close' }).click();
  await expect(card(page)).toContainText('390 °F · 50 s · medium');
  await expect(card(page)).toContainText('Press the film on');
  await expect(checks(page).getByText(/Pure cotton/)).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(checks(page).getByText(/Pure cotton/)).toBeVisible();
});

test('a batch of steel tumblers in an oven, by what their maker’s sheet says', async ({ page }) => {
  await withPicture(page, 'Steel tumbler, 20 oz', 2400, 1200);
  await goTo(page, 'Sheets');
  await page.getByRole('textbox', { name: 'Copies of the whole job' }).fill('6');
  await goTo(page, 'Heat');
  await choose(page, 'Heat source', 'Convection oven');
  await expect(card(page)).toContainText('370 °F · 5 min');
  await expect(card(page)).toContainText('6 to make: as many at once as stand free');
  await expect(card(page)).toContainText('a sleeve that touches metal melts');
  await expect(card(page)).toContainText(/Cut the sleeve .* long/);
  await page.getByRole('button', { name: 'Read a maker’s instructions' }).click();
  const dialog = page.getByRole('dialog');
  await dialog
    .getByRole('textbox')
    .fill('Do not mirror. Bake at 360 °F for 6 minutes. Let it cool for 10 minutes.');
  await expect(dialog.getByText('The packet says 360 °F; the plan says 370 °F.')).toBeVisible();
  await expect(
    dialog.getByText('The packet says not mirrored; the plan says mirrored.'),
  ).toBeVisible();
  // half read, it outlasts a reload
  await dialog.getByRole('checkbox', { name: /10 min/ }).uncheck();
  await page.reload();
  await page.getByRole('button', { name: 'Read a maker’s instructions' }).click();
  await expect(dialog.getByRole('checkbox', { name: /10 min/ })).not.toBeChecked();
  await expect(dialog.getByText('The packet says 360 °F; the plan says 370 °F.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Only for this blank' }).click();
  await expect(card(page)).toContainText('360 °F · 6 min');
  await expect(card(page)).toContainText("Figures: maker's sheet");
  const beside = page.getByRole('list', { name: 'Figures side by side' });
  await expect(beside.getByRole('listitem')).toHaveCount(2);
  await expect(beside).toContainText('370 °F · 5 min');
  await page.getByRole('button', { name: 'Forget them' }).click();
  await expect(card(page)).toContainText('370 °F · 5 min');

  // all of it is kept with the paper, for this machine
  await page.getByRole('button', { name: 'Read a maker’s instructions' }).click();
  await dialog
    .getByRole('textbox')
    .fill('Bake at 365 °F for 7 minutes. Print on the unmarked side. Wash by hand, cold.');
  await dialog.getByRole('button', { name: 'Keep with “US letter”' }).click();
  await expect(card(page)).toContainText('365 °F · 7 min');
  await expect(card(page)).toContainText('Its maker: Wash by hand, cold.');
  await goTo(page, 'Sheets');
  await expect(page.getByText(/My US letter/).first()).toBeVisible();
  await expect(page.getByText(/Print on the unmarked side/).first()).toBeVisible();
});

test('machines are called what their owner calls them, and a second one is told apart', async ({
  page,
}) => {
  await withPicture(page, 'Tee, polyester');
  await goTo(page, 'Heat');
  await choose(page, 'Heat source', 'Swing-away press');
  await page.getByRole('button', { name: /What it can do/ }).click();
  await field(page, 'What you call it').fill('  ');
  await field(page, 'What you call it').press('Tab');
  await expect(field(page, 'What you call it')).toHaveValue('Swing-away press');
  await field(page, 'What you call it').fill('The big one');
  await field(page, 'What you call it').press('Enter');
  await expect(card(page)).toContainText('The big one');
  await page.getByRole('button', { name: 'Add another like it' }).click();
  await expect(page.getByRole('combobox', { name: 'Heat source' })).toHaveText('The big one 2');
  await field(page, 'Plate width').fill('9 in');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('combobox', { name: 'Heat source' })).toHaveText('The big one');
  await expect(field(page, 'Plate width')).toHaveValue('15 in');
  await page.reload();
  await choose(page, 'Heat source', 'The big one 2');
  await page.getByRole('button', { name: /What it can do/ }).click();
  await expect(field(page, 'Plate width')).toHaveValue('9 in');
});
