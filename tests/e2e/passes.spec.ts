import { PDFDocument } from '@cantoo/pdf-lib';
import { discPicture, pngPicture } from '../support/pictures';
import { downloaded, expect, givePicture, goTo, saved, startOn, test } from './bench';

test('a tee with dye and, over it, vinyl of its own art, cut and place', async ({ page }) => {
  await page.goto('/own');
  await startOn(page, 'Tee, polyester');
  await goTo(page, 'Art');
  await givePicture(page, 'sky.png', await pngPicture(2400, 1200));
  await page.getByRole('textbox', { name: 'Width' }).fill('8 in');
  await page.getByRole('textbox', { name: 'Width' }).press('Enter');

  await page.getByRole('button', { name: 'Another transfer on it' }).click();
  await page.getByRole('menuitem', { name: 'Heat-transfer vinyl' }).click();
  const worked = page.getByRole('group', { name: 'Transfer worked on, in the order of pressing' });
  await expect(worked.getByRole('button')).toHaveText([
    '1. Sublimation print',
    '2. Heat-transfer vinyl',
  ]);
  await expect(page.getByText(/No picture of its own yet/)).toBeVisible();
  await givePicture(page, 'moon.png', await discPicture(800));
  await page.getByRole('textbox', { name: 'Width' }).fill('4 in');
  await page.getByRole('button', { name: /^Paper and cut/ }).click();
  await expect(page.getByText(/10\.0\d in to cut, 1 piece to weed/)).toBeVisible();
  await expect(page.getByText(/No picture of its own yet/)).toHaveCount(0);
  // the vinyl stands there inked and, faint, beyond its edge; the dye below it, until it is hidden
  await expect(page.locator('svg image')).toHaveCount(3);
  await page.getByRole('switch', { name: 'With the sublimation print' }).click();
  await expect(page.locator('svg image')).toHaveCount(2);
  await saved(page);
  await page.reload();

  // two things are printed or cut, each with its own file
  await goTo(page, 'Sheets');
  const stations = page.getByRole('navigation', { name: 'Stations' });
  await expect(stations.getByRole('link', { name: 'Sheets 2 sheets' })).toBeVisible();
  const { bytes } = await downloaded(page, 'Save the PDF');
  expect((await PDFDocument.load(bytes)).getPageCount()).toBe(1);
  await worked.getByRole('button', { name: '2. Heat-transfer vinyl' }).click();
  await page.getByRole('button', { name: /^For cutting and pen/ }).click();
  const cut = await downloaded(page, 'Cut line of the print as SVG');
  expect(cut.bytes.toString()).toMatch(/width="81\.\d+mm"/);

  await goTo(page, 'Heat');
  const card = page.getByRole('group', { name: 'Press card' });
  await expect(card).toContainText('305 °F · 15 s · medium');
  await worked.getByRole('button', { name: '1. Sublimation print' }).click();
  await expect(card).toContainText('400 °F · 60 s · medium');
  await expect(card).toContainText('Heat-transfer vinyl: press');

  // taken off by mistake, and back by undo with its picture
  await goTo(page, 'Art');
  await worked.getByRole('button', { name: '2. Heat-transfer vinyl' }).click();
  await page.getByRole('button', { name: 'Take this transfer off' }).click();
  await expect(worked).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await worked.getByRole('button', { name: '2. Heat-transfer vinyl' }).click();
  await expect(page.getByText('moon.png', { exact: true })).toBeVisible();
});
