import type { Page } from '@playwright/test';
import { checks, expect, field, saved, startMug, test, turn } from './bench';

const card = (page: Page) => page.getByRole('group', { name: 'Press card' });

async function machine(page: Page, name: string): Promise<void> {
  await page.getByRole('combobox', { name: 'Heat source' }).click();
  await page.getByRole('option', { name }).click();
}

test.beforeEach(async ({ page }) => {
  await startMug(page);
  await page.locator('body').press('4');
  await expect(card(page)).toBeVisible();
});

test('each machine brings its own figures, stack and cautions', async ({ page }) => {
  await expect(card(page)).toContainText('fixed heat · 7 min');
  await expect(page.getByText('fixed by the machine’s own program')).toBeVisible();
  await machine(page, 'Convection oven');
  await expect(card(page)).toContainText('400 °F · 15 min');
  await expect(
    card(page).getByRole('list', { name: 'Layers, from outside in' }).getByRole('listitem'),
  ).toHaveText([/^Oven air/, /^Shrink sleeve/, /^Print: ink face to the cup/, /^Cup/]);
  await expect(card(page)).toContainText('An oven used for dye is not used for food again.');
  await machine(page, 'Press with mug attachment');
  await expect(card(page)).toContainText('400 °F · 3 min · medium');
  await expect(card(page)).toContainText('Figures: from memory');
});

test('own figures are judged, kept, and given up by a button or with the machine', async ({
  page,
}) => {
  await machine(page, 'Press with mug attachment');
  await field(page, 'Temperature').fill('225 °C');
  await expect(checks(page).getByText(/437 °F is wanted; .* reaches 430 °F/)).toBeVisible();
  await expect(checks(page).getByText(/colours brown/)).toBeVisible();
  await field(page, 'Temperature').fill('hot');
  await expect(page.getByText(/“hot” is not a temperature/)).toBeVisible();
  await field(page, 'Temperature').fill('390');
  await field(page, 'Time').fill('3:20');
  await expect(card(page)).toContainText('390 °F · 3 min 20 s · medium');
  await expect(card(page)).toContainText('Figures: your own');
  await saved(page);
  await page.reload();
  await expect(card(page)).toContainText('390 °F · 3 min 20 s · medium');
  await page.getByRole('button', { name: 'Back to the usual figures' }).click();
  await expect(card(page)).toContainText('400 °F · 3 min · medium');
  await field(page, 'Time').fill('60 s');
  await machine(page, 'Convection oven');
  await expect(card(page)).toContainText('400 °F · 15 min');
});

test('both cooling schools are told apart, the cautious one first', async ({ page }) => {
  await expect(page.getByLabel('Cool until fully cold')).toBeChecked();
  await expect(card(page)).toContainText('Leave it 12–15 minutes');
  await turn(page.getByLabel('Cool about 5 minutes, gloves on'), true);
  await expect(card(page)).toContainText('Keep the gloves on: it still burns.');
  await page.keyboard.press('Control+z');
  await expect(page.getByLabel('Cool until fully cold')).toBeChecked();
});

test('a slow click on a list opens it and leaves it open', async ({ page }) => {
  const list = page.getByRole('combobox', { name: 'Heat source' });
  await list.hover();
  await page.mouse.down();
  // longer than a release on the chosen one counts as choosing it
  await page.waitForTimeout(700);
  await page.mouse.up();
  await page.getByRole('option', { name: 'Convection oven' }).click();
  await expect(card(page)).toContainText('400 °F · 15 min');
});
