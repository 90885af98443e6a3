import { execFileSync } from 'node:child_process';
import { pngPicture } from '../support/pictures';
import { downloaded, expect, givePicture, goTo, saved, startMug, test } from './bench';

test('a tapered cup from tape measure to bent print', async ({ page }) => {
  await startMug(page);
  const field = (name: string) => page.getByRole('textbox', { name, exact: true });
  const checks = page.getByRole('region', { name: 'Checks' });

  await test.step('taken for tapered, it starts as the same cup; its girths are measured', async () => {
    await page.getByRole('combobox', { name: 'Form' }).click();
    await page.getByRole('option', { name: 'Tapered cup' }).click();
    await expect(field('At the rim')).toHaveValue('10 1/4 in');
    await expect(page.getByRole('link', { name: /Blank/ })).toContainText('8 3/4 × 3.79 in');
    await field('At the rim').fill('11 1/4');
    await field('At the base').fill('7 3/4');
    await field('Wall height').fill('4 in');
    await page.getByRole('button', { name: 'Straight up' }).click();
    await expect(field('Wall height')).toHaveValue('3.96 in');
    await page.getByRole('button', { name: 'Along the wall' }).click();
    await expect(field('Wall height')).toHaveValue('4 in');
    await expect(checks.getByText(/would stand 0\.8\d in off at the rim/)).toBeVisible();
    await page.getByRole('button', { name: 'Its paper' }).click();
    await expect(page.getByText('Radius at the rim 12.86 in')).toBeVisible();
  });

  await test.step('art lies on the straightened wall and is bent as printed', async () => {
    await goTo(page, 'Art');
    await givePicture(page, 'ridge.png', await pngPicture(1500, 700));
    await expect(page.getByText('1500 × 700 px')).toBeVisible();
    await page.getByRole('button', { name: 'Cover' }).click();
    await page.getByRole('button', { name: 'As printed' }).click();
    await expect(page.getByText('mirrored', { exact: true })).toBeVisible();
    await expect(page.locator('svg image')).toHaveAttribute('href', /^blob:/);
    await saved(page);
    await page.reload();
  });

  await test.step('a straight press is warned of; the oven takes it', async () => {
    await expect(checks.getByText(/needs a tapered element/)).toBeVisible();
    await page.getByRole('button', { name: 'Use “Convection oven”' }).click();
    await expect(checks.getByText(/needs a tapered element/)).toHaveCount(0);
  });

  await test.step('the PDF holds the piece as one image at 300 dots per inch', async () => {
    await goTo(page, 'Sheets');
    const { path } = await downloaded(page, 'Save the PDF');
    const images = execFileSync('pdfimages', ['-list', path]).toString();
    expect(images).toMatch(/image\s+\d+\s+\d+\s+rgb.*\s(29\d|30\d)\s+(29\d|30\d)/);
    expect(images).toMatch(/smask/);
  });
});
