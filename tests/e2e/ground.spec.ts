/** One ready-made sheet for two coasters: what is cut out of it, and what is left. */
import { discPicture } from '../support/pictures';
import { choose, expect, field, givePicture, goTo, startOn, test } from './bench';

test('what is cut out goes on one coaster, what is left on the other: one sheet, one cut', async ({
  page,
}) => {
  await page.goto('/own');
  await startOn(page, 'Round coaster, 4 in');
  await goTo(page, 'Heat');
  await choose(page, 'Kind of transfer', 'Infusible-ink sheet');
  await goTo(page, 'Art');
  await givePicture(page, 'moon.png', await discPicture(900));
  await expect(page.getByText('900 × 900 px')).toBeVisible();
  await page.getByRole('button', { name: 'Exact' }).click();
  await field(page, 'Width').fill('2 in');
  await field(page, 'Width').blur();
  await page.getByRole('button', { name: /^Paper and cut/ }).click();
  await page.getByRole('button', { name: 'Along the art', exact: true }).click();
  await page.getByRole('button', { name: /^Make several/ }).click();
  const table = page.getByRole('dialog');
  await table.getByRole('button', { name: 'One more row' }).click();
  await table.getByRole('combobox', { name: 'Of the sheet, 2' }).click();
  await page.getByRole('option', { name: 'What is left' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText('2 things in 2 rows.')).toBeVisible();
  await goTo(page, 'Sheets');
  const tape = page.getByRole('navigation', { name: 'Stations' });
  await expect(tape.getByRole('link', { name: /^Sheets\s*1 sheet$/ })).toBeVisible();
  await expect(page.getByText(/12 × 12 in, to be cut only/)).toBeVisible();
  await goTo(page, 'Art');
  await page.getByRole('button', { name: 'The next row' }).click();
  await page.getByRole('button', { name: /^Paper and cut/ }).click();
  await expect(page.getByText(/The sheet is kept, its art falls out/)).toBeVisible();
  if (process.env.SHOT) {
    await page.waitForTimeout(2500);
    await page.screenshot({ path: `${process.env.SHOT}-art.png` });
  }
});
