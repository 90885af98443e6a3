/** Several jobs printed on shared sheets, chosen on the bench. */
import { PDFDocument } from '@cantoo/pdf-lib';
import { pngPicture } from '../support/pictures';
import { downloaded, expect, givePicture, goTo, saved, startOn, test } from './bench';

test('three jobs printed together: fewer sheets, one file, each piece under its job’s name', async ({
  page,
}) => {
  for (const [blank, picture] of [
    ['Round coaster, 4 in', 'moon.png'],
    ['Straight mug, 12 oz', 'comet.png'],
    ['Straight mug, 12 oz', 'chart.png'],
  ] as const) {
    await page.goto('/own');
    await startOn(page, blank);
    await goTo(page, 'Art');
    await givePicture(page, picture, await pngPicture(900, 700));
    await expect(page.getByText('900 × 700 px')).toBeVisible();
    await saved(page);
  }
  await page.goto('/own');
  await page.getByRole('button', { name: 'Print together' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText(/2 sheets instead of 3 for 3 jobs\./)).toBeVisible();
  await expect(dialog.getByRole('img', { name: /Face · Round coaster, 4 in/ })).toBeVisible();
  const { bytes } = await downloaded(page, 'Save the PDF');
  expect((await PDFDocument.load(bytes)).getPageCount()).toBe(2);

  // one left out lies on no sheet
  await dialog.getByRole('checkbox', { name: 'Round coaster, 4 in' }).click();
  await expect(dialog.getByText(/1 sheet instead of 2 for 2 jobs\./)).toBeVisible();
  await expect(dialog.getByRole('img', { name: /Round coaster/ })).toHaveCount(0);
});
